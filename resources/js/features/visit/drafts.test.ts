import { expect, it } from 'vitest'
import type { Keep } from '../../shared/keep/keep'
import { dropDraft, emptySheet, freeLetter, partsOf, readDrafts, writeDraft } from './drafts'

function memory(): Keep & { all: Map<string, string> } {
  const all = new Map<string, string>()
  return {
    all,
    read: (key) => {
      const text = all.get(key)
      return text === undefined ? undefined : (JSON.parse(text) as unknown)
    },
    write: (key, value) => {
      all.set(key, JSON.stringify(value))
    },
    drop: (key) => {
      all.delete(key)
    },
  }
}

const line = {
  id: 'line-1',
  ratio: '1:1.5',
  usualDeveloper: 'developer-2',
  order: ['colour', 'developer', 'base', 'base'],
}
const draft = (id: string) => ({ id, round: 'r', version: null, sheet: emptySheet('A', line) })

it('keeps what was typed through a reload', () => {
  const keep = memory()
  writeDraft(keep, 'v', draft('one'))
  writeDraft(keep, 'v', { ...draft('two'), sheet: { ...emptySheet('B', line), note: 'half typed' } })
  expect(readDrafts(keep, 'v')['two']?.sheet.note).toBe('half typed')
  expect(Object.keys(readDrafts(keep, 'v'))).toEqual(['one', 'two'])
})

it('drops a draft once the server has it, and only that one', () => {
  const keep = memory()
  writeDraft(keep, 'v', draft('one'))
  writeDraft(keep, 'v', draft('two'))
  expect(Object.keys(dropDraft(keep, 'v', 'one'))).toEqual(['two'])
  dropDraft(keep, 'v', 'two')
  expect(keep.all.size).toBe(0)
})

it('does not stumble over a draft of another day’s shape', () => {
  const keep = memory()
  keep.write('drafts.v', { one: { id: 7 } })
  expect(readDrafts(keep, 'v')).toEqual({})
})

it('gives the next free letter', () => {
  expect(freeLetter([])).toBe('A')
  expect(freeLetter(['A', 'C'])).toBe('B')
})

it('begins a bowl with the line’s usual developer, in the maker’s order', () => {
  const gel = { ...line, order: ['colour', 'base', 'developer', 'base'] }
  expect(
    partsOf('1:2.5:3.5', gel).map((part) => part.ingredients.map((entry) => entry.product)),
  ).toEqual([[], [], ['developer-2']])
  expect(
    partsOf('1:1.5', line).map((part) => part.ingredients.map((entry) => entry.product)),
  ).toEqual([[], ['developer-2']])
  expect(partsOf('no developer', line)).toHaveLength(1)
})

it('keeps what is in a part when the ratio gets another', () => {
  const before = [
    { ingredients: [{ product: 'a', share: '2' }] },
    { ingredients: [{ product: 'developer-1', share: 'all' }] },
  ]
  expect(partsOf('1:2:3', line, before)).toEqual([...before, { ingredients: [] }])
  expect(partsOf('no developer', line, before)).toEqual([before[0]])
})
