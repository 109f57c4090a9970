import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { newId } from '../../shared/api/newId'
import { useKept } from '../../shared/keep/useKept'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { isOver } from '../../shared/visits/visitLine'
import { visit as visitQuery } from './api'
import { saveCare } from './closeApi'
import type { CareStep, Visit } from './shapes'

const KINDS = [
  ['wash', t`wash`],
  ['treatment', t`treatment`],
  ['mask', t`mask`],
  ['mist', t`mist`],
  ['cut', t`cut`],
  ['dry', t({ message: 'dry', context: 'care' })],
  ['other', t`other`],
] as const
const KIND: Record<string, string> = Object.fromEntries(KINDS)

/** One step in words: mask, the blue one · 10 min · 12.50. */
export const careWords = (step: CareStep) => [
  step.kind === 'other' ? step.words : `${KIND[step.kind] ?? step.kind}: ${step.words}`,
  step.minutes === null ? '' : t`${step.minutes} min`,
  step.price,
].filter((each) => each !== '').join(' · ')

/** Washes, treatments and masks in their order, with minutes and price; each is ticked when it is done. */
export function Care({ visit }: { visit: Visit }) {
  const queries = useQueryClient()
  const { steps } = visit.care
  const [words, setWords, wordsArrived] = useKept(`care.${visit.id}`)
  const [more, setMore] = useState<{
    kind: string
    minutes: string
    price: string
    round: number | null
  }>({ kind: 'wash', minutes: '', price: '', round: null })
  const save = useMutation({
    mutationFn: (next: CareStep[]) => saveCare(visit.id, visit.version, next),
    onSuccess: (changed) => { queries.setQueryData(visitQuery(visit.id).queryKey, changed) },
  })
  const add = () => {
    const step = {
      id: newId(),
      kind: more.kind,
      words,
      minutes: more.minutes.trim() === '' ? null : more.minutes,
      price: more.price,
      done: false,
      round: more.round,
    }
    const arrived = () => {
      wordsArrived(words)
      setMore((now) => (now === more ? { ...now, minutes: '', price: '' } : now))
    }
    save.mutate([...steps, step], { onSuccess: arrived })
  }
  const open = !isOver(visit)
  const change = (id: string, with_:
    | Partial<CareStep>
    | null) => {
      save.mutate(steps.flatMap((step) => (step.id !== id ? [step] : with_ === null ? [] : [{ ...step, ...with_ }])))
    }
  const moveUp = (at: number) => {
    save.mutate(
      steps.map((step, index) => (index === at - 1
        ? (steps[at] ?? step)
        : index === at ? (steps[at - 1] ?? step) : step)),
    )
  }
  if (!open && steps.length === 0) return null
  return (
    <section aria-label={t`Care`} className="care">
      <h2>
        {t`Care`}{' '}
        {visit.care.minutes === 0 ? null : (
          <span className="quiet">
            {t`${visit.care.minutes} min${visit.care.price === '' ? '' : `, ${visit.care.price}`}`}
          </span>
        )}
      </h2>
      <ol>
        {steps.map((step, at) => (
          <li key={step.id}>
            <label className="tick">
              <input
                type="checkbox"
                checked={step.done}
                disabled={!open || save.isPending}
                onChange={(event) => { change(step.id, { done: event.target.checked }) }}
              />{' '}
              {careWords(step)}
              {step.round === null || visit.rounds[step.round] === undefined
                ? ''
                : t`, after ${visit.rounds[step.round]?.name ?? ''}`}
            </label>
            {open && at > 0 ? (
              <Press
                kind="quiet"
                disabled={save.isPending}
                label={t`Earlier: ${step.words}`}
                onPress={() => { moveUp(at) }}
              >↑</Press>
            ) : null}
            {open ? (
              <Press
                kind="quiet"
                disabled={save.isPending}
                label={t`Take out: ${step.words}`}
                onPress={() => { change(step.id, null) }}
              >✕</Press>
            ) : null}
          </li>
        ))}
      </ol>
      {open ? (
        <Form className="detail-row" onSubmit={(event) => { event.preventDefault(); add() }}>
          <Form.Select
            aria-label={t`Kind of care`}
            value={more.kind}
            onChange={(event) => { setMore({ ...more, kind: event.target.value }) }}
          >
            {KINDS.map(([kind, label]) => <option key={kind} value={kind}>{label}</option>)}
          </Form.Select>
          <Form.Select
            aria-label={t`When it is done`}
            value={more.round ?? ''}
            onChange={(event) => {
              setMore({ ...more, round: event.target.value === '' ? null : Number(event.target.value) })
            }}
          >
            <option value="">{t`at the end`}</option>
            {visit.rounds.slice(
              0,
              -1,
            ).map((round, at) => <option key={round.id} value={at}>{t`after ${round.name}`}</option>)}
          </Form.Select>
          <Form.Control
            aria-label={t`What is done`}
            placeholder={t`conditioner first, then shampoo`}
            maxLength={120}
            value={words}
            onChange={(event) => { setWords(event.target.value) }}
          />
          <Form.Control
            aria-label={t`Minutes of it`}
            placeholder={t`min`}
            inputMode="numeric"
            className="care-number"
            maxLength={3}
            value={more.minutes}
            onChange={(event) => { setMore({ ...more, minutes: event.target.value }) }}
          />
          <Form.Control
            aria-label={t`Its price`}
            placeholder={t`price`}
            inputMode="decimal"
            className="care-number"
            maxLength={9}
            value={more.price}
            onChange={(event) => { setMore({ ...more, price: event.target.value }) }}
          />
          <Press submit disabled={words.trim() === '' || save.isPending} id="add-care">{t`+ care`}</Press>
        </Form>
      ) : null}
      {save.error === null ? null : <ErrorNotice error={save.error} />}
    </section>
  )
}
