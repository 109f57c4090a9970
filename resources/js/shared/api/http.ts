import { z } from 'zod'
import { startWork } from './busy'

const problem = z.object({ pointer: z.string(), message: z.string(), mend: z.string() })
export type Problem = z.infer<typeof problem>

const refusal = z.object({
  message: z.string().default('Something went wrong.'),
  mend: z.string().default(''),
  problems: z.array(problem).default([]),
  errors: z.record(z.string(), z.array(z.string())).optional(),
  newer: z.unknown().optional(),
})

/** An answer of the server that is not the one hoped for, in words a person can use. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly mend: string,
    readonly problems: Problem[],
    readonly newer: unknown,
  ) {
    super(message)
  }
}

/** The server could not be reached: nothing is known about what it did. */
export class Unreachable extends Error {
  constructor() {
    super('The server cannot be reached.')
  }
}

function token(): string {
  const cookie = document.cookie.split('; ').find((each) => each.startsWith('XSRF-TOKEN='))
  return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length))
}

async function ask(method: string, path: string, body: unknown, signal?: AbortSignal): Promise<unknown> {
  const end = startWork()
  try {
    return await exchange(method, path, body, signal)
  } finally {
    end()
  }
}

async function exchange(method: string, path: string, body: unknown, signal?: AbortSignal): Promise<unknown> {
  let response: Response
  try {
    response = await fetch(`/api/${path}`, {
      method,
      signal,
      credentials: 'same-origin',
      headers: {
        Accept: 'application/json',
        'X-XSRF-TOKEN': token(),
        ...(body === undefined || body instanceof FormData ? {} : { 'Content-Type': 'application/json' }),
      },
      body: body === undefined ? undefined : body instanceof FormData ? body : JSON.stringify(body),
    })
  } catch (error) {
    if (signal?.aborted === true) throw error
    throw new Unreachable()
  }
  const text = await response.text()
  if (response.ok) return text === '' ? null : (JSON.parse(text) as unknown)
  throw readRefusal(response.status, text)
}

function readRefusal(status: number, text: string): Error {
  let json: unknown = {}
  try {
    json = JSON.parse(text)
  } catch {
    // An answer that is not ours (a gateway's page, say): as good as no answer.
    return status >= 500 ? new Unreachable() : new Refused(status, 'The server gave no readable answer.', 'Reload the page.', [], undefined)
  }
  const read = refusal.parse(json)
  if (status === 401) return new Refused(status, 'You are signed out.', 'Sign in again; what you typed is kept on this device.', [], undefined)
  if (status === 419) return new Refused(status, 'This page was open for too long.', 'Reload it; what you typed is kept on this device.', [], undefined)
  const fields = Object.entries(read.errors ?? {}).map(([field, messages]) => ({
    pointer: `/${field.replaceAll('.', '/')}`,
    message: messages.join(' '),
    mend: '',
  }))
  return new Refused(status, read.message, read.mend, [...read.problems, ...fields], read.newer)
}

export const getJson = (path: string, signal?: AbortSignal) => ask('GET', path, undefined, signal)
export const postJson = (path: string, body: unknown, signal?: AbortSignal) => ask('POST', path, body, signal)
export const putJson = (path: string, body: unknown) => ask('PUT', path, body)
export const patchJson = (path: string, body: unknown) => ask('PATCH', path, body)
export const deleteJson = (path: string, body?: unknown) => ask('DELETE', path, body)
/** Sends a form with a file. */
export const postForm = (path: string, form: FormData) => ask('POST', path, form)
