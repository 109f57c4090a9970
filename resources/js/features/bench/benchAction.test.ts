import { describe, expect, it } from 'vitest'
import type { Batch } from './api'
import { benchAction } from './benchAction'
import type { ScaleState } from './useScale'

const batch = (status: Batch['status']): Batch => ({
  id: 'b', number: 1, status, sequence: 1, current: 'x', live: null, over: null, lines: [], total: '0 g', target: '60 g', planned: '60 g',
  bowlWeight: null, leftover: null, used: '0 g', discardReason: null, said: '', vessel: '', zero: 's', undoes: null, presses: [],
  bowl: { id: 'b', letter: 'A', job: '', visit: 'v', client: '', line: '', ratio: '1:1' },
})
const reading = (place: 'bowl-missing' | 'waiting' | 'under' | 'inside' | 'over', still = true): ScaleState => ({
  state: 'reading', reading: 1230, shown: '12.3 g', still, since: 's', pour: {
    place,
    net: '12.3 g',
    inLine: '12.3 g',
    left: '0.0 g',
    over: '0.0 g',
    bowl: '12.3 g',
    wedge: 0.5,
    at: 0.5,
  },
})

describe('the big button', () => {
  it('starts with the scale where there is one, and without where there is none', () => {
    expect(benchAction(null, reading('waiting'))).toMatchObject({ kind: 'start', withScale: true })
    expect(benchAction(null, { state: 'disconnected' })).toMatchObject({ kind: 'start', withScale: false })
  })

  it.each([
    ['waiting', 'none'],
    ['under', 'record'],
    ['inside', 'record'],
    ['over', 'record'],
    ['bowl-missing', 'none'],
  ] as const)('does the right thing while the pour is %s', (place, kind) => {
    expect(benchAction(batch('weighing'), reading(place)).kind).toBe(kind)
  })

  it('records what the scale showed, word for word', () => {
    expect(benchAction(batch('weighing'), reading('inside', false))).toMatchObject({ grams: '12.3 g', still: false })
  })

  it.each(['disconnected', 'garbled', 'overload'] as const)('asks for grams by hand while the scale is %s', (state) => {
    expect(benchAction(batch('weighing'), { state }).kind).toBe('type')
  })

  it('takes nothing for a pour until it is said what stands on the scale', () => {
    const elsewhere = {
      ...batch('weighing'),
      zero: 'before something else was put on',
      presses: ['same-bowl', 'other-bowl'],
    }
    expect(benchAction(elsewhere, reading('over'))).toMatchObject({ kind: 'stands', stands: 'same' })
    expect(
      benchAction({ ...elsewhere, zero: null, presses: ['empty-bowl', 'withdraw'] }, reading('over')),
    ).toMatchObject({ kind: 'stands', stands: 'empty' })
    expect(benchAction(elsewhere, { state: 'disconnected' }).kind).toBe('type')
  })

  it('leaves another batch to another place: what finishes the bowl never begins one', () => {
    expect(benchAction(batch('complete'), reading('waiting')).kind).toBe('finish')
    expect(benchAction(batch('finished'), reading('waiting')).kind).toBe('leave')
    expect(benchAction(batch('complete'), reading('over'))).toMatchObject({ kind: 'stands', stands: 'same' })
  })

  it.each([
    ['over', 'none'],
    ['complete', 'finish'],
    ['finished', 'leave'],
    ['discarded', 'leave'],
    ['withdrawn', 'start'],
  ] as const)('knows a batch that is %s', (status, kind) => {
    expect(benchAction(batch(status), reading('waiting')).kind).toBe(kind)
  })
})
