import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { canvasDrafts, emptyZone, firstCanvas, freeZoneId } from './canvasDraft'

beforeEach(() => {
  const all = new Map<string, string>()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => all.get(key) ?? null,
    setItem: (key: string, value: string) => { all.set(key, value) },
    removeItem: (key: string) => { all.delete(key) },
  })
})
afterEach(() => { vi.unstubAllGlobals() })

it('keeps a half-read canvas through a reload, visit by visit', () => {
  const draft = { version: 3, canvas: { ...firstCanvas(), worn: 'parted left' } }
  canvasDrafts.write('one', draft)
  expect(canvasDrafts.read('one')).toEqual(draft)
  expect(canvasDrafts.read('two')).toBeNull()
  canvasDrafts.write('one', null)
  expect(canvasDrafts.read('one')).toBeNull()
})

it('does not stumble over a draft of another day’s shape', () => {
  localStorage.setItem('tinta.keep.canvas.one', JSON.stringify({ version: 'x', canvas: 7 }))
  expect(canvasDrafts.read('one')).toBeNull()
  localStorage.setItem('tinta.keep.canvas.one', '{')
  expect(canvasDrafts.read('one')).toBeNull()
})

it.each([
  ['Temples', [], 'temples'],
  ['Temples', ['temples'], 'temples-2'],
  ['Temples', ['temples', 'temples-2'], 'temples-3'],
  ['  Band at 5 cm! ', [], 'band-at-5-cm'],
  ['ÅÄÖ', [], 'zone'],
])('gives the zone %j beside %j the id %s', (name, taken, id) => {
  expect(freeZoneId(name, taken)).toBe(id)
})

it('starts with the whole strand and nothing said', () => {
  expect(firstCanvas().zones.flatMap((zone) => zone.spans)).toEqual(['root', 'regrowth', 'mids', 'ends'])
  expect(
    emptyZone('x', 'X', ['ends']),
  ).toMatchObject({ level: null, wish: { level: null, tone: [], words: '' }, regions: [] })
})
