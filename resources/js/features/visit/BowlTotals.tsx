import { masses } from '../../shared/format/mass'
import { t } from '@lingui/core/macro'
import { Refused } from '../../shared/api/http'
import { Mass } from '../../shared/ui/Mass'
import { BowlGlyph } from '../../shared/ui/BowlGlyph'
import { productColour } from '../../shared/shelf/productColour'
import type { Shelf, ShelfLine } from '../../shared/shelf/shelf'
import { ProblemList } from './BowlProblems'
import type { WorkedBowl } from './shapes'

export function wedgesOf(worked: WorkedBowl | null, line: ShelfLine | undefined, shelf: Shelf) {
  const all = [...(worked?.parts.flatMap((part) => part.ingredients) ?? []), ...(worked?.additives ?? [])]
  return all.map((each) => ({
    key: each.product,
    wedge: each.wedge ?? 0,
    colour: productColour(each.product, line, shelf),
  }))
}

/** The bowl as drawn, and what it comes to. */
export function BowlTotals({
  letter,
  worked,
  shelf,
  line,
  stale,
  error = null,
}: {
  letter: string
  worked: WorkedBowl | null
  shelf: Shelf
  line: ShelfLine | undefined
  stale: boolean
  /** Why it cannot be worked, where something is wrong that was typed. */
  error?: Error | null
}) {
  return (
    <div className={`bowl-totals ${stale && worked !== null ? 'is-stale' : ''}`} aria-live="polite">
      <BowlGlyph
        letter={letter === '' ? '?' : letter}
        wedges={wedgesOf(worked, line, shelf)}
        size={168}
        label={t`Bowl ${letter}`}
      />
      {worked === null ? (
        error instanceof Refused && error.problems.length > 0
          ? <div className="field-problem"><ProblemList error={error} /></div>
          : <p className="quiet">{t`Choose shades and an amount.`}</p>
      ) : (
        <dl>
          <dt>{t`Total`}</dt>
          <dd className={worked.known ? 'grams-big' : 'grams-open'} id="bowl-total">
            <Mass of={worked.total === '' ? t`no grams yet` : worked.total} />
          </dd>
          {worked.asked === null ? null : (
            <dd className="asked">
              {t`asked ${worked.asked}; this is the nearest on the scale’s step of ${shelf.step}`}
            </dd>
          )}
          <dt>{t`Ratio`}</dt>
          <dd>{worked.ratio === '' ? t`not known` : worked.ratio}</dd>
          {worked.strength === null ? null : (
            <>
              <dt>{t`Developer`}</dt>
              <dd>{masses(worked.strength.developer)}</dd>
              <dt>{t`On the head`}</dt>
              <dd>{masses(worked.strength.onHead ?? '')}</dd>
            </>
          )}
          <Enough of={worked.enough} />
          {worked.judgement === null ? null : <Judgement judgement={worked.judgement} />}
          <Why lines={[...worked.why, ...(worked.judgement?.why ?? [])]} />
        </dl>
      )}
    </div>
  )
}

/** Whether the shelf holds it; what nobody has counted limits nothing, and is not spoken of. */
function Enough({ of }: { of: WorkedBowl['enough'] }) {
  if (of === null || of.times === null) return null
  return (
    <>
      <dt>{t`On the shelf`}</dt>
      {of.short.length > 0
        ? of.short.map((short) => <dd key={short.message} className="enough-short">
          <strong>{short.message}</strong> {short.mend}
        </dd>)
        : <dd>
          {of.times === 1 ? t`enough for this one bowl` : t`enough for ${String(of.times)} of this bowl`}
          {of.times < 5 && of.first !== null ? t`; ${of.first} runs out first` : ''}
        </dd>}
    </>
  )
}

/** What the colour behaves as. */
function Judgement({ judgement }: { judgement: NonNullable<WorkedBowl['judgement']> }) {
  return (
    <>
      <dt>{t`Behaves as`}</dt>
      <dd className="behaves">
        {judgement.swatch === null ? null : (
          <span className="shade-swatch small" style={{ background: judgement.swatch }} />
        )} {judgement.level === null ? t`no level` : t`level ${judgement.level}`}
      </dd>
      <dd className="behaves-tone">{judgement.tone}</dd>
    </>
  )
}

/** Every number's reason, one touch away. */
function Why({ lines }: { lines: string[] }) {
  return (
    <dd>
      <details className="why">
        <summary>{t`Why?`}</summary>
        {lines.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </details>
    </dd>
  )
}
