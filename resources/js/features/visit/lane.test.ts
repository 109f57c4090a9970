import { expect, it } from 'vitest'
import { left } from '../../shared/time/left'
import { laneOf } from './lane'
import type { Clock } from './shapes'

const at = (minute: number) => new Date(Date.UTC(2026, 0, 5, 10, minute)).toISOString()
const clock: Clock = {
  state: 'processing', stale: null, from: at(
    10,
  ), due: at(40), over: at(50), applied: 10, processed: null, longest: 20, checks: 0,
  stamps: [
    { kind: 'began', at: at(0), words: '', by: 'X', minutes: 0 },
    { kind: 'completed', at: at(10), words: '', by: 'X', minutes: 0 },
  ],
}

it('counts down to the server’s moment, and up beyond it', () => {
  expect(left(at(40), Date.parse(at(20)) + 5000)).toBe('19:55')
  expect(left(at(40), Date.parse(at(41)) + 30_000)).toBe('+1:30')
  expect(left(null, 0)).toBe('–')
})

it('lays the moments on a bar that grows when the time is over', () => {
  expect(laneOf(clock, Date.parse(at(20)))).toEqual({ from: 20, due: 80, over: 100, now: 40 })
  expect(laneOf(clock, Date.parse(at(100)))).toEqual({ from: 10, due: 40, over: 50, now: 100 })
  expect(laneOf({ ...clock, stamps: [] }, 0)).toBeNull()
})

it('stands still once it is rinsed', () => {
  const rinsed = { ...clock, stamps: [...clock.stamps, { kind: 'rinsed', at: at(40), words: '', by: 'X', minutes: 0 }] }
  expect(laneOf(rinsed, Date.parse(at(300)))?.now).toBe(80)
})
