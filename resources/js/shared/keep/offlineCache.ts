import { dehydrate, hydrate, type DehydratedState, type QueryClient } from '@tanstack/react-query'
import { del, get, set } from 'idb-keyval'
import type { Session } from '../session/session'
import { touchedAgo } from '../session/touch'

/** What the bench needs to go on without the server: whose device it is, and what was last read there. */
type Kept = { member: Session; at: number; build: string; state: DehydratedState }

const KEY = 'tinta.offline'
/** Its name changes with every build: what an earlier release has kept, this one may not be able to read. */
const BUILD = import.meta.url
/** A working day. What is older is not shown as if it were so. */
const LONGEST_MS = 14 * 3_600_000
const EVERY_MS = 1_500
const PATIENCE_MS = 1_500
const NEEDED = new Set(['bowl-facts', 'batch', 'visit', 'shelf', 'today'])

const there = typeof indexedDB !== 'undefined'

/** Reads what was kept for this person; what somebody else left here is dropped. */
export async function restoreFor(member: Session, queries: QueryClient): Promise<void> {
  const kept = await read()
  if (kept === null) return
  if (kept.member.id === member.id) hydrate(queries, kept.state)
  else await forgetOffline()
}

/**
 * Who was at this device when the server was last heard. Whoever has been away for longer than the house allows finds
 * it locked, as they would with the server.
 */
export async function memberWithoutServer(queries: QueryClient): Promise<Session | null> {
  const kept = await read()
  if (kept === null) return null
  hydrate(queries, kept.state)
  const ago = touchedAgo()
  return { ...kept.member, locked: kept.member.locked || ago === null || ago > kept.member.idleMinutes * 60 }
}

/** Keeps what is read from now on; the returned function stops it. */
export function keepForOffline(member: Session, queries: QueryClient): () => void {
  if (!there) return () => undefined
  let due: ReturnType<typeof setTimeout> | undefined
  const write = () => {
    due = undefined
    const state = dehydrate(queries, {
      shouldDehydrateMutation: () => false,
      shouldDehydrateQuery: (query) => query.state.status === 'success' && NEEDED.has(String(query.queryKey[0])),
    })
    void set(KEY, { member, at: Date.now(), build: BUILD, state } satisfies Kept).catch(() => undefined)
  }
  const stop = queries.getQueryCache().subscribe((event) => {
    if (event.type === 'updated'
      && event.action.type === 'success'
      && NEEDED.has(String(event.query.queryKey[0]))) due ??= setTimeout(write, EVERY_MS)
  })
  write()
  return () => {
    stop()
    clearTimeout(due)
  }
}

export async function forgetOffline(): Promise<void> {
  if (there) await inTime(del(KEY))
}

/** A browser's store may be busy with itself for as long as it likes; nobody waits for it before the page. */
function inTime<T>(answer: Promise<T>): Promise<T | undefined> {
  return Promise.race([
    answer.catch(() => undefined),
    new Promise<undefined>((give) => { setTimeout(() => { give(undefined) }, PATIENCE_MS) }),
  ])
}

async function read(): Promise<Kept | null> {
  if (!there) return null
  const kept = await inTime(get<Kept>(KEY))
  return kept === undefined || kept.build !== BUILD || Date.now() - kept.at > LONGEST_MS ? null : kept
}
