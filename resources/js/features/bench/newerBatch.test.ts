import { expect, it } from 'vitest'
import { newerBatch } from './newerBatch'

const batch = (id: string, number: number, sequence: number, status = 'weighing') => ({ id, number, sequence, status })

it('keeps what is known where an answer comes late', () => {
  const known = batch('one', 1, 5)
  expect(newerBatch(known, batch('one', 1, 4))).toBe(known)
  expect(newerBatch(batch('two', 2, 1), batch('one', 1, 9))).toEqual(batch('two', 2, 1))
  expect(newerBatch(batch('two', 2, 1, 'withdrawn'), batch('one', 1, 9))).toEqual(batch('one', 1, 9))
})

it('takes what moved on, another batch, and what ended', () => {
  expect(newerBatch(batch('one', 1, 5), batch('one', 1, 6))).toEqual(batch('one', 1, 6))
  expect(newerBatch(batch('one', 1, 5), { ...batch('one', 1, 5), total: '12.0 g' }))
    .toEqual({ ...batch('one', 1, 5), total: '12.0 g' })
  expect(newerBatch(batch('one', 1, 5), batch('two', 2, 0))).toEqual(batch('two', 2, 0))
  expect(newerBatch(batch('one', 1, 5), null)).toBeNull()
  expect(newerBatch(undefined, batch('one', 1, 5))).toEqual(batch('one', 1, 5))
  expect(newerBatch(null, batch('one', 1, 5))).toEqual(batch('one', 1, 5))
})
