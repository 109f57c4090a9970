import { expect, it } from 'vitest'
import type { House, Rule } from '../../shared/house/house'
import type { Keep } from '../../shared/keep/keep'
import { allRules, keepHouseDraft, readHouseDraft, withRule, withTimezone } from './houseDraft'

const rule = (key: string, value: string): Rule => ({
  key,
  label: key,
  value,
  words: value,
  standard: value,
  standardWords: value,
  unit: '',
  reason: '',
  options: [],
})
const house: House = {
  name: 'Salon',
  timezone: 'UTC',
  version: 4,
  groups: [{ key: 'time', words: 'Time', rules: [rule('freshness', '30'), rule('clock', 'complete')] }],
  team: [],
}

function memory(): Keep {
  const kept = new Map<string, unknown>()
  return {
    read: (key) => kept.get(key),
    write: (key, value) => void kept.set(key, value),
    drop: (key) => void kept.delete(key),
  }
}

it('keeps only what differs, from the version it was set on', () => {
  const draft = withRule(house, null, 'freshness', '20')
  expect(draft).toEqual({ version: 4, rules: { freshness: '20' }, timezone: null })
  expect(allRules(house, draft)).toEqual({ freshness: '20', clock: 'complete' })
  expect(
    withRule({ ...house, version: 5 }, draft, 'clock', 'first-touch'),
  ).toEqual({ version: 4, rules: { freshness: '20', clock: 'first-touch' }, timezone: null })
})

it('is gone from the device once it says nothing', () => {
  const keep = memory()
  const set = keepHouseDraft(keep, withTimezone(house, withRule(house, null, 'freshness', '20'), 'Europe/Oslo'))
  expect(readHouseDraft(keep)).toEqual(set)
  const back = withTimezone(house, withRule(house, set, 'freshness', '30'), 'UTC')
  expect(keepHouseDraft(keep, back)).toBeNull()
  expect(readHouseDraft(keep)).toBeNull()
})

it('ignores what it cannot read any more', () => {
  const keep = memory()
  keep.write('house', { rules: 'many' })
  expect(readHouseDraft(keep)).toBeNull()
})
