import Form from 'react-bootstrap/Form'
import type { Shelf } from '../../shared/shelf/shelf'
import type { Draft } from './drafts'
import { isTried, tried, type Trial } from './whatIf'

/** What if: the bowl under the hand with other minutes, another strength, on damp hair; the ribbons move as one drags. */
export function WhatIf({ draft, shelf, trial, onTry, onKeep }: { draft: Draft; shelf: Shelf; trial: Trial; onTry: (trial: Trial) => void; onKeep: (draft: Draft) => void }) {
  const line = shelf.lines.find((each) => each.id === draft.sheet.line)
  if (line === undefined) return null
  const planned = Number(draft.sheet.minutes ?? '')
  const minutes = trial.minutes ?? (Number.isFinite(planned) && planned > 0 ? planned : line.window.target)
  const developers = shelf.developers.filter((each) => line.developers.includes(each.id))
  return (
    <details className="what-if">
      <summary>What if {draft.sheet.letter}…</summary>
      <label htmlFor="what-if-minutes">{minutes} min</label>
      <Form.Range id="what-if-minutes" min={1} max={Math.max(line.window.max, minutes)} value={minutes} onChange={(event) => { onTry({ ...trial, minutes: Number(event.target.value) }) }} />
      {developers.length < 2 ? null : (
        <div className="chips" role="group" aria-label="Strength">
          {developers.map((each) => (
            <button key={each.id} type="button" className="chip" aria-pressed={trial.developer === each.id} onClick={() => { onTry({ ...trial, developer: trial.developer === each.id ? undefined : each.id }) }}>{each.label.replace(/ \(.*/, '')}</button>
          ))}
        </div>
      )}
      <div className="chips" role="group" aria-label="Water">
        {(['dry', 'damp'] as const).map((hair) => (
          <button key={hair} type="button" className="chip" aria-pressed={trial.hair === hair} onClick={() => { onTry({ ...trial, hair: trial.hair === hair ? undefined : hair }) }}>{hair}</button>
        ))}
      </div>
      {isTried(trial) ? (
        <div className="chips">
          <button type="button" className="chip" id="what-if-keep" onClick={() => { onKeep({ ...draft, sheet: tried(draft.sheet, line, trial) }) }}>Keep it</button>
          <button type="button" className="chip" onClick={() => { onTry({}) }}>Back</button>
        </div>
      ) : null}
    </details>
  )
}
