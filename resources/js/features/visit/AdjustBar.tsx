import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { rememberGrams, tryChange } from './formulaApi'
import { ChangePreview } from './ChangePreview'
import type { Sheet } from './shapes'
import type { Tried, TriedWay } from './formulaShapes'

const WAYS = [
  ['level', '-1', t`a level deeper`],
  ['level', '-0.5', t`half deeper`],
  ['level', '+1', t`a level lighter`],
  ['warmer', '', 'warmer'],
  ['cooler', '', 'cooler'],
  ['amount', '+10 %', '+10 %'],
  ['amount', '-5 g', '−5 g colour'],
  ['amount', '× 1/2', t`half of it`],
  ['strength', '+1', t`a strength up`],
  ['strength', '-1', t`a strength down`],
  ['minutes', '+5 min', '+5 min'],
] as const

/**
 * Changes in the trade's words, worked by the core on the bowl as it is typed, and seen in grams before they are taken.
 */
export function AdjustBar({
  visit,
  sheet,
  onAdjust,
}: { visit: string; sheet: Sheet; onAdjust: (sheet: Sheet) => void }) {
  const [tried, setTried] = useState<Tried | null>(null)
  const [before, setBefore] = useState<Sheet | null>(null)
  const [words, setWords] = useState('')
  const [grey, setGrey] = useState('')
  const trial = useMutation({
    mutationFn: (change: Parameters<typeof tryChange>[1]) => tryChange(sheet, change, visit),
    onMutate: () => { setTried(null); setBefore(null) },
    onSuccess: setTried,
  })
  const leave = () => { setTried(null); trial.reset() }
  const take = (way: TriedWay) => {
    // Kept on the device and sent when it can be: the change does not wait for it.
    if (way.of !== 'ask') void rememberGrams(visit, way.of).catch(() => undefined)
    setBefore(sheet)
    setWords('')
    leave()
    onAdjust(way.sheet)
  }
  return (
    <details className="adjust">
      <summary>{t`Adjust`}</summary>
      <Form
        className="detail-row adjust-words"
        onSubmit={(event) => { event.preventDefault(); trial.mutate({ words: words.trim() }) }}
      >
        <Form.Control
          aria-label={t`A change, in words`}
          placeholder={t`say it: 5 g less, 7A instead of 7G, half a level deeper`}
          maxLength={500}
          value={words}
          onChange={(event) => { setWords(event.target.value) }}
        />
        <Press kind="plain" submit disabled={words.trim() === '' || trial.isPending}>{t`Show`}</Press>
      </Form>
      <div className="chips" role="group" aria-label={t`Adjust this bowl`}>
        {WAYS.map(([kind, value, label]) => (
          <button
            key={label}
            type="button"
            className="chip"
            disabled={trial.isPending}
            onClick={() => { trial.mutate({ change: { kind, value } }) }}
          >
            {label}
          </button>
        ))}
        <Form
          className="adjust-grey"
          onSubmit={(event) => {
            event.preventDefault()
            trial.mutate({ change: { kind: 'grey', value: `${grey} %` } })
          }}
        >
          <Form.Control
            aria-label={t`Grey to cover, percent`}
            placeholder={t`grey %`}
            inputMode="numeric"
            value={grey}
            onChange={(event) => { setGrey(event.target.value) }}
          />
          <Press kind="quiet" submit disabled={grey.trim() === ''}>{t`for grey`}</Press>
        </Form>
      </div>
      {trial.error === null ? null : <ErrorNotice error={trial.error} />}
      {tried === null ? null : <ChangePreview tried={tried} onTake={take} onLeave={leave} />}
      {before === null ? null : (
        <p className="adjusted" role="status">
          {t`Changed. It is a draft until you save the bowl.`}
          <Press kind="quiet" onPress={() => { onAdjust(before); setBefore(null) }}>{t`Undo`}</Press>
        </p>
      )}
    </details>
  )
}
