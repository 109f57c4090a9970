import { expect, it } from 'vitest'
import type { Keep } from '../../shared/keep/keep'
import { countedSince, isOld, keepCount, readCount } from './countDraft'

const device = (): Keep => {
  const kept = new Map<string, unknown>()
  return {
    read: (key) => kept.get(key),
    write: (key, value) => { kept.set(key, value) },
    drop: (key) => { kept.delete(key) },
  }
}

it('keeps a count on the device until it is saved or left', () => {
  const keep = device()
  expect(readCount(keep)).toBeNull()
  const count = { begun: '2026-11-28T09:00:00.000Z', counts: { 'shade-1': '3', 'shade-2': '' } }
  keepCount(keep, count)
  expect(readCount(keep)).toEqual(count)
  keepCount(keep, null)
  expect(readCount(keep)).toBeNull()
  keep.write('stock.count', ['3'])
  expect(readCount(keep)).toBeNull()
})

it('goes on with what was counted while the rest was being saved', () => {
  const count = (counts: Record<string, string>) => ({ begun: '2026-11-28T09:00:00.000Z', counts })
  expect(countedSince(count({ a: '3', b: ' ' }), { a: '3' })).toBeNull()
  expect(countedSince(null, { a: '3' })).toBeNull()
  expect(countedSince(count({ a: '4', b: '2', c: '1' }), { a: '3', c: '1' })).toEqual(count({ a: '4', b: '2' }))
})

it('asks about a count that was left lying', () => {
  const count = { begun: '2026-11-28T09:00:00.000Z', counts: {} }
  expect(isOld(count, Date.parse('2026-11-28T10:00:00.000Z'))).toBe(false)
  expect(isOld(count, Date.parse('2026-11-28T10:00:01.000Z'))).toBe(true)
})
