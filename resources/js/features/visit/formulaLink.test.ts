import { expect, it } from 'vitest'
import type { Shelf } from '../../shared/shelf/shelf'
import { sheetFromLink } from './formulaLink'

const shelf: Shelf = {
  step: '0.1 g',
  ladder: [],
  developers: [{
    id: 'd20',
    label: '20 vol',
    name: '',
    strength: '20 vol',
    pack: '',
    packCode: '',
    price: '',
    withdrawn: false,
    version: 1,
  }],
  blends: [],
  lines: [
    {
      id: 'one',
      name: 'One',
      kind: 'permanent',
      withdrawn: false,
      about: '',
      ratio: '1:1.5',
      window: { min: 1, target: 2, max: 3 },
      developers: ['d20'],
      usualDeveloper: 'd20',
      order: ['colour', 'developer', 'base', 'base'],
      products: [],
    },
    {
      id: 'two',
      name: 'Two',
      kind: 'demi',
      withdrawn: false,
      about: '',
      ratio: '1:2',
      window: { min: 1, target: 2, max: 3 },
      developers: ['d20'],
      usualDeveloper: 'd20',
      order: ['colour', 'developer', 'base', 'base'],
      products: [],
    },
  ],
}

it('opens a whole formula as it was shared', () => {
  const first = sheetFromLink(new URLSearchParams(), shelf)
  const shared = { ...first, job: 'Root', amount: { of: 'total', grams: '150 g', ingredient: null } }
  expect(sheetFromLink(new URLSearchParams({ formula: JSON.stringify(shared) }), shelf)).toEqual(shared)
})

it('puts a fragment into a formula of its line', () => {
  const piece = { line: 'two', part: 0, ingredients: [{ product: 's1', share: '30 g' }] }
  const made = sheetFromLink(new URLSearchParams({ fragment: JSON.stringify(piece) }), shelf)
  expect(made).toMatchObject({ line: 'two', ratio: '1:2', amount: { of: 'shares' } })
  expect(made?.parts[0]?.ingredients).toEqual(piece.ingredients)
})

it.each(['', '{', '7', '{"line":1}'])('opens an empty formula for the broken address %j', (text) => {
  expect(sheetFromLink(new URLSearchParams({ formula: text, fragment: text }), shelf)?.line).toBe('one')
})
