/** The tone families, as the core names them. */
export const FAMILIES = [
  'natural',
  'ash',
  'matte',
  'violet',
  'pearl',
  'beige',
  'gold',
  'copper',
  'mahogany',
  'red',
  'brown',
] as const
