import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { deviceKeep } from '../../shared/keep/keep'
import { Field } from '../../shared/ui/Field'
import type { Rung } from '../../shared/ui/LevelField'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { clientFile, visit as visitQuery } from './api'
import { amendVisit } from './closeApi'
import { judgedZones, OtherResults, ResultRows, VerdictChoice } from './ResultRows'
import type { Visit } from './shapes'
import { type Words, bowlsOf, asItStands, corrections } from './corrections'

/**
 * Corrects the words of a closed visit, with a reason. What was weighed is not touched, and the first words stay on
 * record.
 */
export function AmendVisit({ visit, ladder }: { visit: Visit; ladder: Rung[] }) {
  const queries = useQueryClient()
  const kept = `amend.${visit.id}.${visit.version}`
  const [words, setWords] = useState<Words>(() => {
    const read = deviceKeep.read(kept)
    return { ...asItStands(visit), ...(typeof read === 'object' && read !== null ? read : {}) }
  })
  const set = (change: Partial<Words>) => {
    const next = { ...words, ...change }
    setWords(next)
    deviceKeep.write(kept, next)
  }
  const changed = corrections(visit, words)
  const amend = useMutation({
    mutationFn: () => amendVisit(visit.id, visit.version, words.why, changed),
    onSuccess: (amended) => {
      deviceKeep.drop(kept)
      queries.setQueryData(visitQuery(visit.id).queryKey, amended)
      void queries.invalidateQueries({ queryKey: clientFile(visit.client.id).queryKey })
    },
  })
  const bowl = (id: string, change: Partial<{
    minutes: string
    note: string
  }>) => { set({ bowls: { ...words.bowls, [id]: { minutes: '', note: '', ...words.bowls[id], ...change } } }) }
  return (
    <details className="adjust" id="amend">
      <summary>{t`Correct what was written`}</summary>
      <Form className="close-station" onSubmit={(event) => { event.preventDefault(); amend.mutate() }}>
        <p className="quiet">
          {t`What was weighed stays. The first words stay on record, beside who corrected them and why.`}
        </p>
        <VerdictChoice verdict={words.verdict} onChange={(verdict) => { set({ verdict }) }} />
        <ResultRows
          ladder={ladder}
          zones={judgedZones(visit)}
          results={words.results}
          error={amend.error}
          onChange={(results) => { set({ results }) }}
        />
        <OtherResults
          visit={visit}
          ladder={ladder}
          results={words.results}
          error={amend.error}
          onChange={(results) => { set({ results }) }}
        />
        <Field id="amend-outcome" label={t`What came of it`}>
          <Form.Control
            as="textarea"
            rows={2}
            maxLength={1000}
            value={words.outcome}
            onChange={(event) => { set({ outcome: event.target.value }) }}
          />
        </Field>
        <div className="field-row">
          <Field id="amend-keep" label={t`Keep`}>
            <Form.Control
              maxLength={1000}
              value={words.keep}
              onChange={(event) => { set({ keep: event.target.value }) }}
            />
          </Field>
          <Field id="amend-change" label={t`Change next time`}>
            <Form.Control
              maxLength={1000}
              value={words.change}
              onChange={(event) => { set({ change: event.target.value }) }}
            />
          </Field>
          <Field id="amend-next" label={t`Next`} className="next-on">
            <Form.Control
              type="date"
              value={words.nextOn}
              onChange={(event) => { set({ nextOn: event.target.value }) }}
            />
          </Field>
        </div>
        {bowlsOf(visit).map((each) => (
          <div key={each.id} className="field-row amend-bowl">
            <strong className="bowl-letter">{each.letter}</strong>
            <Field id={`amend-minutes-${each.letter}`} label={t`Minutes`} className="next-on">
              <Form.Control
                inputMode="text"
                maxLength={20}
                placeholder={each.minutes}
                value={words.bowls[each.id]?.minutes ?? ''}
                onChange={(event) => { bowl(each.id, { minutes: event.target.value }) }}
              />
            </Field>
            <Field id={`amend-note-${each.letter}`} label={t`Note to ${each.letter}`}>
              <Form.Control
                maxLength={1000}
                value={words.bowls[each.id]?.note ?? ''}
                onChange={(event) => { bowl(each.id, { note: event.target.value }) }}
              />
            </Field>
          </div>
        ))}
        <Field id="amend-note" label={t`Note to the visit`}>
          <Form.Control
            maxLength={2000}
            value={words.note}
            onChange={(event) => { set({ note: event.target.value }) }}
          />
        </Field>
        <Field id="amend-why" label={t`Why it is corrected`}>
          <Form.Control maxLength={280} value={words.why} onChange={(event) => { set({ why: event.target.value }) }} />
        </Field>
        {amend.error === null ? null : <ErrorNotice error={amend.error} />}
        <Press
          kind="main"
          submit
          disabled={Object.keys(changed).length === 0 || words.why.trim().length < 3 || amend.isPending}
          id="save-amend"
        >{t`Correct it`}</Press>
      </Form>
    </details>
  )
}
