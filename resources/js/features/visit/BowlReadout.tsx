import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { named } from '../../shared/words/named'
import { Mass } from '../../shared/ui/Mass'
import { showDay } from '../../shared/format/time'
import { Notice } from '../../shared/ui/Notice'
import { productColour } from '../../shared/shelf/productColour'
import { BowlTotals } from './BowlTotals'
import type { Shelf } from '../../shared/shelf/shelf'
import type { Bowl } from './shapes'

/** A bowl that is weighed or closed: plan and pours, to be read. */
export function BowlReadout({ bowl, shelf }: { bowl: Bowl; shelf: Shelf }) {
  const line = shelf.lines.find((each) => each.id === bowl.line.id)
  const poured = bowl.poured === null
    ? []
    : [...bowl.poured.parts.flatMap((part) => part.ingredients), ...bowl.poured.additives]
  const planned = [...(bowl.worked?.parts.flatMap((part) => part.ingredients) ?? []), ...(bowl.worked?.additives ?? [])]
  // What was poured, with what was planned beside it; what was not poured stays to be seen.
  const rows = poured.length === 0 ? planned.map((row) => ({ ...row, plan: '' })) : [
    ...poured.map((row) => ({ ...row, plan: planned.find((each) => each.product === row.product)?.grams ?? '–' })),
    ...planned.filter((row) =>
      poured.every((each) => each.product !== row.product),
    ).map((row) => ({ ...row, grams: '–', percent: '', plan: row.grams })),
  ]
  return (
    <div className="bowl-editor">
      <div className="bowl-form">
        <h2>
          {bowl.job} <span className="quiet">{bowl.line.name}</span>
        </h2>
        <p>
          {bowl.place}
          {bowl.minutes === '' ? null : ` · ${bowl.minutes}`}
          {bowl.from === null ? null : (
            <span className="quiet"> {t`· from bowl ${bowl.from.letter} of ${showDay(bowl.from.on)}`}</span>
          )}
        </p>
        {bowl.note === '' ? null : <p className="wish">{bowl.note}</p>}
        {bowl.problem === null ? null : (
          <Notice kind="warn" title={bowl.problem}>{t`What was poured stays on record.`}</Notice>
        )}
        <table className="readout">
          <thead>
            <tr>
              <th scope="col">{t`Product`}</th>
              <th scope="col" className="number">
                {poured.length > 0 ? t`Poured` : bowl.state === 'mixed' ? t`Poured as planned` : t`Planned`}
              </th>
              {poured.length === 0 ? null : <th scope="col" className="number">{t`Planned`}</th>}
              <th scope="col" className="number">{t`Share`}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.product}>
                <td>
                  <span
                    className="shade-swatch small"
                    style={{ background: productColour(row.product, line, shelf) }}
                  /> {row.label}
                </td>
                <td className="number grams"><Mass of={row.grams} /></td>
                {poured.length === 0 ? null : (
                  <td className={`number grams ${row.plan === row.grams ? 'quiet' : ''}`}><Mass of={row.plan} /></td>
                )}
                <td className="number">{row.percent}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {bowl.batches.map((batch) => (
          <p key={batch.id} className="batch-line">
            <Trans>
              Batch {batch.number}{batch.said === '' ? '' : ` (${batch.said})`}:{' '}
              {batch.reason === null ? named(batch.status) : t`thrown away (${batch.reason})`},{' '}
              <span className="grams"><Mass of={batch.mixed} /></span> mixed
            </Trans>
            {batch.leftover === null ? null : (
              <>
                <Trans>
                  , <span className="grams"><Mass of={batch.leftover} /></span> left over,{' '}
                  <strong className="grams"><Mass of={batch.used ?? ''} /></strong> used
                </Trans>
              </>
            )}
          </p>
        ))}
      </div>
      <BowlTotals letter={bowl.letter} worked={bowl.poured ?? bowl.worked} shelf={shelf} line={line} stale={false} />
    </div>
  )
}
