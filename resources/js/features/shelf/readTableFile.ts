import { t } from '@lingui/core/macro'

const LARGEST = 2_000_000

/** A file's text, whatever it was written in, and what is to be said of that. */
export async function readTableFile(
  file: { name: string; size: number; arrayBuffer: () => Promise<ArrayBuffer> },
): Promise<{ text: string; note: string }> {
  if (file.size > LARGEST) return {
    text: '',
    note: t`${file.name} is larger than a line of products ever is. Cut it, and bring it in in parts.`,
  }
  const bytes = new Uint8Array(await file.arrayBuffer())
  if (bytes[0] === 0x50
    && bytes[1] === 0x4b) return {
      text: '',
      note: t`${file.name} is a workbook. Save it as CSV first, or copy its cells and paste them here.`,
    }
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return { text: new TextDecoder('utf-16le').decode(bytes), note: '' }
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return { text: new TextDecoder('utf-16be').decode(bytes), note: '' }
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), note: '' }
  } catch {
    return {
      text: new TextDecoder('windows-1252').decode(bytes),
      note: t`${file.name} is not UTF-8; it was read as Western European. Look at names with accents before you bring it in.`,
    }
  }
}
