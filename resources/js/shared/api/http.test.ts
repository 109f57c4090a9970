import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { deleteJson, exchange, getJson, postJson, Refused, Unreachable } from './http'

const answers = (status: number, body: string) => {
  vi.stubGlobal('fetch', vi.fn(() => Promise.resolve(new Response(status === 204 ? null : body, { status }))))
}
const answersNever = () => {
  vi.stubGlobal('fetch', vi.fn((_: string, { signal }: { signal: AbortSignal }) => new Promise((_answer, fail) => {
    const over = () => { fail(new DOMException('over', 'AbortError')) }
    if (signal.aborted) over()
    signal.addEventListener('abort', over)
  })))
}
beforeEach(() => {
  vi.stubGlobal('document', { cookie: 'other=1; XSRF-TOKEN=a%3Db' })
})
afterEach(() => {
  vi.unstubAllGlobals()
})

it('gives back what the server says, and null for nothing', async () => {
  answers(200, '{"a":1}')
  expect(await getJson('x')).toEqual({ a: 1 })
  answers(204, '')
  expect(await getJson('x')).toBeNull()
})

it('sends the page’s token with a write', async () => {
  answers(200, '{}')
  await postJson('x', { b: 2 })
  const [, init] = vi.mocked(fetch).mock.calls[0] ?? []
  expect(init?.headers).toMatchObject({ 'X-XSRF-TOKEN': 'a=b', 'Content-Type': 'application/json' })
})

it('turns a refusal into its words, its mend and its problems', async () => {
  answers(
    422,
    '{"message":"No.","mend":"Mend.","problems":[{"pointer":"/a","message":"m","mend":"n"}],"errors":{"x.y":["z"]}}',
  )
  const error = await getJson('x').catch((caught: unknown) => caught)
  expect(error).toBeInstanceOf(Refused)
  expect(
    error,
  ).toMatchObject({
    status: 422,
    message: 'No.',
    mend: 'Mend.',
    problems: [{ pointer: '/a' }, { pointer: '/x/y', message: 'z' }],
  })
})

it('carries the newer version of a conflict', async () => {
  answers(409, '{"message":"Changed.","mend":"Look.","newer":{"version":2}}')
  expect(await getJson('x').catch((caught: unknown) => caught)).toMatchObject({ status: 409, newer: { version: 2 } })
})

it('treats a gateway’s page and a lost network as no answer', async () => {
  answers(502, '<html>')
  await expect(getJson('x')).rejects.toBeInstanceOf(Unreachable)
  vi.stubGlobal('fetch', vi.fn(() => Promise.reject(new TypeError('network'))))
  await expect(getJson('x')).rejects.toBeInstanceOf(Unreachable)
})

it('waits for no answer that does not come: as good as none, and no sooner than the server would end it', async () => {
  vi.useFakeTimers()
  answersNever()
  const [short, long] = [exchange('POST', 'x', {}, { ms: 20_000 }), getJson('x')]
  const ends: string[] = []
  for (const [name, each] of [['short', short], ['long', long]] as const) {
    each.catch((error: unknown) => ends.push(`${name} ${String(error instanceof Unreachable)}`))
  }
  await vi.advanceTimersByTimeAsync(19_999)
  expect(ends).toEqual([])
  await vi.advanceTimersByTimeAsync(1)
  expect(ends).toEqual(['short true'])
  await vi.advanceTimersByTimeAsync(20_000)
  expect(ends).toEqual(['short true'])
  await vi.advanceTimersByTimeAsync(5_000)
  expect(ends).toEqual(['short true', 'long true'])
  vi.useRealTimers()
})

it('ends when whoever asked wants no answer any more, and says so', async () => {
  answersNever()
  const asked = new AbortController()
  const answer = getJson('x', asked.signal).catch((caught: unknown) => caught)
  asked.abort()
  expect(await answer).toBeInstanceOf(DOMException)
})

it('says in words that one is signed out', async () => {
  answers(401, '{"message":"Unauthenticated."}')
  expect(
    await getJson('x').catch((caught: unknown) => caught),
  ).toMatchObject({ status: 401, message: 'You are signed out.' })
})

it('asks whether what it holds is still true, and takes it again where it is', async () => {
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.resolve(new Response('{"a":1}', { status: 200, headers: { ETag: 'W/"one"' } }))),
  )
  const first = await getJson('held')
  vi.stubGlobal('fetch', vi.fn(() => Promise.resolve(new Response(null, { status: 304 }))))
  expect(await getJson('held')).toBe(first)
  const [, init] = vi.mocked(fetch).mock.calls[0] ?? []
  expect(init?.headers).toMatchObject({ 'If-None-Match': 'W/"one"' })
})

it('lets go of what it holds when somebody signs out or is locked out', async () => {
  const tagged = () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(() => Promise.resolve(new Response('{"a":1}', { status: 200, headers: { ETag: 'W/"one"' } }))),
    )
  }
  const asked = async () => {
    tagged()
    await getJson('held')
    const [, init] = vi.mocked(fetch).mock.calls[0] ?? []
    return (init?.headers as Record<string, string>)['If-None-Match']
  }
  expect([await asked(), await asked()]).toEqual(['W/"one"', 'W/"one"'])
  answers(200, '{}')
  await deleteJson('session')
  expect(await asked()).toBeUndefined()
  answers(423, '{"message":"Locked."}')
  await getJson('other').catch(() => null)
  expect(await asked()).toBeUndefined()
})
