import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import type { Shelf } from '../../shared/shelf/shelf'
import type { Draft } from './drafts'
import { named } from '../../shared/words/named'
import { isTried, slidingShades, tried, type Filler, type Trial } from './whatIf'

type WhatIfProps = {
  draft: Draft
  shelf: Shelf
  trial: Trial
  /** The fillers that the outlook asks for now. */
  fillers: Filler[]
  /** What went into it went in: how long it stays is all that is still open. */
  mixed: boolean
  onTry: (trial: Trial) => void
  onKeep: (draft: Draft, filler?: Filler) => void
}

/**
 * What if: the chosen bowl with other minutes, another strength, more of a shade, on damp hair, over a filler, or not
 * at all; the ribbons move as one drags.
 */
export function WhatIf({ draft, shelf, trial, fillers, mixed, onTry, onKeep }: WhatIfProps) {
  const line = shelf.lines.find((each) => each.id === draft.sheet.line)
  if (line === undefined) return null
  const planned = Number(draft.sheet.minutes ?? '')
  const minutes = trial.minutes ?? (Number.isFinite(planned) && planned > 0 ? planned : line.window.target)
  const developers = mixed ? [] : shelf.developers.filter((each) => line.developers.includes(each.id))
  return (
    <details className="what-if">
      <summary>{t`What if ${draft.sheet.letter}…`}</summary>
      <div className="slide">
        <label htmlFor="what-if-minutes">{t`${minutes} min`}</label>
        <Form.Range
          id="what-if-minutes"
          min={1}
          max={Math.max(line.window.max, minutes)}
          value={minutes}
          onChange={(event) => { onTry({ ...trial, minutes: Number(event.target.value) }) }}
        />
      </div>
      {developers.length < 2 ? null : (
        <div className="chips" role="group" aria-label={t`Strength`}>
          {developers.map((each) => (
            <button
              key={each.id}
              type="button"
              className="chip"
              aria-pressed={trial.developer === each.id}
              onClick={() => { onTry({ ...trial, developer: trial.developer === each.id ? undefined : each.id }) }}
            >{each.label.replace(/ \(.*/, '')}</button>
          ))}
        </div>
      )}
      {mixed ? null : (
        <div className="chips" role="group" aria-label={t`Water`}>
          {(['dry', 'damp'] as const).map((hair) => (
            <button
              key={hair}
              type="button"
              className="chip"
              aria-pressed={trial.hair === hair}
              onClick={() => { onTry({ ...trial, hair: trial.hair === hair ? undefined : hair }) }}
            >{named(hair)}</button>
          ))}
        </div>
      )}
      {(mixed ? [] : slidingShades(draft.sheet, line)).map(({ product, value, unit, max, step }) => {
        const now = trial.shares?.[product] ?? `${String(value)}${unit === '' ? '' : ` ${unit}`}`
        const code = line.products.find((each) => each.id === product)?.code ?? product
        return (
          <div key={product} className="slide">
            <label htmlFor={`what-if-${product}`}>
              {code}: {now}{unit !== '' ? '' : now === '1' ? t` part` : t` parts`}
            </label>
            <Form.Range
              id={`what-if-${product}`}
              className="what-if-shade"
              min={0}
              max={max}
              step={step}
              value={Number.parseFloat(now.replace(',', '.'))}
              onChange={(event) => {
                onTry({
                  ...trial,
                  shares: { ...trial.shares, [product]: `${event.target.value}${unit === '' ? '' : ` ${unit}`}` },
                })
              }}
            />
          </div>
        )
      })}
      {mixed ? null : <div className="chips" role="group" aria-label={t`Bowls`}>
        {[
          ...fillers,
          ...(trial.filler === undefined || fillers.some((each) => each.words === trial.filler?.words)
            ? []
            : [trial.filler]),
        ].map((each) => (
          <button
            key={each.words}
            type="button"
            className="chip"
            aria-pressed={trial.filler?.words === each.words}
            onClick={() => { onTry({ ...trial, filler: trial.filler?.words === each.words ? undefined : each }) }}
          >{each.words}</button>
        ))}
        <button
          type="button"
          className="chip"
          aria-pressed={trial.without === true}
          onClick={() => { onTry({ ...trial, without: trial.without === true ? undefined : true }) }}
        >{t`without ${draft.sheet.letter}`}</button>
      </div>}
      {trial.without === true ? (
        <p className="quiet">
          {t`Only seen so: ${draft.sheet.letter} stays planned. “Take bowl out” below the formula ends it.`}
        </p>
      ) : null}
      {isTried(trial) ? (
        <p className="quiet" role="status">{t`Tried, not planned: the outlook here is of this.`}</p>
      ) : null}
      {isTried(trial) ? (
        <div className="chips">
          {trial.without === true ? null : (
            <button
              type="button"
              className="chip"
              id="what-if-keep"
              onClick={() => { onKeep({ ...draft, sheet: tried(draft.sheet, line, trial) }, trial.filler) }}
            >{t`Keep it`}</button>
          )}
          <button type="button" className="chip" onClick={() => { onTry({}) }}>{t`Back`}</button>
        </div>
      ) : null}
    </details>
  )
}
