import { expect, it } from 'vitest'
import { ribbons } from './ribbons'

const counted = (laid: number[]) => laid.reduce<Record<number, number>>(
  (sum, kind) => ({ ...sum, [kind]: (sum[kind] ?? 0) + 1 }),
  {},
)

it('draws as many ribbons of a kind as its share', () => {
  expect(counted(ribbons([50, 50]))).toEqual({ 0: 12, 1: 12 })
  expect(counted(ribbons([67, 33]))).toEqual({ 0: 16, 1: 8 })
  expect(counted(ribbons([70, 20, 10], 20))).toEqual({ 0: 14, 1: 4, 2: 2 })
})

it('lays foils between what is left, never side by side while there is something to lie between', () => {
  const laid = ribbons([75, 25])
  expect(laid).toHaveLength(24)
  laid.forEach((kind, at) => { if (kind === 1) expect(laid[at + 1]).not.toBe(1) })
})

it('draws nothing of nothing', () => {
  expect(ribbons([])).toEqual([])
  expect(ribbons([0, 0])).toEqual([])
})
