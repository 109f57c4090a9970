import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { showDate } from '../../shared/format/time'
import { deviceKeep } from '../../shared/keep/keep'
import { PhotoStrip } from '../../shared/photos/PhotoStrip'
import { Field } from '../../shared/ui/Field'
import type { Rung } from '../../shared/ui/LevelField'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import { clientFile, visit as visitQuery } from './api'
import { closeVisit } from './closeApi'
import { problemAt } from './problems'
import { NotBegun } from './NotBegun'
import { AmendVisit } from './AmendVisit'
import { Amendments } from './Amendments'
import { ProposalList } from './ProposalList'
import { judgedZones, OtherResults, resultKey, ResultRows, resultsToSend, strandName, VerdictChoice } from './ResultRows'
import type { Visit } from './shapes'
import { inWeeks, type Review, readReview } from './review'
import { toneNamed } from '../../shared/words/named'

// Whether it lasts is asked at the next visit, where it can be known.
const ASKED = [['covering', t`Covering`], ['bright', t`Bright`]] as const

/** The end of a visit: what each zone came to, what to keep, what to change, when to return. */
export function CloseStation({ visit, ladder, formulates }: { visit: Visit; ladder: Rung[]; formulates: boolean }) {
  const queries = useQueryClient()
  const [review, setReview] = useState(() => readReview(visit.id))
  const [asked, setAsked] = useState('')
  const leftOpen = visit.leftOpen.join('; ')
  const query = clientFile(visit.client.id)
  const file = useQuery(query)
  const photos = file.data?.photos.filter((photo) => photo.visit === visit.id) ?? []
  const set = (change: Partial<Review>) => {
    const next = { ...review, ...change }
    setReview(next)
    deviceKeep.write(`close.${visit.id}`, next)
  }
  const close = useMutation({
    mutationFn: () => closeVisit(visit.id, {
      version: visit.version,
      ...review,
      nextOn: review.nextOn === '' ? null : review.nextOn,
      results: resultsToSend(review.results),
    }),
    onSuccess: (closed) => {
      deviceKeep.drop(`close.${visit.id}`)
      queries.setQueryData(visitQuery(visit.id).queryKey, closed)
      void queries.invalidateQueries({ queryKey: query.queryKey })
    },
  })
  const strip = <PhotoStrip
    client={visit.client.id}
    visit={visit.id}
    photos={photos}
    onAdded={() => { void queries.invalidateQueries({ queryKey: query.queryKey }) }}
  />
  if (visit.status === 'closed')
    return (
      <div className="close-station">
        <Notice kind="good" title={t`This visit is closed.`}>
          {visit.outcome} {visit.nextOn === null ? '' : t`Next on ${showDate(visit.nextOn)}.`}
        </Notice>
        <ul>
          {visit.results.map((result) => (
            <li key={resultKey(result)}>
              {t`${strandName(visit, result)}: level ${result.level ?? ''} ${toneNamed(result.tone)} ${result.words}`}
            </li>
          ))}
        </ul>
        {visit.raised.length === 0 ? null : <h2>{t`For next time`}</h2>}
        <ProposalList visit={visit} editable={false} proposals={visit.raised} />
        <Amendments all={visit.amendments} />
        {formulates ? <AmendVisit key={visit.version} visit={visit} ladder={ladder} /> : null}
        {strip}
      </div>
    )
  if (visit.status === 'ended') return (
    <Notice kind="note" title={t`This visit did not take place.`}>{visit.endedReason}</Notice>
  )
  const left = visit.rounds.flatMap((round) => round.bowls).filter((bowl) =>
    bowl.state === 'mixed' && bowl.batches.every((batch) => batch.leftover === null),
  )
  return (
    <Form className="close-station" onSubmit={(event) => {
      event.preventDefault()
      // What is still on a head, or was never mixed, is asked about once.
      if (leftOpen !== '' && asked !== leftOpen) setAsked(leftOpen)
      else close.mutate()
    }}>
      <NotBegun visit={visit} />
      {left.length === 0 ? null : (
        <Notice kind="note" title={t`Weigh back what is left: ${left.map((bowl) => bowl.letter).join(', ')}`}>
          {t`On the bench, after the bowl is finished. What was used, not what was mixed, plans the next one.`}
        </Notice>
      )}
      <VerdictChoice verdict={review.verdict} onChange={(verdict) => { set({ verdict }) }} />
      <ResultRows
        ladder={ladder}
        zones={judgedZones(visit)}
        results={review.results}
        error={close.error}
        onChange={(results) => { set({ results }) }}
      />
      <OtherResults
        visit={visit}
        ladder={ladder}
        results={review.results}
        error={close.error}
        onChange={(results) => { set({ results }) }}
      />
      <Field id="outcome" label={t`What came of it`}>
        <Form.Control
          as="textarea"
          rows={2}
          maxLength={1000}
          value={review.outcome}
          onChange={(event) => { set({ outcome: event.target.value }) }}
        />
      </Field>
      <div className="field-row">
        <Field id="keep" label={t`Keep`}>
          <Form.Control
            maxLength={1000}
            value={review.keep}
            onChange={(event) => { set({ keep: event.target.value }) }}
          />
        </Field>
        <Field id="change" label={t`Change next time`}>
          <Form.Control
            maxLength={1000}
            placeholder={t`5 g less; B: 30 vol instead of 20`}
            value={review.change}
            onChange={(event) => { set({ change: event.target.value }) }}
          />
        </Field>
        <Field id="next-on" label={t`Next`} className="next-on" problem={problemAt(close.error, '/nextOn')}>
          <Form.Control
            type="date"
            value={review.nextOn}
            onChange={(event) => { set({ nextOn: event.target.value }) }}
          />
        </Field>
      </div>
      <div className="chips" role="group" aria-label={t`Next, in weeks`}>
        <span className="zone-what">{t`Next in`}</span>
        {[
          5,
          4,
          6,
          8,
        ].map((weeks) => <button
          key={weeks}
          type="button"
          className="chip"
          aria-pressed={review.nextOn === inWeeks(visit.now, weeks)}
          onClick={() => { set({ nextOn: inWeeks(visit.now, weeks) }) }}
        >{t`${weeks} weeks`}</button>)}
      </div>
      <div className="asked-row">
        {ASKED.map(([key, label]) => (
          <OneOf
            key={key}
            label={label}
            all={[['yes', `${label}`], ['no', t`not ${label.toLowerCase()}`]]}
            on={review[key] === null ? null : review[key] ? 'yes' : 'no'}
            clears
            onChange={(said) => { set({ [key]: said === null ? null : said === 'yes' }) }}
          />
        ))}
      </div>
      {strip}
      {close.error === null ? null : <ErrorNotice error={close.error} />}
      {visit.leftOpen.length === 0 ? null : (
        <Notice
          kind="warn"
          title={t`Not everything is finished.`}
          action={asked === leftOpen ? (
            <span className="quiet">{t`Press again to close all the same.`}</span>
          ) : undefined}
        >
          <ul>{visit.leftOpen.map((each) => <li key={each}>{each}</li>)}</ul>
        </Notice>
      )}
      {formulates ? (
        <Press kind="main" submit size="bench" disabled={review.verdict === '' || close.isPending} id="close-visit">
          {leftOpen !== '' && asked === leftOpen ? t`Close all the same` : t`Close visit`}
        </Press>
      ) : (
        <p className="quiet">{t`A colourist closes the visit.`}</p>
      )}
    </Form>
  )
}
