import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useNavigate } from 'react-router'
import { newId } from '../../shared/api/newId'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { remix, startBatch } from './api'
import type { Bowl, Visit } from './shapes'

/** Another batch of the same bowl: by what is left to do, as strong as it has to be, for whom and where. */
export function MoreOf({ visit, bowl }: { visit: Visit; bowl: Bowl }) {
  const go = useNavigate()
  const [how, setHow] = useState({ times: '1/2', strength: '', foils: '', place: '', hands: '' })
  const set = (change: Partial<typeof how>) => { setHow({ ...how, ...change }) }
  const start = useMutation({
    mutationFn: () => startBatch(visit.id, bowl.id, newId(), how),
    onSuccess: () => go(`/bench/${bowl.id}`),
  })
  return (
    <details className="adjust">
      <summary>{t`Mix again`}</summary>
      {bowl.sheet.place.some((stroke) =>
        (stroke.foils !== undefined && stroke.foils !== null) || stroke.pattern?.includes(',') === true,
      )
        ? (
          <WillItDo bowl={bowl} onAnswer={(times, foils) => { set({ times, foils: String(foils) }) }} />
        )
        : null}
      <div className="detail-row">
        <Form.Control
          aria-label={t`How much of the bowl`}
          value={how.times}
          onChange={(event) => { set({ times: event.target.value }) }}
        />
        <Form.Control
          aria-label={t`Strength of this batch`}
          placeholder={t`same strength, or 30 vol`}
          value={how.strength}
          onChange={(event) => { set({ strength: event.target.value }) }}
        />
        <Form.Control
          aria-label={t`Foils of this batch`}
          placeholder={t`for … foils`}
          inputMode="numeric"
          value={how.foils}
          onChange={(event) => { set({ foils: event.target.value }) }}
        />
        <Form.Control
          aria-label={t`Where this batch goes`}
          placeholder={t`where: right side`}
          maxLength={120}
          value={how.place}
          onChange={(event) => { set({ place: event.target.value }) }}
        />
        <Form.Control
          aria-label={t`Who puts this batch on`}
          placeholder={t`who`}
          list={`team-${bowl.id}`}
          maxLength={120}
          value={how.hands}
          onChange={(event) => { set({ hands: event.target.value }) }}
        />
        <datalist id={`team-${bowl.id}`}>{visit.team.map((name) => <option key={name} value={name} />)}</datalist>
        <Press kind="plain" disabled={start.isPending} onPress={() => { start.mutate() }}>
          {t`Weigh the next batch`}
        </Press>
      </div>
      <p className="quiet">
        {t`A late batch of lightener is usually one strength up; never 40 vol on the scalp, and never beyond what the hair’s condition allows.`}
      </p>
      {start.error === null ? null : <ErrorNotice error={start.error} />}
    </details>
  )
}

/** Foils laid so far and what is left in the bowl: whether it will do, and how much more to mix. */
function WillItDo({ bowl, onAnswer }: { bowl: Bowl; onAnswer: (times: string, foils: number) => void }) {
  const [done, setDone] = useState('')
  const [left, setLeft] = useState('')
  const ask = useMutation({
    mutationFn: () => remix(bowl.id, done, left),
    onSuccess: (answer) => { if (answer.times !== null) onAnswer(answer.times, answer.foils) },
  })
  return (
    <Form className="detail-row" onSubmit={(event) => { event.preventDefault(); ask.mutate() }}>
      <Form.Control
        aria-label={t`Foils of bowl ${bowl.letter} laid so far`}
        placeholder={t`foils in: 20, two thirds`}
        value={done}
        onChange={(event) => { setDone(event.target.value) }}
      />
      <Form.Control
        aria-label={t`What is left in bowl ${bowl.letter}`}
        placeholder={t`left: 30 g`}
        value={left}
        onChange={(event) => { setLeft(event.target.value) }}
      />
      <Press kind="plain" submit disabled={done.trim() === '' || left.trim() === '' || ask.isPending}>
        {t`Will it do?`}
      </Press>
      {ask.data === undefined ? null : (
        <span role="status" className={ask.data.now ? 'off-target' : ''}>{ask.data.words}</span>
      )}
      {ask.error === null ? null : <ErrorNotice error={ask.error} />}
    </Form>
  )
}
