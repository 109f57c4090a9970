import { expect, it } from 'vitest'
import { due, uncalled } from './alarms'
import { lateBy } from './left'
import type { Head } from '../visits/wall'
import type { Act } from '../visits/times'

const at = (minute: number) => new Date(Date.UTC(2026, 0, 5, 10, minute)).toISOString()
const act = (kind: Act['kind'], minute: number, letters = ['A']): Act => ({
  kind,
  words: kind,
  letters,
  bowls: [],
  at: at(minute),
  late: 0,
  over: false,
})
const head = (acts: Act[], onHair = true): Head => ({
  id: 'v1', client: 'Ana', service: '', colourist: {
    name: '',
    initials: '',
  }, onHair, next: { do: 'run', words: '', what: '', bowl: null, at: null },
  times: {
    now: at(0),
    hands: 1,
    ends: null,
    endsLatest: null,
    proven: true,
    bowls: [],
    breaks: [],
    mends: [],
    faults: [],
    acts,
  },
})

it('calls what is due now, and not what is to come', () => {
  expect(
    due([head([act('rinse', 40), act('begin', 20, ['B'])])], Date.parse(at(20))).map((alarm) => alarm.act.kind),
  ).toEqual(['begin'])
})

it('calls nobody before anything is on, nor for a last touch', () => {
  expect(due([head([act('mix', 0)], false), head([act('complete', 0)])], Date.parse(at(5)))).toEqual([])
})

it('calls each once, and again when it comes due again', () => {
  const alarms = due([head([act('look', 10)])], Date.parse(at(11)))
  const first = uncalled(alarms, new Set())
  expect(first.fresh).toHaveLength(1)
  expect(uncalled(alarms, first.called).fresh).toHaveLength(0)
  // The next look is another moment.
  expect(uncalled(due([head([act('look', 15)])], Date.parse(at(16))), first.called).fresh).toHaveLength(1)
})

it('counts lateness on from what the server said, whenever that was', () => {
  const begin = { at: at(20), late: 2 }
  expect([
    lateBy(begin, at(20), Date.parse(at(19))),
    lateBy(begin, at(20), Date.parse(at(20))),
    lateBy(begin, at(20), Date.parse(at(25))),
  ]).toEqual([0, 2, 7])
  // What comes due after the answer counts from its own moment.
  expect(lateBy({ at: at(30), late: 0 }, at(20), Date.parse(at(33)))).toBe(3)
})
