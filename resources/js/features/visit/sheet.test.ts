import { expect, it } from 'vitest'
import { sheet, workedBowl } from './sheet'

const plain = {
  letter: 'A',
  job: '',
  line: 'line-1',
  ratio: '1:1.5',
  parts: [],
  additives: [],
  place: [],
  minutes: null,
  note: '',
}

it('reads a bowl that nobody gave an amount, and lets one be typed', () => {
  expect(sheet.parse({ ...plain, amount: null }).amount).toEqual({ of: 'colour', grams: '', ingredient: null })
})

it('keeps all that was said of a product through an edit', () => {
  const entry = { product: 'a', share: '30 g', said: '½ tube', or: ['b'], doubt: true, wanted: '7N', why: 'out' }
  expect(
    sheet.parse({
      ...plain,
      amount: null,
      parts: [{ ingredients: [entry, { words: 'something violet', share: '?' }] }],
    }).parts[0]?.ingredients,
  ).toEqual([entry, { words: 'something violet', share: '?' }])
})

it('takes a bowl whose drawing is not known', () => {
  const part = {
    name: 'colour',
    grams: '',
    ingredients: [{ product: 'a', label: '6N', grams: '', percent: null, wedge: null }],
  }
  const known = {
    known: false,
    ratio: '',
    parts: [part],
    additives: [],
    extras: [],
    uses: [],
    total: '',
    asked: null,
    strength: null,
    why: [],
    warnings: [],
    enough: null,
    judgement: null,
  }
  expect(workedBowl.parse(known).parts[0]?.ingredients[0]?.wedge).toBeNull()
  expect(() => workedBowl.parse({ ...known, total: 12 })).toThrow()
})
