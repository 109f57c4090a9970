import type { Sheet } from './sheet'

/**
 * The bowl without the rows at its ends that were begun and say nothing yet: an extra without grams, a job without, an
 * unnamed thing without a word. All else is worked meanwhile; saving sends them, and asks.
 */
export function withoutBegun(sheet: Sheet): Sheet {
  return {
    ...sheet,
    parts: sheet.parts.map((part) => ({ ingredients: said(part.ingredients, (entry) => entry.words) })),
    ...(sheet.extras === undefined ? {} : { extras: said(sheet.extras, (extra) => extra.grams) }),
    ...(sheet.uses === undefined ? {} : { uses: said(sheet.uses, (use) => use.grams) }),
  }
}

/** From the end only, so that what is wrong in a row is said of that row. */
function said<Row>(rows: Row[], text: (row: Row) => string | undefined): Row[] {
  const last = rows.findLastIndex((row) => text(row)?.trim() !== '')
  return rows.slice(0, last + 1)
}
