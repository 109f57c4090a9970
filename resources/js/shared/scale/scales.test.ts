import { expect, it } from 'vitest'
import { shownBy, type HeardScale } from './scales'

const scale = (id: string, state: HeardScale['state']): HeardScale => ({
  id,
  name: `Scale ${id}`,
  state,
  shown: `${id}8.5 g`,
})

it('takes what the chosen scale shows, and nothing while it cannot be believed', () => {
  const two = [scale('1', 'reading'), scale('2', 'reading')]
  expect([
    shownBy(two, ''),
    shownBy(two, '1'),
    shownBy(two, '2'),
    shownBy(two, '3'),
    shownBy([], ''),
  ]).toEqual(['18.5 g', '18.5 g', '28.5 g', null, null])
  for (const state of [
    'disconnected',
    'garbled',
    'overload',
    'frozen',
  ] as const) expect(shownBy([scale('1', state), scale('2', 'reading')], '1')).toBeNull()
})
