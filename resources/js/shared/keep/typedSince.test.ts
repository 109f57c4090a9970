import { expect, it } from 'vitest'
import { typedSince } from './typedSince'

it('keeps what was typed while it was saved, on the version that was made', () => {
  const sent = { version: 3, name: 'Keel' }
  expect(typedSince(sent, sent, 4)).toBeNull()
  expect(typedSince(null, sent, 4)).toBeNull()
  expect(typedSince({ ...sent, name: 'Keelson' }, sent, 4)).toEqual({ version: 4, name: 'Keelson' })
})
