import { expect, it } from 'vitest'
import { onWork, startWork } from './busy'

it('is at rest only when everything begun has ended, however often an end is said', () => {
  const heard: number[] = []
  const stop = onWork((working) => heard.push(working))
  const one = startWork()
  const other = startWork()
  one()
  one()
  other()
  stop()
  startWork()()
  expect(heard).toEqual([0, 1, 2, 1, 0])
})
