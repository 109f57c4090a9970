import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useNavigate } from 'react-router'
import { fieldTime } from '../../shared/format/time'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { changeVisit, visit as visitQuery } from './api'
import { takeVisitBack } from './closeApi'
import { EndVisit } from './EndVisit'
import type { Visit } from './shapes'

/** What the visit is called, when it is, a note to it; and, while nothing of it has happened, taking it back. */
export function ChangeVisit({ visit }: { visit: Visit }) {
  const queries = useQueryClient()
  const go = useNavigate()
  const [fields, setFields] = useState<{ service: string; startsAt: string; note: string } | null>(null)
  const now = fields ?? { service: visit.service, startsAt: fieldTime(visit.startsAt), note: visit.note }
  const save = useMutation({
    mutationFn: () => changeVisit(visit.id, visit.version, now),
    onSuccess: (changed) => {
      queries.setQueryData(visitQuery(visit.id).queryKey, changed)
      setFields(null)
    },
  })
  const back = useMutation({
    mutationFn: () => takeVisitBack(visit.id, visit.version),
    onSuccess: () => go(`/clients/${visit.client.id}`),
  })
  const untouched = visit.status === 'expected'
    && visit.rounds.every((round) =>
      round.bowls.every((bowl) => bowl.batches.length === 0 && bowl.clock.stamps.length === 0),
    )
  const error = save.error ?? back.error
  return (
    <details className="adjust change-visit" id="change-visit">
      <summary>{t`Change: name, time, note`}</summary>
      <Form className="field-row" onSubmit={(event) => { event.preventDefault(); save.mutate() }}>
        <Field id="visit-service" label={t`Service`}>
          <Form.Control
            value={now.service}
            maxLength={120}
            onChange={(event) => { setFields({ ...now, service: event.target.value }) }}
          />
        </Field>
        <Field id="visit-at" label={t`Day and hour`}>
          <Form.Control
            type="datetime-local"
            value={now.startsAt}
            onChange={(event) => { setFields({ ...now, startsAt: event.target.value }) }}
          />
        </Field>
        <Field id="visit-note" label={t`Note`}>
          <Form.Control
            value={now.note}
            maxLength={2000}
            onChange={(event) => { setFields({ ...now, note: event.target.value }) }}
          />
        </Field>
        <Press
          kind="main"
          submit
          disabled={fields === null || now.service.trim() === '' || save.isPending}
          id="save-visit"
        >{t`Save`}</Press>
        {untouched ? (
          <Press kind="stop" disabled={back.isPending} onPress={() => { back.mutate() }} id="take-visit-back">
            {t`Take the visit back`}
          </Press>
        ) : null}
      </Form>
      <EndVisit visit={visit} />
      {error === null ? null : <ErrorNotice error={error} />}
    </details>
  )
}
