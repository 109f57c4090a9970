import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { productColour } from '../../shared/shelf/productColour'
import { ShadePicker } from '../../shared/shelf/ShadePicker'

/**
 * Names something that nobody planned, before it is poured by eye: any product of the bowl's line, or its developers.
 */
export function AlsoIn({
  line,
  planned,
  onPick,
  onClose,
}: { line: string; planned: string[]; onPick: (product: string) => void; onClose: () => void }) {
  const shelf = useQuery(shelfQuery)
  const found = shelf.data?.lines.find((each) => each.id === line)
  if (shelf.data === undefined || found === undefined) return null
  const developers = shelf.data.developers.filter((each) => found.developers.includes(each.id))
  return (
    <ShadePicker
      line={found}
      title={t`What else goes in? · ${found.name}`}
      kinds="all"
      without={planned}
      also={developers.map((each) => ({
        id: each.id,
        code: each.label,
        name: each.name,
        swatch: productColour(each.id, found, shelf.data),
      }))}
      onPick={(product) => { onPick(product.id) }}
      onClose={onClose}
    />
  )
}
