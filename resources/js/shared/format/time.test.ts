import { describe, expect, it } from 'vitest'
import { showAgo, showClock, showDay } from './time'

describe('times', () => {
  it('shows the salon’s clock and day', () => {
    expect(showClock('2026-11-23T09:05:00+00:00')).toBe('09:05')
    expect(showDay('2026-11-03T23:59:00+00:00')).toBe('3 Nov 2026')
  })

  it.each([
    ['2026-11-23T08:00:00Z', 'today'],
    ['2026-11-22T08:00:00Z', 'yesterday'],
    ['2026-11-13T08:00:00Z', '10 days ago'],
    ['2026-10-19T08:00:00Z', '5 weeks ago'],
    ['2026-05-27T08:00:00Z', '6 months ago'],
  ])('says how long ago %s was', (iso, words) => {
    expect(showAgo(iso, new Date('2026-11-23T12:00:00Z'))).toBe(words)
  })
})
