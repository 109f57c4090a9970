import { renderToStaticMarkup } from 'react-dom/server'
import { expect, it } from 'vitest'
import type { ShelfLine } from '../../shared/shelf/shelf'
import { AskDoubt, InDoubt, namesOf } from './Doubts'
import type { Entry } from './sheet'

const named = [{ id: 's1', label: '6N' }, { id: 's2', label: '7N' }, { id: 's3', label: '8PV' }]
const doubt = (entry: Partial<Entry>) => renderToStaticMarkup(
  <InDoubt entry={{ product: 's1', share: '1', ...entry }} named={named} onChange={() => undefined} />,
)
const ask = (...entries: Partial<Entry>[]) => renderToStaticMarkup(
  <AskDoubt entries={entries.map((each) => ({ share: '1', ...each }))} named={named} onDoubt={() => undefined} />,
)

it('says nothing of what is sure', () => {
  expect(doubt({})).toBe('')
  expect(doubt({ or: [] })).toBe('')
})

it('names what it may have been instead, and offers only what it was not said to be', () => {
  const shown = doubt({ doubt: true, or: ['s3'] })
  expect(shown).toContain('not sure it was this, or 8PV')
  expect(shown).toMatch(/<option value="s2">7N<\/option>/)
  expect(shown).not.toMatch(/<option value="s(1|3)"/)
})

it('takes another product it may have been for a doubt, also where none was said', () => {
  expect(doubt({ or: ['s2'] })).toContain('not sure it was this, or 7N')
})

it('asks only about products that are named and not in doubt yet', () => {
  expect(ask({ product: 's1' }, { product: 's2', doubt: true }, { words: 'something violet' })).toMatch(/it was 6N/)
  expect(ask({ product: 's1' }, { product: 's2', doubt: true })).not.toContain('it was 7N')
  expect(ask({ product: 's2', doubt: true }, { words: 'something violet' })).toBe('')
  expect(ask()).toBe('')
})

it('shows the id of a product that the shelf does not know any more', () => {
  expect(ask({ product: 'gone' })).toContain('it was gone')
})

it('names a line’s products by their codes', () => {
  expect(namesOf({ products: [{ id: 's1', code: '6N' }] } as unknown as ShelfLine)).toEqual([{ id: 's1', label: '6N' }])
})
