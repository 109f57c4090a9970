import { useSyncExternalStore } from 'react'
import { startWork } from '../api/busy'
import { exchange, getJson } from '../api/http'
import { newId } from '../api/newId'
import { deviceKeep } from '../keep/keep'
import { Outbox } from './Outbox'
import type { Status } from './world'
import type { Entry } from './entry'

const sentListeners = new Set<(entry: Entry, answer: unknown) => void>()

/** Tells of everything that has reached the server; the returned function stops it. */
export function onSent(listener: (entry: Entry, answer: unknown) => void): () => void {
  sentListeners.add(listener)
  return () => { sentListeners.delete(listener) }
}

/** What waits goes again after this without an answer, with the same id: what was carried out is answered as known. */
const SEND_MS = 20_000

/** This device's one outbox. */
export const outbox = new Outbox({
  keep: deviceKeep,
  send: async (entry, ageMs) => {
    const end = startWork()
    try {
      return await exchange(entry.method, entry.path, entry.body, {
        ms: SEND_MS,
        headers: {
          'X-Write-Id': entry.id,
          'X-Write-Author': String(entry.author.id),
          'X-Write-Age': String(Math.round(ageMs)),
        },
      })
    } finally {
      end()
    }
  },
  sent: (entry, answer) => { for (const listener of sentListeners) listener(entry, answer) },
  renew: () => getJson('session'),
  now: () => Date.now(),
  newId,
  after: (ms, then) => { setTimeout(then, ms) },
})

if (typeof window !== 'undefined') {
  addEventListener('online', () => { outbox.kick() })
  addEventListener('storage', (event) => { if (event.key?.endsWith('.outbox') === true) outbox.reread() })
}

export const useOutbox = (): Status => useSyncExternalStore(outbox.subscribe, outbox.status)

type What = {
  stream: string
  about: string
  at?: string
  pour?: Entry['pour']
  made?: Entry['made']
  reload?: string
}

const isKnown = (answer: unknown): boolean => typeof answer === 'object' && answer !== null && 'already' in answer

/** A write whose answer was lost on its way is told by what stands there now; null where nothing says it. */
async function kept(method: Entry['method'], path: string, body: unknown, { reload, ...what }: What): Promise<unknown> {
  const answer = await outbox.write({ ...what, method, path, body })
  if (!isKnown(answer)) return answer
  return reload === undefined ? null : getJson(reload)
}

export const keptPost = (path: string, body: unknown, what: What) => kept('POST', path, body, what)
export const keptPut = (path: string, body: unknown, what: What) => kept('PUT', path, body, what)
export const keptPatch = (path: string, body: unknown, what: What) => kept('PATCH', path, body, what)
export const keptDelete = (path: string, body: unknown, what: What) => kept('DELETE', path, body, what)
