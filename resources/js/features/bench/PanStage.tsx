import { t } from '@lingui/core/macro'
import { Spoken } from '../../shared/ui/Spoken'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useKeys } from '../../shared/ui/useKeys'
import { Press } from '../../shared/ui/Press'
import { can, type Batch, type Stands } from './api'
import type { BowlFacts } from './facts'
import type { Bench } from './useBench'

type Choice = { words: string; said: Partial<Stands> | null }

/** What stands on the scale: said before one gram counts, and asked about where its weight says something else. */
export function PanStage({ batch, facts, bench }: { batch: Batch; facts: BowlFacts; bench: Bench }) {
  const { scale, pan } = bench
  const reads = scale.state === 'reading' ? scale.shown : '–'
  if (pan.question !== null) return <Question key={pan.question.message} batch={batch} bench={bench} reads={reads} />
  const known = can(batch, 'same-bowl')
  const empty = can(batch, 'empty-bowl')
  if (scale.state === 'reading' && !scale.still && scale.since.endsWith('~') && bench.open.kind !== 'standing')
    return (
      <section className="stage stage-asks">
        <p className="stage-number pan-number"><Mass of={reads} /></p>
        <p className="stage-words">{t`Something was put on the scale or taken off. It comes to rest…`}</p>
      </section>
    )
  return (
    <section className="stage stage-asks">
      <Spoken text={scale.state === 'reading' && scale.still ? t`What stands on the scale? ${masses(reads)}` : ''} />
      <h2 className="stage-label">{t`What stands on the scale?`}</h2>
      <p className="stage-number pan-number"><Mass of={reads} /></p>
      <p className="stage-words">
        {!known
          ? t`Put the empty bowl on it.`
          : t`Put bowl ${facts.letter} on it${empty ? '' : t`, with its ${masses(batch.total)}`}.`}
        {batch.bowlWeight === null ? null : (
          <span className="stage-in">
            {t`empty it weighs ${masses(batch.bowlWeight)}${batch.vessel === '' ? '' : ` (${batch.vessel})`}`}
          </span>
        )}
      </p>
      <div className="bench-choices">
        {empty
          ? facts.vessels.map((vessel) => (
            <Press
              key={vessel.mark}
              size="bench"
              disabled={bench.busy}
              onPress={() => { bench.stand({ stands: 'empty', mark: vessel.mark }) }}
            >
              {vessel.mark} <span className="quiet">{vessel.weight}</span>
            </Press>
          ))
          : null}
        {known && empty ? (
          <Press size="bench" disabled={bench.busy} onPress={() => { bench.stand({ stands: 'empty' }) }}>
            {t`Another bowl, empty`}
          </Press>
        ) : null}
        {!empty ? (
          <Press
            size="bench"
            disabled={bench.busy}
            onPress={() => { bench.stand({ stands: 'other' }) }}
            id="other-bowl"
          >{t`Another bowl, empty: go on in it`}</Press>
        ) : null}
        {!known || bench.standsHere ? null : <span className="quiet">{t`Grams that were typed need no scale.`}</span>}
        {bench.open.kind === 'standing' ? (
          <>
            <Press
              size="bench"
              disabled={bench.busy}
              onPress={() => { bench.stand({ stands: 'same' }) }}
              id="same-bowl"
            >{t`This bowl, with what is in it`}</Press>
            <Press size="bench" onPress={bench.close}>{t`Go back`}</Press>
          </>
        ) : null}
      </div>
    </section>
  )
}

function Question({ batch, bench, reads }: { batch: Batch; bench: Bench; reads: string }) {
  const { question } = bench.pan
  const [mark, setMark] = useState('')
  const named = question?.about === 'no-such-bowl'
  const choices = question === null ? [] : choicesOf(question.about, question.extra, batch)
  const choose = (choice: Choice | undefined) => {
    if (choice === undefined || bench.busy || !bench.ready()) return
    if (choice.said === null) bench.pan.lookAgain()
    else bench.pan.insist(named && mark.trim() !== '' ? { ...choice.said, mark } : choice.said)
  }
  useKeys((event) => {
    if (event.repeat || !/^[1-9]$/.test(event.key)) return
    event.preventDefault()
    choose(choices[Number(event.key) - 1])
  })
  if (question === null) return null
  return (
    <section className="stage stage-asks">
      <p className="stage-number pan-number"><Mass of={reads} /></p>
      <p className="stage-words" id="pan-question" role="alert">
        ! {question.message}<span className="stage-in">{question.mend}</span>
      </p>
      {named ? (
        <Form.Control
          aria-label={t`What this bowl is called`}
          id="pan-mark"
          placeholder={t`Its name, where it has one: the yellow one`}
          maxLength={40}
          value={mark}
          onChange={(event) => { setMark(event.target.value) }}
        />
      ) : null}
      <div className="bench-choices">
        {choices.map((choice, at) => (
          <Press
            key={choice.words}
            size="bench"
            hint={String(at + 1)}
            disabled={bench.busy}
            onPress={() => { choose(choice) }}
          >{choice.words}</Press>
        ))}
      </div>
    </section>
  )
}

function choicesOf(about: string, extra: string | null, batch: Batch): Choice[] {
  const again: Choice = { words: t`No: look again`, said: null }
  switch (about) {
    case 'no-such-bowl':
    case 'not-that-bowl':
      return [{ words: t`It is empty`, said: { sure: true } }, again]
    case 'more-than-recorded': {
      // What is poured now comes first; what went in before it may have had more.
      const lines = [...batch.lines].sort((one, other) =>
        Number(other.key === batch.current) - Number(one.key === batch.current),
      )
      return [
        ...lines.slice(
          0,
          6,
        ).map((line) => ({ words: t`${masses(extra ?? '')} of ${line.label}`, said: { line: line.key } })),
        { words: t`Nothing was poured`, said: { sure: true } },
        again,
      ]
    }
    case 'no-such-bowl-under':
      return [{ words: t`All that is in it is on record`, said: { sure: true } }, again]
    case 'less-than-recorded':
      return [{ words: t`Some was taken out: go on`, said: { sure: true } }, again]
    case 'lighter-than-bowl':
      return [again]
    default:
      return [{ words: t`It was set to zero under the bowl`, said: { sure: true } }, again]
  }
}
