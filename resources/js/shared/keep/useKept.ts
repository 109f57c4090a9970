import { useState } from 'react'
import { deviceKeep } from './keep'
import { wordsSince } from './typedSince'

function read(key: string, first: string): string {
  const kept = deviceKeep.read(key)
  return typeof kept === 'string' ? kept : first
}

/**
 * Words that are being typed and not sent yet: they survive a reload, and go when they are sent or the person signs
 * out.
 *
 * @returns the words, what changes them, and what is told once they have arrived: what was typed meanwhile stays
 */
export function useKept(key: string, first = ''): [string, (text: string) => void, (sent: string) => void] {
  const [kept, setKept] = useState(() => ({ key, text: read(key, first) }))
  // Under another key other words stand.
  const text = kept.key === key ? kept.text : read(key, first)
  const set = (next: string) => {
    setKept({ key, text: next })
    if (next === '' || next === first) deviceKeep.drop(key)
    else deviceKeep.write(key, next)
  }
  const arrived = (sent: string) => {
    if (deviceKeep.read(key) === sent) deviceKeep.drop(key)
    setKept((now) => (now.key === key ? { key, text: wordsSince(now.text, sent, first) } : now))
  }
  return [text, set, arrived]
}
