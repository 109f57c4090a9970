import { afterEach, describe, expect, it } from 'vitest'
import { masses, readMass, readsOunces, showMassesIn } from './mass'

afterEach(() => { showMassesIn(null) })

describe('masses', () => {
  it('are left as they were sent where the house reads grams', () => {
    expect([
      masses('60.0 g in the bowl'),
      readMass('60.0 g'),
      readsOunces(),
    ]).toEqual(['60.0 g in the bowl', ['60.0 g', null], false])
  })

  // The international avoirdupois ounce: 28.349 523 125 g (NIST SP 811).
  it.each([
    ['28.35 g', '1.00 oz (28.35 g)'],
    ['12 g 7N, 3.5 g 8A', '0.42 oz (12 g) 7N, 0.12 oz (3.5 g) 8A'],
    ['+141.75 g', '+5.00 oz (141.75 g)'],
    ['2.12 oz (60 g) more', '2.12 oz (60 g) more'],
    ['20 vol, 7 G, 35 g/tube', '20 vol, 7 G, 35 g/tube'],
    ['none', 'none'],
  ])('reads %s in ounces', (sent, shown) => {
    showMassesIn('28.349523')
    expect(masses(sent)).toBe(shown)
  })

  it('puts the ounces first and the grams beside them', () => {
    showMassesIn('28.349523')
    expect([readMass('+56.7 g'), readMass('by eye')]).toEqual([['+2.00 oz', '+56.7 g'], ['by eye', null]])
  })
})
