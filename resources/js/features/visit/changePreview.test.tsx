import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import { ChangePreview } from './ChangePreview'
import type { Sheet } from './shapes'
import type { Row, Tried, TriedWay } from './formulaShapes'

const sheet = { letter: 'A' } as unknown as Sheet
const total: Row = { what: 'Total', before: '150.0 g', after: '137.5 g', difference: '−12.5 g', differs: true }
const way = (of: TriedWay['of'], rows: Row[] = [total]): TriedWay => ({ of, sheet, rows })
const tried = (changed: Partial<Tried>): Tried => ({
  ways: [way('ask')],
  conditions: [],
  notUnderstood: [],
  ...changed,
})
const words = (shown: Tried, take?: string) =>
  renderToStaticMarkup(
    <ChangePreview
      tried={shown}
      onTake={() => undefined}
      onLeave={() => undefined}
      {...(take === undefined ? {} : { take })}
    />,
  )

it('shows what would change, from what to what, and by how much', () => {
  expect(words(tried({}))).toMatch(/Total<\/span> <s>150\.0 g<\/s> → <strong>137\.5 g<\/strong>.*−12\.5 g/)
})

it('says of what was not there that it is new, and of what goes that it is gone', () => {
  const shown = words(tried({ ways: [way('ask', [{ ...total, before: '' }, { ...total, what: '6C', after: '' }])] }))
  expect(shown).toContain('<s>none</s> → <strong>137.5 g</strong>')
  expect(shown).toContain('<s>150.0 g</s> → <strong>none</strong>')
})

it('asks what grams are of only where there are two ways, and offers both', () => {
  const asked = words(tried({ ways: [way('colour'), way('mixture')] }))
  expect(asked).toContain('Grams of the colour, or of the mixture?')
  expect(asked).toContain('Mean it of the colour')
  expect(asked).toContain('Mean it of the mixture')
  expect(words(tried({}))).not.toContain('Mean it')
})

it('offers nothing where nothing would change', () => {
  const shown = words(tried({ ways: [way('ask', [])] }))
  expect(shown).toContain('Nothing would change.')
  expect(shown).toMatch(/<button[^>]*disabled[^>]*>Change it/)
})

it('tells what was not understood, and when it holds', () => {
  const shown = words(tried({ conditions: ['toned damp'], notUnderstood: ['sparkling'] }))
  expect(shown).toContain('Only if toned damp.')
  expect(shown).toContain('Not understood: “sparkling”.')
})

it('is applied by the word of the place it stands in', () => {
  expect(words(tried({}), 'Apply')).toContain('>Apply<')
  expect(words(tried({}))).toContain('>Change it<')
})
