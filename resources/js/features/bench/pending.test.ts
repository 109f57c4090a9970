import { expect, it } from 'vitest'
import type { Keep } from '../../shared/keep/keep'
import { dropPending, readPending, writePending } from './pending'

function memory(): Keep {
  const all = new Map<string, string>()
  return {
    read: (key) => (all.has(key) ? (JSON.parse(all.get(key) ?? '') as unknown) : undefined),
    write: (key, value) => { all.set(key, JSON.stringify(value)) },
    drop: (key) => { all.delete(key) },
  }
}

it('keeps an unsent pour, whole, until the server has it', () => {
  const keep = memory()
  const event = { id: 'e', after: 3, kind: 'poured', line: 'shade-1', grams: '12.5 g', source: 'scale' } as const
  writePending(keep, 'b', event)
  expect(readPending(keep, 'b')).toEqual(event)
  expect(readPending(keep, 'another')).toBeNull()
  dropPending(keep, 'b')
  expect(readPending(keep, 'b')).toBeNull()
})

it('does not take something else for a pour', () => {
  const keep = memory()
  keep.write('pour.b', { id: 7 })
  expect(readPending(keep, 'b')).toBeNull()
})
