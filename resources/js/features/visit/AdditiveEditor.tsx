import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { ShadePicker } from '../../shared/shelf/ShadePicker'
import type { ShelfLine } from '../../shared/shelf/shelf'
import { FieldProblem } from '../../shared/ui/Field'
import { Press } from '../../shared/ui/Press'
import { problemAt } from './problems'
import { ShadeButton } from './ShadeButton'
import type { Sheet, WorkedIngredient } from './shapes'

/** Products on top of the ratio, each with its dose. */
export function AdditiveEditor({
  line,
  sheet,
  worked,
  error,
  onChange,
}: {
  line: ShelfLine
  sheet: Sheet
  worked: WorkedIngredient[]
  error: Error | null
  onChange: (additives: Sheet['additives']) => void
}) {
  const [picking, setPicking] = useState(false)
  const offered = line.products.some((product) => product.kind === 'additive')
  if (!offered && sheet.additives.length === 0) return null
  return (
    <fieldset className="part">
      <legend>{t`On top`}</legend>
      {sheet.additives.map((entry, at) => (
        <div key={entry.product} className="part-row">
          <ShadeButton line={line} product={entry.product} onPress={() => { setPicking(true) }} />
          <Form.Control
            aria-label={t`Dose ${at + 1}`}
            className="share"
            value={entry.dose}
            onChange={(event) => {
              onChange(
                sheet.additives.map((each, index) => (index === at ? { ...each, dose: event.target.value } : each)),
              )
            }}
          />
          <output className="grams">
            <Mass of={worked.find((each) => each.product === entry.product)?.grams ?? '–'} />
          </output>
          <span className="percent" />
          <span />
          <Press
            kind="quiet"
            label={t`Take it out`}
            onPress={() => { onChange(sheet.additives.filter((_, index) => index !== at)) }}
          >
            ✕
          </Press>
          <FieldProblem
            problem={problemAt(error, `/additives/${at}/dose`) ?? problemAt(error, `/additives/${at}/product`)}
          />
        </div>
      ))}
      <Press kind="quiet" onPress={() => { setPicking(true) }}>
        {t`+ additive`}
      </Press>
      {picking ? (
        <ShadePicker
          line={line}
          kinds="additive"
          onPick={(product) => {
            if (!sheet.additives.some((each) =>
              each.product === product.id,
            )) onChange([...sheet.additives, { product: product.id, dose: '' }])
            setPicking(false)
          }}
          onClose={() => { setPicking(false) }}
        />
      ) : null}
    </fieldset>
  )
}
