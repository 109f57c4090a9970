import { describe, expect, it } from 'vitest'
import { readTableFile } from './readTableFile'

const file = (bytes: Uint8Array, size = bytes.length) => ({
  name: 'shades.csv',
  size,
  arrayBuffer: () => Promise.resolve(
    bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer,
  ),
})
const utf16 = (text: string) => new Uint8Array([
  0xff,
  0xfe,
  ...[...text].flatMap((letter) => [letter.charCodeAt(0) & 255, letter.charCodeAt(0) >> 8]),
])

describe('a file of products', () => {
  it('is read in UTF-8, with or without its mark, and in UTF-16', async () => {
    expect(await readTableFile(file(new TextEncoder().encode('7.3;Sandé')))).toEqual({ text: '7.3;Sandé', note: '' })
    expect((await readTableFile(file(new Uint8Array([0xef, 0xbb, 0xbf, 0x37])))).text).toBe('7')
    expect(await readTableFile(file(utf16('7.3;Sandé')))).toEqual({ text: '7.3;Sandé', note: '' })
  })

  it('is read as Western European where it is nothing else, and says so', async () => {
    const { text, note } = await readTableFile(file(new Uint8Array([0x53, 0x61, 0x6e, 0x64, 0xe9])))
    expect(text).toBe('Sandé')
    expect(note).toContain('not UTF-8')
  })

  it('is not taken where it is a workbook, or far too large', async () => {
    expect(
      await readTableFile(file(new Uint8Array([0x50, 0x4b, 3, 4]))),
    ).toMatchObject({ text: '', note: expect.stringContaining('Save it as CSV') as string })
    expect(
      await readTableFile(file(new Uint8Array([1]), 50_000_000)),
    ).toMatchObject({ text: '', note: expect.stringContaining('in parts') as string })
  })
})
