import { describe, expect, it } from 'vitest'
import type { Batch } from './api'
import { benchAction } from './benchAction'
import type { ScaleState } from './useScale'

const batch = (status: Batch['status']): Batch => ({
  id: 'b', number: 1, status, sequence: 1, current: 'x', live: null, over: null, lines: [], total: '0 g', target: '60 g', planned: '60 g',
  bowlWeight: null, leftover: null, used: '0 g', discardReason: null, canUndo: false,
  bowl: { id: 'b', letter: 'A', job: '', visit: 'v', client: '', line: '', ratio: '1:1' },
})
const reading = (place: 'bowl-missing' | 'waiting' | 'under' | 'inside' | 'over', still = true): ScaleState => ({
  state: 'reading', reading: 1230, shown: '12.3 g', still, since: 's', pour: { place, net: '12.3 g', inLine: '12.3 g', left: '0.0 g', over: '0.0 g', at: 0.5 },
})

describe('the big button', () => {
  it('starts with the scale where there is one, and without where there is none', () => {
    expect(benchAction(null, reading('waiting'), true)).toMatchObject({ kind: 'start', withScale: true })
    expect(benchAction(null, { state: 'disconnected' }, true)).toMatchObject({ kind: 'start', withScale: false })
  })

  it.each([
    ['waiting', 'none'],
    ['under', 'record'],
    ['inside', 'record'],
    ['over', 'record'],
    ['bowl-missing', 'carry-on'],
  ] as const)('does the right thing while the pour is %s', (place, kind) => {
    expect(benchAction(batch('weighing'), reading(place), true).kind).toBe(kind)
  })

  it('records what the scale showed, word for word', () => {
    expect(benchAction(batch('weighing'), reading('inside', false), true)).toMatchObject({ grams: '12.3 g', still: false })
  })

  it.each(['disconnected', 'garbled', 'overload'] as const)('asks for grams by hand while the scale is %s', (state) => {
    expect(benchAction(batch('weighing'), { state }, true).kind).toBe('type')
  })

  it('takes nothing for a pour once the scale may have lost its zero', () => {
    expect(benchAction(batch('weighing'), reading('over'), false).kind).toBe('retare')
    expect(benchAction(batch('weighing'), { state: 'disconnected' }, false).kind).toBe('type')
  })

  it.each([
    ['over', 'none'],
    ['complete', 'finish'],
    ['finished', 'again'],
    ['discarded', 'again'],
  ] as const)('knows a batch that is %s', (status, kind) => {
    expect(benchAction(batch(status), reading('waiting'), true).kind).toBe(kind)
  })
})
