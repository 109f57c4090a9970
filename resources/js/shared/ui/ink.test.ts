import { expect, it } from 'vitest'
import { inkOf } from './ink'

it('gives the first six bowls an ink and a pattern of their own', () => {
  const inks = ['A', 'B', 'C', 'D', 'E', 'F'].map(inkOf)
  expect(new Set(inks.map((ink) => ink.name)).size).toBe(6)
  expect(new Set(inks.map((ink) => ink.pattern)).size).toBe(6)
})

it('keeps a bowl’s ink the same wherever it appears', () => {
  expect(inkOf('B')).toEqual(inkOf('B'))
  expect(inkOf('G')).toEqual(inkOf('A'))
})
