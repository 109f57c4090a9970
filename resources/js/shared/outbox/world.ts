import type { Keep } from '../keep/keep'
import type { Entry } from './entry'

export type Author = { id: number; name: string }

/** What the outbox needs of the world; in tests it is another. */
export interface World {
  keep: Keep
  /** Sends one entry; throws Refused or Unreachable. */
  send(entry: Entry, ageMs: number): Promise<unknown>
  /** Fetches a fresh page token, after the old one ran out. */
  renew(): Promise<unknown>
  /** Told before anybody who waits for the answer. */
  sent(entry: Entry, answer: unknown): void
  now(): number
  newId(): string
  after(ms: number, then: () => void): void
}

export type Status = { entries: readonly Entry[]; waitingFor: 'nothing' | 'connection' | 'sign-in' }

export const KEY = 'outbox'
/** A server that fails on the same thing this often is not waited for: it is shown, and can be sent again. */
export const MOST_FAILURES = 5
export const LONGEST_PAUSE_MS = 15_000
/** Refused within this time, whoever pressed is still looking at the form: it says so itself. */
export const AT_ONCE_MS = 4_000
