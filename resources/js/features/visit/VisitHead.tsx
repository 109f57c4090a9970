import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { newId } from '../../shared/api/newId'
import { showClock, showDay } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { receive, visit as visitQuery } from './api'
import { repeatVisit } from './closeApi'
import { isOver } from '../../shared/visits/visitLine'
import { ChangeVisit } from './ChangeVisit'
import { TakeUpAgain } from './EndVisit'
import type { Visit } from './shapes'

const STATUS = {
  expected: t`○ expected`,
  'in-chair': t`◐ in the chair`,
  closed: t`● closed`,
  ended: t`✕ did not take place`,
} as const
const VERDICT = { good: t`✓ good`, mixed: t`~ mixed`, poor: t`✕ poor` } as const

/** Who, what, when, how far, and the step that moves the visit on. */
export function VisitHead({ visit, formulates, onClose }: { visit: Visit; formulates: boolean; onClose: () => void }) {
  const queries = useQueryClient()
  const go = useNavigate()
  const [id] = useState(newId)
  const sit = useMutation({
    mutationFn: () => receive(visit.id),
    onSuccess: (changed) => { queries.setQueryData(visitQuery(visit.id).queryKey, changed) },
  })
  const repeat = useMutation({
    mutationFn: () => repeatVisit(visit.id, id),
    onSuccess: (made) => go(`/visits/${made.id}`),
  })
  const error = sit.error ?? repeat.error
  return (
    <header className="page-head visit-head">
      <div>
        <h1>
          <Link to={`/clients/${visit.client.id}`}>{visit.client.name}</Link>
        </h1>
        <p>
          {visit.service} <span className="quiet">
            · {showDay(visit.startsAt)}, {showClock(visit.startsAt)} · {visit.colourist.name}
          </span>{' '}
          <span className={`state state-${visit.status}`}>{STATUS[visit.status]}</span>
          {visit.verdict === null ? null : (
            <span className={`verdict verdict-${visit.verdict}`}>{VERDICT[visit.verdict]}</span>
          )}
        </p>
        {visit.from === null ? null : (
          <p className="quiet">
            <Trans>
              ↻ repeats <Link to={`/visits/${visit.from.id}`}>{showDay(visit.from.on)}</Link> ·{' '}
              <Link to={`/compare/${visit.from.id}/${visit.id}`}>compare</Link>
            </Trans>
          </p>
        )}
        {visit.status === 'ended' ? <TakeUpAgain visit={visit} formulates={formulates} /> : null}
        {visit.note === '' ? null : <p className="wish">{visit.note}</p>}
        {formulates && !isOver(visit) ? <ChangeVisit visit={visit} /> : null}
        {error === null ? null : <ErrorNotice error={error} />}
      </div>
      <div className="visit-steps">
        <a
          className="press btn btn-link"
          href={`/api/visits/${visit.id}/calendar`}
          download
          aria-label={t`This visit as a calendar file`}
        >{t`.ics`}</a>
        <Link className="press btn btn-outline-primary" to={`/visits/${visit.id}/card`} id="card">{t`Card`}</Link>
        {visit.status === 'expected' ? (
          <Press onPress={() => { sit.mutate() }} id="receive">{t`In the chair`}</Press>
        ) : null}
        {!isOver(visit) && formulates ? (
          <Press kind={visit.next.do === 'close' ? 'main' : 'plain'} onPress={onClose} id="close">{t`Close…`}</Press>
        ) : null}
        {visit.status === 'closed' && formulates ? (
          <Press kind="main" disabled={repeat.isPending} onPress={() => { repeat.mutate() }} id="repeat">
            {t`↻ Repeat`}
          </Press>
        ) : null}
      </div>
    </header>
  )
}
