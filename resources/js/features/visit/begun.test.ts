import { expect, it } from 'vitest'
import { withoutBegun } from './begun'
import type { Sheet } from './sheet'

const bowl = (more: Partial<Sheet>): Sheet => ({
  letter: 'A',
  job: '',
  line: 'line-1',
  ratio: '1:2',
  amount: { of: 'colour', grams: '30 g', ingredient: null },
  parts: [{ ingredients: [{ product: 'a', share: '1' }] }],
  additives: [],
  place: [],
  minutes: null,
  note: '',
  ...more,
})

it('leaves out rows at the end that say nothing yet', () => {
  expect(withoutBegun(bowl({ extras: [{ product: 'b', grams: '3 g' }, { product: 'b', grams: ' ' }] })).extras)
    .toEqual([{ product: 'b', grams: '3 g' }])
  expect(withoutBegun(bowl({ uses: [{ job: 'foils', grams: '' }] })).uses).toEqual([])
  expect(
    withoutBegun(
      bowl({ parts: [{ ingredients: [{ product: 'a', share: '1' }, { words: '', share: '?' }] }] }),
    ).parts[0]?.ingredients,
  ).toEqual([{ product: 'a', share: '1' }])
})

it('keeps all that says something, and what stands before it: what is wrong there is said of its row', () => {
  const whole = bowl({
    parts: [{ ingredients: [{ words: '', share: '?' }, { product: 'a', share: '1' }] }, { ingredients: [] }],
    extras: [{ product: 'b', grams: '' }, { product: 'b', grams: 'a bit' }],
  })
  expect(withoutBegun(whole)).toEqual(whole)
  expect(Object.keys(withoutBegun(bowl({})))).not.toContain('extras')
})
