import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Navigate, useNavigate, useParams } from 'react-router'
import { newId } from '../../shared/api/newId'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { showDay } from '../../shared/format/time'
import { PhotoStrip } from '../../shared/photos/PhotoStrip'
import { SafetyPanel } from '../../shared/safety/SafetyPanel'
import { client, planVisit, repeatVisit, services, type Client } from './api'
import { Consents } from './Consents'
import { Matches } from './Matches'
import { Alike } from './MergeFiles'
import { TakeOut } from './TakeOut'
import { Particulars } from './Particulars'
import { TrendList } from './TrendList'
import { isOver } from '../../shared/visits/visitLine'
import { Trail } from '../../shared/trail/Trail'
import { VisitLineage } from './VisitLineage'

const WAYS = {
  '': '',
  phone: t`by telephone`,
  mail: t`by mail`,
  message: t`by message`,
  none: t`does not want to be reached`,
} as const

export function ClientPage({ formulates, owns }: { formulates: boolean; owns: boolean }) {
  const { id = '' } = useParams()
  const loaded = useQuery(client(id))
  const queries = useQueryClient()
  const refresh = () => { void queries.invalidateQueries({ queryKey: client(id).queryKey }) }
  if (loaded.data === undefined) return loaded.error === null ? (
    <Waiting what={t`the client file`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  const file = loaded.data
  // Two files of one person: whoever comes by the other is led to the one that is kept.
  if (file.into !== null) return <Navigate to={`/clients/${file.into.id}`} replace />
  if (file.erasedAt !== null) return <Erased file={file} />
  const open = file.visits.find((visit) => !isOver(visit))
  const last = file.visits.find((visit) => visit.status === 'closed')
  return (
    <div className="page">
      <header className="page-head client-head">
        <div>
          <h1>{file.name}</h1>
          <p className="quiet">
            {file.about} {file.phone === '' ? null : (
              <span className="phone">{file.phone}</span>
            )} {file.email === '' ? null : (
              <a href={`mailto:${file.email}`}>{file.email}</a>
            )} {file.contactBy === ''
              ? ''
              : `${WAYS[file.contactBy]}.`} {file.preferred === null
                ? ''
                : t`Likes to come to ${file.preferred.name}.`} {file.training ? t`Practice head.` : ''}
          </p>
        </div>
        {formulates ? <Plan file={file} lastId={last?.id} openId={open?.id} /> : null}
      </header>
      {file.cautions === '' ? null : (
        <Notice kind="warn" title={file.cautions}>
          {t`Follow the maker’s instructions and local rules; when in doubt, do not colour.`}
        </Notice>
      )}
      <SafetyPanel client={file.id} safety={file.safety} formulates={formulates} onChanged={refresh} />
      <div className="client-file">
        <section aria-labelledby="line-of-visits">
          <h2 id="line-of-visits">{t`Visits`}</h2>
          {file.visits.length === 0 ? (
            <p className="quiet">{t`No visit yet. Plan the first one.`}</p>
          ) : (
            <VisitLineage visits={file.visits} />
          )}
        </section>
        <aside className="client-side">
          <h2>{t`To change next time`}</h2>
          {file.waiting.length === 0 ? <p className="quiet">{t`Nothing waits to be changed.`}</p> : null}
          {file.waiting.map((change) => (
            <blockquote key={change.id} className="wish">
              {change.letter === '' ? null : <strong>{change.letter} </strong>}
              {change.words} <span className="quiet">
                {t`said ${showDay(change.from.on)}${change.canApply ? t`; can be applied with one press` : ''}`}
              </span>
            </blockquote>
          ))}
          <h2>{t`What has been used`}</h2>
          <TrendList jobs={file.trends} />
          <h2>{t`Photographs`}</h2>
          <PhotoStrip client={file.id} visit={null} photos={file.photos} formulates={formulates} onAdded={refresh} />
          {file.training ? null : <Matches file={file} formulates={formulates} onChanged={refresh} />}
          {file.training ? null : <Consents file={file} formulates={formulates} onChanged={refresh} />}
          {formulates ? <Particulars file={file} onSaved={refresh} /> : null}
          <Trail of={`clients/${String(file.id)}`} />
          {formulates && !file.training ? <Alike file={file} onMerged={refresh} /> : null}
          {formulates ? <TakeOut file={file} owns={owns && !file.training} onErased={refresh} /> : null}
        </aside>
      </div>
    </div>
  )
}

/** Of somebody who was taken out: what was mixed, and nothing of who they were. */
function Erased({ file }: { file: Client }) {
  return (
    <div className="page">
      <h1>{file.name}</h1>
      <Notice
        kind="note"
        title={t`Taken out of the record on ${file.erasedAt === null ? '' : showDay(file.erasedAt)}.`}
      >{t`What was mixed stays, of nobody.`}</Notice>
      <VisitLineage visits={file.visits} />
    </div>
  )
}

/** Repeat the last visit with one press, or plan another one. */
function Plan({ file, lastId, openId }: { file: Client; lastId: string | undefined; openId: string | undefined }) {
  const go = useNavigate()
  const [service, setService] = useState('')
  // One id for each press that may be sent twice: the server then makes one visit of it.
  const [id] = useState(newId)
  const repeat = useMutation({
    mutationFn: (visit: string) => repeatVisit(visit, id),
    onSuccess: (made) => go(`/visits/${made}`),
  })
  const house = useQuery(services)
  const plan = useMutation({
    mutationFn: (of: {
      name: string
      template: number | null
    }) => planVisit(file.id, id, of.name, new Date().toISOString(), of.template),
    onSuccess: (made) => go(`/visits/${made}`),
  })
  const error = repeat.error ?? plan.error
  return (
    <div className="client-plan">
      {openId === undefined ? null : (
        <Press kind="main" onPress={() => { void go(`/visits/${openId}`) }} id="open-visit">
          {t`Open today’s visit`}
        </Press>
      )}
      {lastId === undefined ? null : (
        <Press
          kind={openId === undefined ? 'main' : 'plain'}
          disabled={repeat.isPending}
          onPress={() => { repeat.mutate(lastId) }}
          id="repeat"
        >
          {t`↻ Repeat last visit`}
        </Press>
      )}
      <Form
        className="plan-form"
        onSubmit={(event) => {
          event.preventDefault()
          plan.mutate({ name: service.trim(), template: null })
        }}
      >
        <Form.Control
          aria-label={t`Service`}
          placeholder={t`Another service`}
          required
          maxLength={120}
          value={service}
          onChange={(event) => { setService(event.target.value) }}
          id="service"
        />
        <Press submit disabled={plan.isPending || service.trim() === ''} id="plan">
          {t`Plan`}
        </Press>
      </Form>
      {(house.data ?? []).length === 0 ? null : (
        <div className="chips" role="group" aria-label={t`Services of the house`}>
          {house.data?.map((each) => <button
            key={each.id}
            type="button"
            className="chip"
            title={each.bowls.join(', ')}
            disabled={plan.isPending}
            onClick={() => { plan.mutate({ name: each.name, template: each.id }) }}
          >{each.name}</button>)}
        </div>
      )}
      {error === null ? null : <ErrorNotice error={error} />}
    </div>
  )
}
