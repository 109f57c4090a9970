import { afterEach, describe, expect, it } from 'vitest'
import { showAgo, showClock, showDate, showDay, showTimesIn } from './time'

afterEach(() => { showTimesIn('UTC') })

describe('times', () => {
  it('shows the salon’s clock and day', () => {
    expect(showClock('2026-11-23T09:05:00+00:00')).toBe('09:05')
    expect(showDay('2026-11-03T23:59:00+00:00')).toBe('3 Nov 2026')
  })

  // Zone offsets as the runtime's own tz database has them: Oslo is UTC+1 in winter and UTC+2 in summer.
  it.each([
    ['Europe/Oslo', '2026-11-23T09:05:00Z', '10:05', '23 Nov 2026'],
    ['Europe/Oslo', '2026-07-01T09:05:00Z', '11:05', '1 Jul 2026'],
    ['Europe/Oslo', '2026-11-23T23:30:00Z', '00:30', '24 Nov 2026'],
    ['America/St_Johns', '2026-11-23T02:00:00Z', '22:30', '22 Nov 2026'],
  ])('shows the wall of %s at %s', (zone, iso, clock, day) => {
    showTimesIn(zone)
    expect([showClock(iso), showDay(iso)]).toEqual([clock, day])
  })

  it('moves no plain date into another day', () => {
    showTimesIn('America/St_Johns')
    expect(showDate('2026-12-07')).toBe('7 Dec 2026')
  })

  it.each([
    ['2026-11-23T08:00:00Z', 'today'],
    ['2026-11-22T08:00:00Z', 'yesterday'],
    ['2026-11-22T23:50:00Z', 'yesterday'],
    ['2026-11-13T08:00:00Z', '10 days ago'],
    ['2026-10-19T08:00:00Z', '5 weeks ago'],
    ['2026-05-27T08:00:00Z', '6 months ago'],
  ])('says how long ago %s was', (iso, words) => {
    expect(showAgo(iso, new Date('2026-11-23T00:10:00Z'))).toBe(words)
  })

  it('counts the salon’s days, not the server’s', () => {
    showTimesIn('Europe/Oslo')
    expect(showAgo('2026-11-22T23:30:00Z', new Date('2026-11-23T08:00:00Z'))).toBe('today')
  })
})
