import { t } from '@lingui/core/macro'
import * as z from 'zod/mini'
import { touchedAgo } from '../session/touch'
import { hearTime } from '../time/serverTime'
import { startWork } from './busy'
import { firstAnswer, forgetFirst } from './firstAnswers'
import { heldAnswer, hold, letGo } from './heldAnswers'
import { inTime, longest } from './inTime'

const problem = z.object({ pointer: z.string(), message: z.string(), mend: z.string() })
export type Problem = z.infer<typeof problem>

const refusal = z.object({
  message: z._default(z.string(), t`Something went wrong.`),
  mend: z._default(z.string(), ''),
  problems: z._default(z.array(problem), []),
  errors: z.optional(z.record(z.string(), z.array(z.string()))),
  newer: z.optional(z.unknown()),
})

/** An answer of the server that is not the one hoped for, in words a person can use. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly mend: string,
    readonly problems: Problem[],
    readonly newer: unknown,
    /** Seconds the server asks to wait; 0 where it does not. */
    readonly wait = 0,
  ) {
    super(message)
  }
}

/** The server could not be reached: nothing is known about what it did. */
export class Unreachable extends Error {
  constructor() {
    super(t`The server cannot be reached.`)
  }
}

type Door = 'signed-out' | 'locked'
const doors = new Set<(door: Door) => void>()

/**
 * Tells when the server says that nobody is signed in any more, or that the device is locked; the returned function
 * stops it.
 */
export function onDoor(listener: (door: Door) => void): () => void {
  doors.add(listener)
  return () => { doors.delete(listener) }
}

let sayAgain: (() => Promise<boolean>) | null = null

/** Who asks for the password once more where the server wants it: true when it was said, and what was asked goes on. */
export function onSayAgain(ask: () => Promise<boolean>): () => void {
  sayAgain = ask
  return () => { sayAgain = null }
}

function token(): string {
  const cookie = document.cookie.split('; ').find((each) => each.startsWith('XSRF-TOKEN='))
  return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length))
}

async function ask(method: string, path: string, body: unknown, signal?: AbortSignal): Promise<unknown> {
  const end = startWork()
  try {
    return await exchange(method, path, body, { signal })
  } finally {
    end()
  }
}

/** One question and its answer, with what the outbox says beside it. */
export async function exchange(
  method: string,
  path: string,
  body: unknown,
  with_: { signal?: AbortSignal; headers?: Record<string, string>; ms?: number } = {},
): Promise<unknown> {
  const { signal } = with_
  const time = inTime(with_.ms ?? longest(body), signal)
  if (method !== 'GET') forgetFirst()
  const ago = touchedAgo()
  const held = method === 'GET' ? heldAnswer(path) : undefined
  if (method !== 'GET' && path.startsWith('session')) letGo()
  let response: Response
  let text = ''
  try {
    response = (method === 'GET' ? await firstAnswer(path) : null) ?? await fetch(`/api/${path}`, {
      method,
      signal: time.signal,
      credentials: 'same-origin',
      headers: {
        Accept: 'application/json',
        'X-XSRF-TOKEN': token(),
        ...(ago === null ? {} : { 'X-Touched-Ago': String(ago) }),
        ...(held === undefined ? {} : { 'If-None-Match': held.tag }),
        ...with_.headers,
        ...(body === undefined || body instanceof FormData ? {} : { 'Content-Type': 'application/json' }),
      },
      body: body === undefined ? undefined : body instanceof FormData ? body : JSON.stringify(body),
    })
    if (response.status !== 304) text = await response.text()
  } catch (error) {
    if (signal?.aborted === true) throw error
    throw new Unreachable()
  } finally {
    time.over()
  }
  hearTime(response.headers.get('X-Now'))
  if (response.status === 304 && held !== undefined) return held.answer
  if (response.ok) {
    const answer = text === '' ? null : (JSON.parse(text) as unknown)
    if (method === 'GET') hold(path, response.headers.get('ETag'), answer)
    return answer
  }
  const refused = readRefusal(response.status, text, Number(response.headers.get('Retry-After') ?? 0) || 0)
  if (refused instanceof Refused && (refused.status === 401 || refused.status === 423)) letGo()
  if (refused instanceof Refused
    && refused.status === 428
    && sayAgain !== null
    && (await sayAgain())) return exchange(method, path, body, with_)
  if (refused instanceof Refused && !path.startsWith('session')) {
    if (refused.status === 401) for (const listener of doors) listener('signed-out')
    if (refused.status === 423) for (const listener of doors) listener('locked')
  }
  throw refused
}

function readRefusal(status: number, text: string, wait: number): Error {
  let json: unknown = {}
  try {
    json = JSON.parse(text)
  } catch {
    // An answer that is not ours (a gateway's page, say): as good as no answer.
    return status >= 500
      ? new Unreachable()
      : new Refused(status, t`The server gave no readable answer.`, t`Reload the page.`, [], undefined)
  }
  const read = refusal.parse(json)
  if (status === 401) return new Refused(status, t`You are signed out.`, t`Sign in again.`, [], undefined)
  if (status === 419) return new Refused(status, t`This page was open for too long.`, t`Reload it.`, [], undefined)
  const fields = Object.entries(read.errors ?? {}).map(([field, messages]) => ({
    pointer: `/${field.replaceAll('.', '/')}`,
    message: messages.join(' '),
    mend: '',
  }))
  return new Refused(status, read.message, read.mend, [...read.problems, ...fields], read.newer, wait)
}

export const getJson = (path: string, signal?: AbortSignal) => ask('GET', path, undefined, signal)
export const postJson = (path: string, body: unknown, signal?: AbortSignal) => ask('POST', path, body, signal)
export const putJson = (path: string, body: unknown) => ask('PUT', path, body)
export const patchJson = (path: string, body: unknown) => ask('PATCH', path, body)
export const deleteJson = (path: string, body?: unknown) => ask('DELETE', path, body)
/** Sends a form with a file. */
export const postForm = (path: string, form: FormData) => ask('POST', path, form)
