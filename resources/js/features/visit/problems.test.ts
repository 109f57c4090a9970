import { expect, it } from 'vitest'
import { Refused, Unreachable } from '../../shared/api/http'
import { isGeneral, problemAt } from './problems'

const refused = new Refused(422, 'Not so.', 'Mend it.', [{ pointer: '/ratio', message: 'Zero.', mend: 'Write more.' }], undefined)

it('shows a problem at its field and nowhere else', () => {
  expect(problemAt(refused, '/ratio')?.message).toBe('Zero.')
  expect(problemAt(refused, '/letter')).toBeUndefined()
  expect(problemAt(new Unreachable(), '/ratio')).toBeUndefined()
  expect(problemAt(null, '/ratio')).toBeUndefined()
})

it('shows by itself what belongs to no field', () => {
  expect(isGeneral(refused)).toBe(false)
  expect(isGeneral(new Refused(422, 'Too large.', '', [], undefined))).toBe(true)
  expect(isGeneral(new Unreachable())).toBe(true)
  expect(isGeneral(null)).toBe(false)
})
