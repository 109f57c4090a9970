import { expect, it } from 'vitest'
import type { Keep } from '../../shared/keep/keep'
import { dropDraft, emptySheet, freeLetter, readDrafts, writeDraft } from './drafts'

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

const line = { id: 'line-1', ratio: '1:1.5', usualDeveloper: 'developer-2', order: ['colour', 'developer', 'base', 'base'] }
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
