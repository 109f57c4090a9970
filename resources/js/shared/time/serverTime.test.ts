import { beforeEach, expect, it } from 'vitest'
import { forgetTime, hearTime, serverTime } from './serverTime'

const noon = '2026-01-05T12:00:00.000+00:00'

beforeEach(forgetTime)

it('counts on from what an answer said, whatever this device’s clock says', () => {
  expect(serverTime(0)).toBeNull()
  hearTime(noon, 1_000)
  expect(serverTime(4_000)).toBe(Date.parse(noon) + 3_000)
})

it('keeps the answer that was least long on its way, and follows a clock that was put right', () => {
  hearTime(noon, 1_000)
  hearTime(noon, 1_400)
  expect(serverTime(1_400)).toBe(Date.parse(noon) + 400)
  hearTime(noon, 900)
  expect(serverTime(1_400)).toBe(Date.parse(noon) + 500)
  hearTime(noon, 60_000)
  expect(serverTime(60_000)).toBe(Date.parse(noon))
})

it('takes nothing that is no time', () => {
  hearTime(null)
  hearTime('soon')
  expect(serverTime()).toBeNull()
})
