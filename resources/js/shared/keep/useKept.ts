import { useState } from 'react'
import { deviceKeep } from './keep'

function read(key: string, first: string): string {
  const kept = deviceKeep.read(key)
  return typeof kept === 'string' ? kept : first
}

/**
 * Words that are being typed and not sent yet: they survive a reload, and go when they are sent or the person signs
 * out.
 */
export function useKept(key: string, first = ''): [string, (text: string) => void] {
  const [kept, setKept] = useState(() => ({ key, text: read(key, first) }))
  // Under another key other words stand.
  const text = kept.key === key ? kept.text : read(key, first)
  return [text, (next) => {
    setKept({ key, text: next })
    if (next === '' || next === first) deviceKeep.drop(key)
    else deviceKeep.write(key, next)
  }]
}
