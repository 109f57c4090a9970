import { describe, expect, it } from 'vitest'
import type { Keep } from '../../shared/keep/keep'
import { lineShape } from './shapes'
import { codesOf, draftOf, EMPTY, jsonOf, keepLineDraft, readLineDraft } from './lineDraft'

const line = {
  name: 'Keel', kind: 'permanent', ratio: '1:2:1.5', notation: 'digits', window: {
    min: '30',
    target: '35',
    max: '45',
  }, developers: ['developer-1'],
  tones: {
    3: { gold: '1' },
    4: { copper: '2', gold: '1' },
  }, windows: { 20: { min: '25', target: '30', max: '40' } }, grey: { min: '40', target: '45', max: '50' },
  lift: {
    20: '1.5',
  }, order: [
    'colour',
    'base',
    'developer',
  ], heat: false, stops: true, apart: ['lightener'], density: '1.05', marks: {
    '+': 'intense',
  }, separators: ['/'], levels: { lowest: 1, highest: 10 },
  primary: '3', zero: 'natural', doubledLevel: false, lettersEqual: false,
}
const loaded = (change = {}) => lineShape.parse({
  id: 'line-1',
  version: 4,
  about: 'Ours',
  withdrawn: false,
  line: { ...line, ...change },
  products: [],
})

describe('a line as it is written', () => {
  it('goes back as it came, every rule of it', () => {
    expect(jsonOf(draftOf(loaded()))).toEqual(line)
    expect(draftOf(loaded())).toMatchObject({ version: 4, about: 'Ours' })
  })

  it('says nothing of what was not said', () => {
    expect(
      jsonOf(EMPTY),
    ).toEqual({
      name: '',
      kind: 'permanent',
      ratio: '1:1',
      notation: 'letters',
      window: { min: '', target: '', max: '' },
      developers: [],
      tones: { N: { natural: '1' } },
    })
  })

  it('reads empty objects however PHP writes them', () => {
    expect(
      draftOf(loaded({ tones: [], windows: [], lift: [], marks: [], levels: [] })),
    ).toMatchObject({ tones: [], windows: [], lift: [], marks: [], lowest: '' })
  })

  it('keeps strengths as volumes, and keys in capitals', () => {
    const json = jsonOf({
      ...EMPTY,
      windows: [{ strength: '20 vol', minutes: { min: '1', target: '2', max: '3' } }],
      lift: [{ strength: ' 30', levels: '2' }, { strength: '', levels: '' }],
      tones: [{ key: ' g ', weights: { gold: '1' } }, { key: '', weights: {} }],
    })
    expect(json).toMatchObject({ windows: { 20: { min: '1' } }, lift: { 30: '2' }, tones: { G: { gold: '1' } } })
    expect(Object.keys(json['tones'] as object)).toEqual(['G'])
  })

  it('takes pasted codes apart, each once', () => {
    expect(codesOf('6N, 7N;8N\n6N\t 9.3 \n\n')).toEqual(['6N', '7N', '8N', '9.3'])
  })

  it('survives a reload, and is dropped where it is not ours', () => {
    const kept = new Map<string, unknown>()
    const keep: Keep = {
      read: (key) => kept.get(key),
      write: (key, value) => { kept.set(key, JSON.parse(JSON.stringify(value))) },
      drop: (key) => { kept.delete(key) },
    }
    keepLineDraft(keep, 'new', { ...EMPTY, name: 'Keel', codes: '6N' })
    expect(readLineDraft(keep, 'new')).toMatchObject({ name: 'Keel', codes: '6N' })
    expect(readLineDraft(keep, 'line-1')).toBeNull()
    kept.set('line.new', { name: 3 })
    expect(readLineDraft(keep, 'new')).toBeNull()
    keepLineDraft(keep, 'new', null)
    expect(kept.size).toBe(0)
  })
})
