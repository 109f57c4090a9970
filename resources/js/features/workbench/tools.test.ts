import { expect, it } from 'vitest'
import { linesFor, settingsOf, TOOLS } from './tools'

const lines = [
  { id: 'p', kind: 'permanent' },
  { id: 'd', kind: 'demi' },
  { id: 'l', kind: 'lightener' },
]

it('opens every instrument by a key of its own', () => {
  expect(new Set(TOOLS.map((tool) => tool.key)).size).toBe(TOOLS.length)
})

it('takes settings from the address and starts the others', () => {
  const tone = TOOLS.find((tool) => tool.id === 'toner')
  if (tone === undefined) throw new Error('no toner')
  const set = settingsOf(tone, new URLSearchParams('level=8.5&damp=1'), lines)
  expect(set).toMatchObject({ level: '8.5', damp: '1', wish: 'pearl', line: 'd' })
})

it('offers no lightener where a shade is sought', () => {
  expect(linesFor('colour', lines).map((line) => line.id)).toEqual(['p', 'd'])
  expect(linesFor('deposit', lines).map((line) => line.id)).toEqual(['d', 'p'])
})
