import { useSyncExternalStore } from 'react'
import { deviceKeep } from '../keep/keep'
import type { ScaleFormat } from './scales'

/** What this page needs of a serial port; the browser's own has more. */
export interface Port {
  open(options: { baudRate: number }): Promise<void>
  close(): Promise<void>
  readonly readable: ReadableStream<Uint8Array> | null
}
interface Ports { requestPort(): Promise<Port>; getPorts(): Promise<Port[]> }

export type Attached = { id: string; name: string; baud: number; format: Pick<ScaleFormat, 'format'>['format'] }
export type SerialState =
  | { kind: 'none' }
  | { kind: 'on' | 'gone'; scale: Attached; last: string }
  | { kind: 'failed'; why: string }

const KEY = 'scale.serial'
/** Lines are sent together at most this often: sooner than a scale sends the next. */
const SEND_MS = 40
/** The bridge forgets a ticket after two minutes and a half. */
const RENEW_MS = 100_000

export const BAUDS = [1200, 2400, 4800, 9600, 19_200, 38_400, 115_200] as const

let state: SerialState = { kind: 'none' }
const listeners = new Set<() => void>()
const lines = new Set<(line: string) => void>()
function tell(next: SerialState): void {
  state = next
  for (const listener of listeners) listener()
}
export const useSerial = (): SerialState => useSyncExternalStore((listener) => {
  listeners.add(listener)
  return () => { listeners.delete(listener) }
}, () => state)

const ports = ():
  | Ports
  | null => (typeof navigator !== 'undefined' && 'serial' in navigator ? (navigator.serial as Ports) : null)
/** Browsers let a page at a cable on this machine's own address and over TLS only. */
export const canSerial = (): boolean => ports() !== null

/** Splits what arrives into lines; what is not whole yet waits. */
export function lineSplitter(onLine: (line: string) => void): (text: string) => void {
  let pending = ''
  return (text) => {
    const pieces = (pending + text).split(/\r\n|\r|\n/)
    // An endless line is no line.
    pending = (pieces.pop() ?? '').slice(-500)
    for (const piece of pieces) if (piece.trim() !== '') onLine(piece)
  }
}

/** Listens to what is sent at the cable, as for learning how it writes; the returned function stops it. */
export function onSerialLine(listener: (line: string) => void): () => void {
  lines.add(listener)
  return () => { lines.delete(listener) }
}

/** The person picks the port; nothing is sent anywhere before it is known how the scale writes. */
export async function pickPort(baud: number): Promise<Port> {
  const port = await ports()?.requestPort()
  if (port === undefined) throw new Error('This browser reaches no scale at a cable.')
  await port.open({ baudRate: baud })
  return port
}

/** Reads the port until it goes, and sends its lines to the bridge, which knows what to think of them. */
export async function attach(port: Port, scale: Attached): Promise<void> {
  deviceKeep.write(KEY, scale)
  tell({ kind: 'on', scale, last: '' })
  const feed = new Feed(scale)
  try {
    await listen(port, (line) => {
      if (state.kind === 'on') tell({ ...state, last: line })
      feed.add(line)
    })
  } finally {
    feed.stop()
    tell({ kind: 'gone', scale, last: '' })
  }
}

/** Reads lines until the port goes. */
export async function listen(port: Port, onLine: (line: string) => void): Promise<void> {
  const decoder = new TextDecoder()
  const split = lineSplitter((line) => {
    onLine(line)
    for (const listener of lines) listener(line)
  })
  const reader = port.readable?.getReader()
  if (reader === undefined) return
  try {
    for (;;) {
      const { value, done } = await reader.read()
      if (done) return
      split(decoder.decode(value, { stream: true }))
    }
  } finally {
    reader.releaseLock()
  }
}

export function forgetSerial(): void {
  deviceKeep.drop(KEY)
  tell({ kind: 'none' })
}

/** After a reload: a port that was allowed once is opened again. */
export async function resumeSerial(): Promise<void> {
  const kept = deviceKeep.read(KEY) as Attached | undefined
  const known = kept === undefined ? [] : await ports()?.getPorts() ?? []
  const [port] = known
  if (kept === undefined || port === undefined) return
  try {
    await port.open({ baudRate: kept.baud })
  } catch {
    tell({ kind: 'gone', scale: kept, last: '' })
    return
  }
  await attach(port, kept)
}

/** Sends lines to the bridge, in order, each batch after the one before it. */
class Feed {
  #waiting: string[] = []
  #ticket = ''
  #renewAt = 0
  #busy = false
  #stopped = false

  constructor(private readonly scale: Attached) {}

  add(line: string): void {
    this.#waiting.push(line)
    // What nobody could take is old by now: a reading is true only when it is made.
    this.#waiting = this.#waiting.slice(-10)
    if (!this.#busy) void this.#run()
  }

  stop(): void {
    this.#stopped = true
  }

  async #run(): Promise<void> {
    this.#busy = true
    while (this.#waiting.length > 0 && !this.#stopped) {
      try {
        if (performance.now() > this.#renewAt) await this.#renew()
        const sent = this.#waiting
        this.#waiting = []
        const answer = await fetch(`/scale/feed?ticket=${this.#ticket}`, {
          method: 'POST',
          body: sent.join('\n'),
          headers: { 'Content-Type': 'text/plain' },
        })
        if (answer.status === 410) this.#renewAt = 0
      } catch {
        // Without the network nobody works the readings; grams are typed meanwhile.
        await new Promise((resolve) => { setTimeout(resolve, 500) })
      }
      await new Promise((resolve) => { setTimeout(resolve, SEND_MS) })
    }
    this.#busy = false
  }

  async #renew(): Promise<void> {
    const { id, name, format } = this.scale
    const answer = await fetch('/scale/attach', {
      method: 'POST',
      credentials: 'same-origin',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ id, name, format }),
    })
    const json: unknown = answer.ok ? await answer.json() : null
    if (typeof json !== 'object'
      || json === null
      || !('ticket' in json)
      || typeof json.ticket !== 'string') throw new Error('The scale could not be attached.')
    this.#ticket = json.ticket
    this.#renewAt = performance.now() + RENEW_MS
  }
}
