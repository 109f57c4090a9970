import type { useBatch } from './useBatch'

export type Weighing = ReturnType<typeof useBatch>

type Typing = { label: string; first: string }

/** What is open over the bench. */
export type Open =
  | { kind: 'typing'; typing: Typing }
  | { kind: 'discarding' | 'adding' | 'again' | 'standing' }
  | { kind: 'until-still' }
  | { kind: 'nothing' }

export const NOTHING: Open = { kind: 'nothing' }
