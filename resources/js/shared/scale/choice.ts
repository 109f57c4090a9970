import { useSyncExternalStore } from 'react'
import { deviceKeep } from '../keep/keep'

const KEY = 'scale.choice'
const listeners = new Set<() => void>()

const read = (): string => {
  const kept = deviceKeep.read(KEY)
  return typeof kept === 'string' ? kept : ''
}

/** Which scale this device reads; empty for the first on the wire. It stays through a reload, and is nobody else's. */
export function chooseScale(id: string): void {
  deviceKeep.write(KEY, id)
  for (const listener of listeners) listener()
}

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => { listeners.delete(listener) }
}

export const useScaleChoice = (): string => useSyncExternalStore(subscribe, read)
