/** A bowl's own ink and pattern, by its letter; never colour alone. */
export type Pattern = 'stripe' | 'dot' | 'bar' | 'cross' | 'wave' | 'ring'
export type Ink = { name: string; pattern: Pattern }

const INKS: readonly Ink[] = [
  { name: 'sea', pattern: 'stripe' },
  { name: 'clay', pattern: 'dot' },
  { name: 'moss', pattern: 'bar' },
  { name: 'plum', pattern: 'cross' },
  { name: 'ochre', pattern: 'wave' },
  { name: 'slate', pattern: 'ring' },
]

/** A to F, and 1 to 6, have their own; later ones start again with the first. */
export function inkOf(sign: string): Ink {
  const code = sign.codePointAt(0) ?? 65
  const at = Math.max(0, code - (code < 65 ? 49 : 65)) % INKS.length
  return INKS[at] ?? { name: 'sea', pattern: 'stripe' }
}
