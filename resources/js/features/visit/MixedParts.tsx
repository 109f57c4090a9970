import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { Mass } from '../../shared/ui/Mass'
import type { Shelf } from '../../shared/shelf/shelf'
import type { Bowl, Entry, WorkedIngredient } from './shapes'

/** What it comes to; words and bounds are longer than grams, and smaller. */
export function GramsOf({ worked, product }: { worked: WorkedIngredient | undefined; product: string | undefined }) {
  const grams = worked?.grams ?? ''
  return (
    <output className={/^[\d.]+ g$/.test(grams) || grams === '' ? 'grams' : 'grams is-open'} data-product={product}>
      {grams === '' ? '–' : <Mass of={grams} />}
    </output>
  )
}

export const leftOf = (sources: Bowl[], product: string | undefined) => {
  const bowl = sources.find((each) => product === `bowl:${each.id}`)
  return bowl === undefined ? undefined : t`what is left of ${bowl.letter}`
}

/** A nicknamed recipe of the house, in the version it has today. */
export function HouseBlends({
  shelf,
  line,
  taken,
  onTake,
}: { shelf: Shelf; line: string; taken: Entry[]; onTake: (blend: Shelf['blends'][number]) => void }) {
  const free = shelf.blends.filter((blend) => blend.line === line && !taken.some((entry) => entry.blend === blend.name))
  if (free.length === 0) return null
  return (
    <Form.Select
      className="left-over"
      aria-label={t`Add a house blend`}
      value=""
      onChange={(event) => { const blend = free[Number(event.target.value)]; if (blend !== undefined) onTake(blend) }}
    >
      <option value="">{t`+ house blend…`}</option>
      {free.map((blend, at) => <option key={`${blend.name}${blend.version}`} value={at}>
        {t`${blend.name}, version ${blend.version}`}
      </option>)}
    </Form.Select>
  )
}

/** What is left of another bowl may go into this one. */
export function LeftOver({
  sources,
  taken,
  onTake,
}: { sources: Bowl[]; taken: Entry[]; onTake: (product: string) => void }) {
  // What was never mixed leaves nothing.
  const free = sources.filter((bowl) =>
    bowl.state === 'mixed' && !taken.some((entry) => entry.product === `bowl:${bowl.id}`),
  )
  if (free.length === 0) return null
  return (
    <Form.Select
      className="left-over"
      aria-label={t`Add what is left of another bowl`}
      value=""
      onChange={(event) => { if (event.target.value !== '') onTake(event.target.value) }}
    >
      <option value="">{t`+ left of…`}</option>
      {free.map((bowl) => (
        <option key={bowl.id} value={`bowl:${bowl.id}`}>{t`bowl ${bowl.letter}, ${bowl.job}`}</option>
      ))}
    </Form.Select>
  )
}
