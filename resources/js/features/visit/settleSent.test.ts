import { beforeEach, expect, it } from 'vitest'
import type { Entry } from '../../shared/outbox/entry'
import { emptySheet, onWhatWasMade, readDrafts, writeDraft } from './drafts'
import { settleSent } from './settleSent'

let all: Map<string, string>
const keep = {
  read: (key: string) => (all.has(key) ? (JSON.parse(all.get(key) ?? '') as unknown) : undefined),
  write: (key: string, value: unknown) => { all.set(key, JSON.stringify(value)) },
  drop: (key: string) => { all.delete(key) },
}
const sheet = emptySheet('A', {
  id: 'line-1',
  ratio: '1:1',
  usualDeveloper: 'developer-1',
  order: ['colour', 'developer', 'base', 'base'],
})
const entry = (method: Entry['method'], path: string, body: unknown): Entry => ({
  id: 'w',
  author: { id: 1, name: 'N' },
  madeAt: 0,
  stream: 'visit:V',
  method,
  path,
  body,
  about: '',
  at: '',
  pour: null,
  failures: 0,
  refused: null,
})
beforeEach(() => { all = new Map() })

it('makes no draft of what the server has', () => {
  writeDraft(keep, 'V', { id: 'b', round: 'r', version: 3, sheet })
  settleSent(keep, entry('PUT', 'bowls/b', { version: 3, bowl: sheet }), { version: 4 })
  expect(readDrafts(keep, 'V')).toEqual({})
  writeDraft(keep, 'V', { id: 'n', round: 'r', version: null, sheet })
  settleSent(keep, entry('POST', 'rounds/r/bowls', { id: 'n', bowl: sheet }), { version: 1 })
  expect(readDrafts(keep, 'V')).toEqual({})
})

it('keeps what was typed since, on the version the server has made', () => {
  const typed = { ...sheet, job: 'Root' }
  writeDraft(keep, 'V', { id: 'b', round: 'r', version: 3, sheet: typed })
  settleSent(keep, entry('PUT', 'bowls/b', { version: 3, bowl: sheet }), { version: 4 })
  expect(readDrafts(keep, 'V')['b']).toMatchObject({ version: 4, sheet: { job: 'Root' } })
  keep.write('canvas.V', { version: 1, canvas: { zones: [], worn: 'up', target: '' } })
  settleSent(keep, entry('PUT', 'visits/V/canvas', {
    version: 1,
    canvas: { zones: [], worn: '', target: '' },
  }), { canvas: { version: 2 } })
  expect(keep.read('canvas.V')).toMatchObject({ version: 2, canvas: { worn: 'up' } })
})

it('goes on from its own save where the page has not read it again yet', () => {
  const typed = { id: 'c', round: 'r', version: 3, sheet }
  expect(onWhatWasMade(typed)).toEqual(typed)
  settleSent(keep, entry('PUT', 'bowls/c', { version: 3, bowl: sheet }), { version: 4 })
  expect(onWhatWasMade(typed)).toEqual({ ...typed, version: 4 })
  // Somebody else's later version stays theirs, and another bowl is another.
  expect(onWhatWasMade({ ...typed, version: 5 }).version).toBe(5)
  expect(onWhatWasMade({ ...typed, id: 'd' }).version).toBe(3)
  // A bowl that was new is not put there a second time.
  settleSent(keep, entry('POST', 'rounds/r/bowls', { id: 'e', bowl: sheet }), { version: 1 })
  expect(onWhatWasMade({ ...typed, id: 'e', version: null }).version).toBe(1)
})

it('lets a canvas and a review go once they are there, and touches nothing else', () => {
  keep.write('canvas.V', { version: 1, canvas: { worn: '' } })
  keep.write('close.V', { verdict: 'good' })
  keep.write('close.W', { verdict: 'good' })
  settleSent(keep, entry('PUT', 'visits/V/canvas', { version: 1, canvas: { worn: '' } }), { canvas: { version: 2 } })
  settleSent(keep, entry('POST', 'visits/V/close', {}), {})
  settleSent(keep, { ...entry('POST', 'clients/1', {}), stream: 'client:1' }, {})
  expect([...all.keys()]).toEqual(['close.W'])
})
