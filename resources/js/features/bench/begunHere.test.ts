import { expect, it } from 'vitest'
import type { Entry } from '../../shared/outbox/entry'
import { begunHere } from './begunHere'
import type { BowlFacts } from './facts'
import { nextAfter, offlineBowl } from './offline'

const facts = {
  letter: 'B',
  job: 'Ends',
  line: 'Tidewater',
  lineId: 'line-1',
  ratio: '1:1.5',
  client: 'Wren',
  visit: 'v',
  mark: '',
  next: null,
  vessels: [],
  batches: [],
  gate: { open: true, ahead: false, reasons: [] },
  early: null,
  later: null,
  total: '75 g',
  lines: [{ key: 'a', label: '6C', grams: '30 g' }, { key: 'b', label: '20 vol', grams: '45 g' }],
  colours: {},
} satisfies BowlFacts
const entry = (path: string, body: unknown, refused: Entry['refused'] = null): Entry => ({
  id: path,
  author: { id: 1, name: 'Ines' },
  madeAt: 0,
  stream: 'bench:b1',
  method: 'POST',
  path,
  body,
  about: '',
  at: '',
  pour: null,
  failures: 0,
  refused,
})

it('goes through what is planned, from a batch that the server does not know yet', () => {
  const start = entry('bowls/b1/batches', { id: 'x', times: '', strength: '' })
  const batch = begunHere('b1', facts, [start])
  expect(batch?.lines.map((line) => [line.label, line.target])).toEqual([['6C', '30 g'], ['20 vol', '45 g']])
  if (batch === null) return
  const poured = [start, entry('batches/x/events', { kind: 'poured', line: 'a', grams: '30', after: 0 })]
  expect(offlineBowl(batch, poured, 'x')).toMatchObject({ current: 'b', noted: { a: ['30'] }, canUndo: true })
  expect(nextAfter(batch, poured, 'x')).toBe(1)
})

it('invents nothing: not of another bowl, not of one that was refused, not of a part or another strength', () => {
  expect(begunHere('b1', facts, [])).toBeNull()
  expect(begunHere('b1', facts, [entry('bowls/b2/batches', { id: 'x' })])).toBeNull()
  expect(
    begunHere('b1', facts, [entry(
      'bowls/b1/batches',
      { id: 'x' },
      { status: 422, message: '', mend: '', problems: [] },
    )]),
  ).toBeNull()
  expect(begunHere('b1', facts, [entry('bowls/b1/batches', { id: 'x', times: '1/2', strength: '' })])).toBeNull()
  expect(begunHere('b1', facts, [entry('bowls/b1/batches', { id: 'x', times: '', strength: '30 vol' })])).toBeNull()
})
