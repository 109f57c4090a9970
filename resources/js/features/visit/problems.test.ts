import { expect, it } from 'vitest'
import { Refused, Unreachable } from '../../shared/api/http'
import { aboutTyped, isGeneral, problemAt } from './problems'

const refused = new Refused(
  422,
  'Not so.',
  'Mend it.',
  [{ pointer: '/ratio', message: 'Zero.', mend: 'Write more.' }],
  undefined,
)

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

it('does not call an empty bowl wrong, and never hides what is wrong with something typed', () => {
  const sheet = { ratio: '1:0', amount: { grams: '' }, parts: [{ ingredients: [] }] }
  const empty = [
    { pointer: '/amount/grams', message: 'There is no amount.', mend: '' },
    { pointer: '/parts/0/ingredients', message: 'Nothing is chosen.', mend: '' },
  ]
  expect(aboutTyped(new Refused(422, 'Not so.', '', empty, undefined), sheet)).toBeNull()
  const left = aboutTyped(new Refused(422, 'Not so.', '', [...empty, ...refused.problems], undefined), sheet)
  expect(left).toBeInstanceOf(Refused)
  expect(problemAt(left, '/ratio')?.message).toBe('Zero.')
  expect(problemAt(left, '/amount/grams')).toBeUndefined()
  const unreachable = new Unreachable()
  expect(aboutTyped(unreachable, sheet)).toBe(unreachable)
  expect(aboutTyped(null, sheet)).toBeNull()
})
