import { beforeEach, expect, it } from 'vitest'
import { Refused } from '../api/http'
import { device, gone, ines, noor, refuse, write } from './device.test.kit'

let at: ReturnType<typeof device>
beforeEach(() => { at = device() })

it('gives the server’s answer and keeps nothing', async () => {
  const box = at.make()
  box.setAuthor(ines)
  await expect(write(box, 'x')).resolves.toEqual({ ok: 'x' })
  expect(box.status().entries).toEqual([])
})

it.each([401, 419, 423, 412, 429, 500, 502, 503])('keeps a write that is answered by %i, and sends it later, once and whole', async (status) => {
  const box = at.make()
  box.setAuthor(ines)
  at.world.server.set('x', [refuse(status), ...(status === 419 ? [refuse(status)] : [])])
  let answer: unknown = null
  void write(box, 'x', 'a', { batch: 'b', line: 'l', label: '6N', grams: '12.3 g' }).then((said) => { answer = said })
  await at.rest()
  expect(answer).toBeNull()
  expect(box.status().entries).toMatchObject([{ path: 'x', body: { p: 'x' }, refused: null, author: ines }])
  at.world.time += 5_000
  box.kick()
  await at.rest()
  expect(answer).toEqual({ ok: 'x' })
  expect(box.status().entries).toEqual([])
  expect(new Set(at.sent.map((each) => each.id)).size).toBe(1)
  expect(at.sent.at(-1)?.age).toBe(5_000)
})

it('fetches a fresh token by itself', async () => {
  const box = at.make()
  box.setAuthor(ines)
  at.world.server.set('x', [refuse(419)])
  await expect(write(box, 'x')).resolves.toEqual({ ok: 'x' })
  expect(at.world.renewed).toBe(1)
})

it('keeps the order of everything while there is no connection, through a reload', async () => {
  const box = at.make()
  box.setAuthor(ines)
  at.world.server.set('1', [gone, gone, gone])
  for (const path of ['1', '2', '3']) void write(box, path)
  await at.rest()
  expect(box.status().waitingFor).toBe('connection')
  expect(new Set(at.sent.map((each) => each.path))).toEqual(new Set(['1']))
  at.crash()
  const reloaded = at.make()
  reloaded.setAuthor(ines)
  await at.rest()
  for (let i = 0; i < 4; i++) await at.tick()
  expect(at.sent.map((each) => each.path).slice(-3)).toEqual(['1', '2', '3'])
  expect(reloaded.status().entries).toEqual([])
})

it('sends nothing under the next person’s name', async () => {
  const box = at.make()
  box.setAuthor(noor)
  at.world.server.set('hers', [gone])
  void write(box, 'hers')
  await at.rest()
  box.setAuthor(null)
  box.setAuthor(ines)
  await at.rest()
  await expect(write(box, 'mine')).resolves.toEqual({ ok: 'mine' })
  expect(at.sent.filter((each) => each.path === 'hers')).toHaveLength(1)
  expect(box.status().entries).toMatchObject([{ path: 'hers', author: noor }])
  box.setAuthor(noor)
  await at.rest()
  expect(at.sent.at(-1)).toMatchObject({ path: 'hers', author: 2 })
})

it('keeps what is refused for good, with its words, until somebody has dealt with it', async () => {
  const box = at.make()
  box.setAuthor(ines)
  at.world.server.set('pour', [refuse(409)])
  const said = write(box, 'pour', 'a', {
    batch: 'b',
    line: 'l',
    label: '6N',
    grams: '12.3 g',
  }).catch((error: unknown) => error)
  expect(await said).toBeInstanceOf(Refused)
  expect(
    at.make().status().entries,
  ).toMatchObject([{
    path: 'pour',
    pour: { grams: '12.3 g' },
    refused: { status: 409, message: 'No 409.', mend: 'Mend.' },
  }])
  const [entry] = box.status().entries
  box.again(entry?.id ?? '')
  await at.rest()
  expect(box.status().entries).toEqual([])
})

it('leaves a refusal to the form that is being looked at, and keeps one that comes later', async () => {
  const box = at.make()
  box.setAuthor(ines)
  at.world.server.set('form', [refuse(422), gone, refuse(422)])
  await expect(write(box, 'form')).rejects.toMatchObject({ status: 422 })
  expect(box.status().entries).toEqual([])
  const late = write(box, 'form').catch((error: unknown) => error)
  await at.rest()
  at.world.time += 60_000
  await at.tick()
  expect(await late).toBeInstanceOf(Refused)
  expect(box.status().entries).toMatchObject([{ path: 'form', refused: { status: 422 } }])
  box.drop(box.status().entries[0]?.id ?? '')
  expect(box.status().entries).toEqual([])
})

it('does not let one thing the server fails on hold up the rest, nor drops it', async () => {
  const box = at.make()
  box.setAuthor(ines)
  at.world.server.set('bad', Array.from({ length: 9 }, () => refuse(500)))
  void write(box, 'bad', 'bowl 1').catch(() => null)
  void write(box, 'after', 'bowl 1').catch(() => null)
  await expect(write(box, 'other', 'bowl 2')).resolves.toEqual({ ok: 'other' })
  expect(at.sent.some((each) => each.path === 'after')).toBe(false)
  for (let i = 0; i < 5; i++) { at.world.time += 20_000; await at.tick() }
  expect(box.status().entries).toMatchObject([{ path: 'bad', refused: { status: 500 } }])
  expect(at.sent.some((each) => each.path === 'after')).toBe(true)
})

it('never drops what still waits, and takes no rubbish for an entry', async () => {
  const box = at.make()
  box.setAuthor(ines)
  at.world.server.set('x', [gone])
  void write(box, 'x')
  await at.rest()
  box.drop(box.status().entries[0]?.id ?? '')
  expect(box.status().entries).toHaveLength(1)
  at.kept.set('outbox', JSON.stringify([{ id: 7 }, ...(JSON.parse(at.kept.get('outbox') ?? '[]') as unknown[])]))
  expect(at.make().status().entries).toMatchObject([{ path: 'x' }])
})

it('is told apart from what nobody signed in has done', async () => {
  await expect(write(at.make(), 'x')).rejects.toMatchObject({ status: 401 })
})
