import { expect, it } from 'vitest'
import { device, gone, ines, write } from './device.test.kit'

it('is tried once at a time while there is no connection, however often it was kicked', async () => {
  const at = device()
  const box = at.make()
  box.setAuthor(ines)
  at.world.server.set('x', Array.from({ length: 20 }, () => gone))
  void write(box, 'x')
  for (let kick = 0; kick < 5; kick++) {
    box.kick()
    await at.rest()
  }
  const before = at.sent.length
  await at.tick()
  expect(at.sent.length - before).toBe(1)
  await at.tick()
  expect(at.sent.length - before).toBe(2)
})
