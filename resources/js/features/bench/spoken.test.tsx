import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { spokenPour } from './PourStage'
import { Spoken } from '../../shared/ui/Spoken'

describe('what is heard of a pour', () => {
  it('says nothing new while grams run', () => {
    expect(spokenPour('6C', false, 'under', false, '3.1 g')).toBe(spokenPour('6C', false, 'under', false, '9.7 g'))
  })

  it('says when it is on target, when it is over, and how much is in once the scale rests', () => {
    expect(spokenPour('6C', false, 'inside', false, '20.0 g')).toBe('6C: On target')
    expect(spokenPour('6C', false, 'over', true, '21.0 g')).toBe('6C: over, 21.0 g in')
    expect(spokenPour('6C', true, 'under', true, '4.0 g')).toBe('6C: by eye, 4.0 g in')
    expect(spokenPour('6C', true, 'bowl-missing', true, '4.0 g')).toMatch(/Put it back/)
  })

  it('interrupts only for what is urgent', () => {
    expect(renderToStaticMarkup(<Spoken text="Rinse now, Hana" urgent />)).toContain('role="alert"')
    expect(renderToStaticMarkup(<Spoken text="6C: to go" />)).toContain('role="status"')
  })
})
