import { expect, it } from 'vitest'
import type { Keep } from '../../shared/keep/keep'
import { countedSince, keepCounts, readCounts } from './countDraft'

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
  expect(readCounts(keep)).toBeNull()
  keepCounts(keep, { 'shade-1': '3', 'shade-2': '' })
  expect(readCounts(keep)).toEqual({ 'shade-1': '3', 'shade-2': '' })
  keepCounts(keep, null)
  expect(readCounts(keep)).toBeNull()
  keep.write('stock.count', ['3'])
  expect(readCounts(keep)).toBeNull()
})

it('goes on with what was counted while the rest was being saved', () => {
  expect(countedSince({ a: '3', b: ' ' }, { a: '3' })).toBeNull()
  expect(countedSince(null, { a: '3' })).toBeNull()
  expect(countedSince({ a: '4', b: '2', c: '1' }, { a: '3', c: '1' })).toEqual({ a: '4', b: '2' })
})
