import { expect, it } from 'vitest'
import type { ShelfLine } from '../../shared/shelf/shelf'
import type { Sheet } from './shapes'
import { isTried, slidingShades, tried } from './whatIf'

const line = { order: ['colour', 'developer'], window: { min: 10, target: 20, max: 30 } } as unknown as ShelfLine
const sheet = {
  letter: 'A', job: '', line: 'l', ratio: '1:1', minutes: 20, note: '', additives: [], amount: {
    of: 'total',
    grams: '60 g',
    ingredient: null,
  },
  parts: [
    { ingredients: [{ product: 'shade-1', share: 'all' }] },
    { ingredients: [{ product: 'dev-1', share: '1' }, { product: 'dev-2', share: '1' }] },
  ],
  place: [{ regions: [], spans: ['mids'], hair: 'dry' }],
} as unknown as Sheet

it('tries minutes, strength and water, and leaves the bowl itself as it is', () => {
  const next = tried(sheet, line, { minutes: 30, developer: 'dev-3', hair: 'damp' })
  expect(next.minutes).toBe(30)
  expect(next.parts[1]?.ingredients).toEqual([{ product: 'dev-3', share: 'all' }])
  expect(next.parts[0]).toEqual(sheet.parts[0])
  expect(next.hair).toBe('damp')
  // What a stroke said of the water would hide what is tried.
  expect(next.place?.[0]?.hair).toBeUndefined()
  expect(sheet.minutes).toBe(20)
  expect(sheet.parts[1]?.ingredients).toHaveLength(2)
})

it('knows when nothing is tried', () => {
  expect(isTried({})).toBe(false)
  expect(isTried({ minutes: 12 })).toBe(true)
  expect(tried(sheet, line, {})).toEqual(sheet)
})

it('has more of one shade, or none of it, in the unit it was typed in', () => {
  const mix = {
    ...sheet,
    parts: [
      {
        ingredients: [
          { product: 'gold', share: '20 g' },
          { product: 'ash', share: '10 g' },
          { product: 'clear', share: 'rest' },
        ],
      },
      sheet.parts[1],
    ],
  } as unknown as Sheet
  expect(
    slidingShades(mix, line),
  ).toEqual([
    { product: 'gold', value: 20, unit: 'g', max: 40, step: 1 },
    { product: 'ash', value: 10, unit: 'g', max: 20, step: 1 },
  ])
  expect(
    tried(mix, line, { shares: { ash: '14 g' } }).parts[0]?.ingredients,
  ).toEqual([
    { product: 'gold', share: '20 g' },
    { product: 'ash', share: '14 g' },
    { product: 'clear', share: 'rest' },
  ])
  expect(
    tried(mix, line, { shares: { ash: '0 g' } }).parts[0]?.ingredients.map((each) => each.product),
  ).toEqual(['gold', 'clear'])
  // The developer is no shade, and a shade alone has nothing to be more than.
  expect(slidingShades(sheet, line)).toEqual([])
})
