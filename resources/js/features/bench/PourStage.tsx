import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import type { Batch } from './api'
import { Gauge } from './Gauge'
import { Spoken } from '../../shared/ui/Spoken'
import { Press } from '../../shared/ui/Press'
import type { ScaleState } from './useScale'

const WORDS = {
  'bowl-missing': t`The scale shows less than the bowl should weigh. Put it back.`,
  waiting: t`Pour`,
  under: t`to go`,
  inside: t`On target`,
  over: t`over`,
} as const

const LOST = {
  connecting: t`Finding the scale…`,
  disconnected: t`The scale is disconnected`,
  garbled: t`The scale sends garbage`,
  overload: t`Too heavy for the scale`, frozen: t`The scale stands still`,
} as const

/** What is heard of a pour: where it stands, and how much is in once the scale rests. */
export const spokenPour = (label: string, open: boolean, place: keyof typeof WORDS, still: boolean, inLine: string) =>
  `${label}: ${open && place !== 'bowl-missing' ? t`by eye` : WORDS[place]}${still ? t`, ${masses(inLine)} in` : ''}`

/** The one product being poured, large: what is left, what is in, where that stands. */
export function PourStage({
  batch,
  scale,
  onStanding,
  onOther,
}: { batch: Batch; scale: ScaleState; onStanding: () => void; onOther: () => void }) {
  const line = batch.lines.find((each) => each.key === batch.current)
  if (line === undefined || batch.live === null) return null
  const pour = scale.state === 'reading' ? scale.pour : null
  const place = pour?.place ?? 'waiting'
  return (
    <section className={`stage stage-${pour === null ? 'lost' : place}`}>
      <Spoken
        text={pour === null || scale.state !== 'reading'
          ? ''
          : spokenPour(line.label, line.open, place, scale.still, pour.inLine)}
      />
      <h2 className="stage-label">{line.label}</h2>
      {pour === null ? (
        <>
          <p className="stage-number"><Mass of={line.left} /></p>
          <p className="stage-words" role="alert">
            {t`✕ ${scale.state === 'reading' ? t`Waiting for a reading` : LOST[scale.state]}. Type the grams: press a digit, or “By hand”.`}
          </p>
        </>
      ) : (
        <>
          <p className="stage-number" id="stage-number">
            <Mass of={line.open ? pour.inLine : place === 'over' ? `+${pour.over}` : pour.left} />
          </p>
          <p className="stage-words">
            {line.open
              ? ''
              : place === 'inside' ? '✓ ' : place === 'over' ? '▲ ' : place === 'bowl-missing' ? '! ' : ''}
            {line.open && place !== 'bowl-missing' ? t`By eye: pour, then record what the scale saw` : WORDS[place]}
            <span className="stage-in">
              <span id="stage-in">{masses(pour.inLine)}</span> {line.open ? t`in` : t`of ${masses(line.target)}`}
            </span>
          </p>
        </>
      )}
      {line.short === null || line.done ? null : (
        <p className="stage-short" role="status">! {line.short.message} {line.short.mend}</p>
      )}
      {place === 'bowl-missing' ? (
        <Press onPress={onStanding} id="what-stands">{t`It is another bowl, or some was taken out`}</Press>
      ) : null}
      {pour !== null && (place === 'under' || place === 'inside' || place === 'over') ? (
        <p className="stage-other">
          <Press kind="quiet" onPress={onOther} id="other-product">{t`It is not ${line.label}`}</Press>
        </p>
      ) : null}
      {line.open ? null : <Gauge live={batch.live} at={pour?.at ?? 0} place={place} />}
    </section>
  )
}
