import { t } from '@lingui/core/macro'
import { useKept } from '../../shared/keep/useKept'
import { AdjustBar } from './AdjustBar'
import { BowlActions } from './BowlActions'
import { BowlDesk } from './BowlDesk'
import { BowlReadout } from './BowlReadout'
import type { Draft } from './drafts'
import type { Shelf } from '../../shared/shelf/shelf'
import type { Bowl, Picture, Visit } from './shapes'
import { WaysToWish } from './WaysToWish'
import { WriteBowl } from './WriteBowl'

export type DeskProps = {
  visit: Visit
  shelf: Shelf
  bowl: Bowl | null
  draft: Draft | null
  dirty: boolean
  editable: boolean
  picture: Picture
  letters: string[]
  onDraft: (draft: Draft) => void
  onDrop: (id: string) => void
  onSettled: () => void
  onAdded: (id: string) => void
  onSuggested?: (suggestion: Picture['suggestions'][number]) => void
}

/** The bowl under the hand: its formula, what changes it, and where it stands among the others. */
export function FormulateStation(props: DeskProps) {
  const { visit, bowl, draft, editable } = props
  const [reason, setReason] = useKept(`reason.${draft?.id ?? visit.id}`)
  const round = draft === null || draft.round === '' ? (visit.rounds.at(-1)?.id ?? '') : draft.round
  const suggested = editable && props.onSuggested !== undefined ? (
    <>
      <WriteBowl visit={visit} letters={props.letters} round={round} onAdded={props.onAdded} />
      <Suggestions picture={props.picture} onTake={props.onSuggested} />
      <WaysToWish visit={visit} picture={props.picture} letters={props.letters} onAdded={props.onAdded} />
    </>
  ) : null
  if (draft === null)
    return (
      <>
        {suggested}
        <p className="quiet empty-desk">
          {editable
            ? t`Write the first bowl above, or add it on the left: one bowl for each job.`
            : t`No bowls are planned.`}
        </p>
      </>
    )
  if (bowl !== null && (!editable || bowl.batches.length > 0))
    return (
      <>
        {suggested}
        <BowlReadout bowl={bowl} shelf={props.shelf} />
        {editable ? <BowlActions visit={visit} bowl={bowl} letters={props.letters} /> : null}
      </>
    )
  const amount = props.picture.amounts[draft.sheet.letter]
  return (
    <>
    {suggested}
    <BowlDesk
      key={draft.id}
      visit={visit}
      shelf={props.shelf}
      bowl={bowl}
      draft={draft}
      dirty={props.dirty}
      reason={reason}
      onReason={setReason}
      amount={amount ?? null}
      tools={
        <>
          <AdjustBar
            visit={visit.id}
            sheet={draft.sheet}
            onAdjust={(sheet) => { props.onDraft({ ...draft, sheet }) }}
          />
          {bowl === null ? null : <BowlActions visit={visit} bowl={bowl} letters={props.letters} />}
        </>
      }
      onDraft={props.onDraft}
      onDrop={props.onDrop}
      onSettled={props.onSettled}
    />
    </>
  )
}

/** What the canvas asks for and no bowl does yet, each to be taken with one press. */
function Suggestions({
  picture,
  onTake,
}: { picture: Picture; onTake: (suggestion: Picture['suggestions'][number]) => void }) {
  if (picture.suggestions.length === 0) return null
  return (
    <ul className="suggestions" aria-label={t`Suggested`}>
      {picture.suggestions.map((suggestion) => (
        <li key={suggestion.key}>
          <details className="why">
            <summary>{suggestion.words}</summary>{suggestion.why.map((line) => <p key={line}>{line}</p>)}
          </details>
          <button type="button" className="chip" onClick={() => { onTake(suggestion) }}>
            {suggestion.sheet === null ? t`change it` : t`add the bowl`}
          </button>
        </li>
      ))}
    </ul>
  )
}
