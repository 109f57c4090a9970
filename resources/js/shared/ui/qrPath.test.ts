import jsQR from 'jsqr'
import { encode } from 'uqr'
import { expect, it } from 'vitest'
import { qrPath } from './qrPath'

/** Paints the path's squares as a scanner would see them, eight pixels a square. */
function painted(path: string, size: number): Uint8ClampedArray {
  const scale = 8
  const pixels = new Uint8ClampedArray(size * scale * size * scale * 4).fill(255)
  for (const [, x = '', y = ''] of path.matchAll(/M(\d+) (\d+)h1v1h-1z/g))
    for (let dy = 0; dy < scale; dy++)
      for (let dx = 0; dx < scale; dx++) {
        const at = ((Number(y) * scale + dy) * size * scale + Number(x) * scale + dx) * 4
        pixels.fill(0, at, at + 3)
      }
  return pixels
}

// Outside check: what was drawn is read back by another library, jsQR.
it('draws a code that a scanner reads as the visit’s address', () => {
  const address = 'http://salon.example:8360/visits/0a8b6e50-6f7b-4c8f-9a53-5d1d5f6b9c11'
  const code = encode(address, { ecc: 'M', border: 2 })
  expect(jsQR(painted(qrPath(code.data), code.size), code.size * 8, code.size * 8)?.data).toBe(address)
})
