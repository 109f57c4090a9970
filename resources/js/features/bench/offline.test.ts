import { expect, it } from 'vitest'
import type { Entry } from '../../shared/outbox/entry'
import { nextAfter, offlineBowl } from './offline'

const line = (key: string, done = false) => ({ key, done }) as never
const batch = { sequence: 3, lines: [line('a', true), line('b'), line('c')] }
const event = (body: Record<string, unknown>, refused = false): Entry => ({
  id: 'x', author: {
    id: 1,
    name: 'N',
  }, madeAt: 0, stream: 's', method: 'POST', path: 'batches/B/events', body, about: '', at: '', pour: null, failures: 0,
  refused: refused ? { status: 409, message: '', mend: '', problems: [] } : null,
})

it('goes on with the next product while nothing can be sent', () => {
  expect(offlineBowl(batch, [], 'B')).toEqual({ current: 'b', noted: {}, canUndo: false })
  const poured = event({ kind: 'poured', line: 'b', grams: '12.3 g', after: 3 })
  expect(offlineBowl(batch, [poured], 'B')).toEqual({ current: 'c', noted: { b: ['12.3 g'] }, canUndo: true })
  expect(
    offlineBowl(batch, [poured, event({ kind: 'poured', line: 'c', grams: '40', after: 4 })], 'B').current,
  ).toBeNull()
  expect(
    offlineBowl(batch, [poured, event({ kind: 'undone', after: 4 })], 'B'),
  ).toEqual({ current: 'b', noted: {}, canUndo: false })
})

it('counts on from what waits, and not from what was refused or is another bowl’s', () => {
  const first = event({ kind: 'poured', line: 'b', grams: '1', after: 3 })
  expect(nextAfter(batch, [], 'B')).toBe(3)
  expect(nextAfter(batch, [first, event({ kind: 'undone', after: 4 })], 'B')).toBe(5)
  expect(nextAfter(batch, [event({ kind: 'poured', line: 'b', grams: '1', after: 9 }, true)], 'B')).toBe(3)
  expect(nextAfter(batch, [{ ...first, path: 'batches/C/events' }], 'B')).toBe(3)
})
