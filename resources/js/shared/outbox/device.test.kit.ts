import { Refused, Unreachable } from '../api/http'
import type { Entry } from './entry'
import { Outbox } from './Outbox'
import type { World } from './world'

export const ines = { id: 1, name: 'Inês' }
export const noor = { id: 2, name: 'Noor' }

/** A device with its outbox, its clock and a server, all told what to do. */
export function device() {
  const kept = new Map<string, string>()
  const sent: { id: string; path: string; author: number; age: number }[] = []
  const timers: (() => void)[] = []
  const bodies: string[] = []
  const world = {
    time: 1_000_000,
    /** What the server does with each thing sent, by path; nothing said is success. */
    server: new Map<string, (() => unknown)[]>(),
    renewed: 0,
  }
  let ids = 0
  const make = (): Outbox => {
    const outside: World = {
      keep: {
        read: (key) => (kept.has(key) ? (JSON.parse(kept.get(key) ?? '') as unknown) : undefined),
        write: (key, value) => { kept.set(key, JSON.stringify(value)) },
        drop: (key) => { kept.delete(key) },
      },
      send: (entry, age) => {
        bodies.push(`${entry.method} ${entry.path} ${JSON.stringify(entry.body)}`)
        sent.push({ id: entry.id, path: entry.path, author: entry.author.id, age })
        const next = world.server.get(entry.path)?.shift()
        try {
          return Promise.resolve(next === undefined ? { ok: entry.path } : next())
        } catch (error) {
          return Promise.reject(error as Error)
        }
      },
      sent: () => undefined,
      renew: () => { world.renewed++; return Promise.resolve(null) },
      now: () => world.time,
      newId: () => `w${++ids}`,
      after: (_, then) => { timers.push(then) },
    }
    return new Outbox(outside)
  }
  const rest = async () => { for (let i = 0; i < 60; i++) await Promise.resolve() }
  const tick = async () => { for (const then of timers.splice(0)) then(); await rest() }
  /** The page is gone, with all it had in mind. */
  const crash = () => { timers.length = 0 }
  return { world, bodies, sent, make, rest, tick, kept, crash }
}
export const refuse = (status: number) => () => { throw new Refused(status, `No ${status}.`, 'Mend.', [], undefined) }
export const gone = () => { throw new Unreachable() }
export const write = (box: Outbox, path: string, stream = 'a', pour: Entry['pour'] = null) =>
  box.write({ stream, method: 'POST', path, body: { p: path }, about: path, pour })

/** A write that the server counts the versions of. */
export const save = (box: Outbox, method: Entry['method'], path: string, body: object, made: Entry['made']) =>
  box.write({ stream: 'a', method, path, body, about: path, made })
