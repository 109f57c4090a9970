import { beforeEach, expect, it } from 'vitest'
import { device, gone, ines, save } from './device.test.kit'

let at: ReturnType<typeof device>
beforeEach(() => { at = device() })

it('is in no conflict with itself where the same is saved twice before the first has arrived', async () => {
  const box = at.make()
  box.setAuthor(ines)
  const made = { version: ['bowl', 'version'] }
  at.world.server.set('bowls/b', [() => ({ bowl: { version: 4 } }), () => ({ bowl: { version: 5 } })])
  const first = save(box, 'PUT', 'bowls/b', { version: 3, bowl: 'one' }, made)
  const second = save(box, 'PUT', 'bowls/b', { version: 3, bowl: 'two' }, made)
  void save(box, 'PUT', 'bowls/c', { version: 3, bowl: 'other' }, made)
  void save(box, 'PUT', 'bowls/b', { version: 2, bowl: 'older' }, made)
  await Promise.all([first, second])
  await at.rest()
  expect(at.bodies).toEqual([
    'PUT bowls/b {"version":3,"bowl":"one"}',
    'PUT bowls/b {"version":4,"bowl":"two"}',
    'PUT bowls/c {"version":3,"bowl":"other"}',
    'PUT bowls/b {"version":2,"bowl":"older"}',
  ])
})

it('makes one bowl of a new one that is saved twice, and a change of the second', async () => {
  const box = at.make()
  box.setAuthor(ines)
  const made = { version: ['version'], change: 'bowls/n' }
  at.world.server.set('rounds/r/bowls', [gone, () => ({ version: 1 })])
  at.world.server.set('bowls/n', [() => ({ version: 2 })])
  const first = save(box, 'POST', 'rounds/r/bowls', { id: 'n', bowl: 'one' }, made)
  const second = save(box, 'POST', 'rounds/r/bowls', { id: 'n', bowl: 'two' }, made)
  const third = save(box, 'POST', 'rounds/r/bowls', { id: 'n', bowl: 'three' }, made)
  void save(box, 'POST', 'rounds/r/bowls', { id: 'm', bowl: 'another' }, { ...made, change: 'bowls/m' })
  await at.rest()
  await at.tick()
  await Promise.all([first, second, third])
  await at.rest()
  expect(at.bodies.slice(1)).toEqual([
    'POST rounds/r/bowls {"id":"n","bowl":"one"}',
    'PUT bowls/n {"bowl":"two","version":1}',
    'PUT bowls/n {"version":2,"bowl":"three"}',
    'POST rounds/r/bowls {"id":"m","bowl":"another"}',
  ])
})

it('leaves what waits as it is where the server says no version', async () => {
  const box = at.make()
  box.setAuthor(ines)
  void save(box, 'PUT', 'bowls/b', { version: 3 }, { version: ['version'] })
  void save(box, 'PUT', 'bowls/b', { version: 3 }, undefined)
  void save(box, 'PUT', 'bowls/b', { version: 3 }, { version: ['version'] })
  await at.rest()
  expect(at.bodies).toEqual(Array<string>(3).fill('PUT bowls/b {"version":3}'))
})
