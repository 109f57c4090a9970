import { t } from '@lingui/core/macro'
import type { ShelfLine } from '../../shared/shelf/shelf'

/** The shade that is chosen, or the words for what is; a press chooses another. */
export function ShadeButton({
  line,
  product,
  words,
  onPress,
}: { line: ShelfLine; product: string; words?: string; onPress: () => void }) {
  const shade = line.products.find((each) => each.id === product)
  return (
    <button type="button" className="shade-button" onClick={onPress}>
      <span className="shade-swatch" style={{ background: shade?.swatch }} />
      <strong>{shade?.code ?? words ?? t`choose`}</strong>
      <span className="quiet">{shade?.name}</span>
    </button>
  )
}
