import type { Shelf, ShelfLine } from './shelf'

/** Cream tones for developers, weaker ones lighter. */
const DEVELOPER_SHADE = ['#f7f3ea', '#efe7d6', '#e5dac3', '#d9cbb0', '#cbb998']

/** A product's colour in a drawn bowl: a shade's swatch, or a cream tone for developers. */
export function productColour(product: string, line: ShelfLine | undefined, shelf: Shelf): string {
  const developer = shelf.developers.findIndex((each) => each.id === product)
  return line?.products.find((each) => each.id === product)?.swatch ?? DEVELOPER_SHADE[developer] ?? '#e5dac3'
}
