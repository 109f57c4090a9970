import { t } from '@lingui/core/macro'
import { inkOf } from '../../shared/ui/ink'
import { BowlDesk } from './BowlDesk'
import type { DeskProps } from './FormulateStation'
import { useServerNow } from '../../shared/time/useServerNow'
import { TimePlan } from './TimePlan'
import type { Picture, Visit } from './shapes'

/** The same desk as the formula's, folded to its foot: saving, conflicts and drafts are one thing. */
export function SavePlace(props: DeskProps) {
  if (props.draft === null) return null
  return (
    // A desk of its own for each bowl: what one is saving does not touch what is painted on another.
    <BowlDesk
      key={props.draft.id}
      visit={props.visit}
      shelf={props.shelf}
      bowl={props.bowl}
      draft={props.draft}
      dirty={props.dirty}
      reason=""
      onReason={() => undefined}
      amount={null}
      tools={null}
      footOnly
      onDraft={props.onDraft}
      onDrop={props.onDrop}
      onSettled={props.onSettled}
    />
  )
}

/** Every stroke in the order of work, patterns as the sequence they are laid in. */
export function PatternList({ picture }: { picture: Picture }) {
  const strokes = [...picture.strokes].sort((one, other) =>
    one.round - other.round || (one.order ?? 99) - (other.order ?? 99),
  )
  if (strokes.length === 0) return null
  return (
    <ol className="pattern-list" aria-label={t`Order of the strokes`}>
      {strokes.map((stroke, index) => (
        <li key={index}>
          <span className={`brush ink-${inkOf(stroke.letter).name}`}>{stroke.letter}</span>
          <div>
            {stroke.words}
            {stroke.sequence.length === 0 ? null : (
              <span
                className="sequence"
                aria-label={t`laid ${stroke.sequence.map((each) => each ?? t`gap`).join(' ')}`}
              >
                {stroke.sequence.slice(
                  0,
                  40,
                ).map((letter, place) => (letter === null ? (
                  <i key={place} />
                ) : (
                  <b key={place} className={`ink-${inkOf(letter).name}`}>{letter}</b>
                )))}
              </span>
            )}
          </div>
        </li>
      ))}
    </ol>
  )
}

export function PlannedTimes({ visit }: { visit: Visit }) {
  return <TimePlan visit={visit} now={useServerNow(visit.now)} />
}
