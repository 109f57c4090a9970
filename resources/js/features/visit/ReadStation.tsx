import { named } from '../../shared/words/named'
import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { masses } from '../../shared/format/mass'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { showAgo, showDay } from '../../shared/format/time'
import { PhotoStrip } from '../../shared/photos/PhotoStrip'
import { SafetyPanel } from '../../shared/safety/SafetyPanel'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Waiting } from '../../shared/ui/Waiting'
import { clientFile, visit as visitQuery } from './api'
import { DidItLast } from './DidItLast'
import { ProposalList } from './ProposalList'
import { isOver } from '../../shared/visits/visitLine'
import type { Visit } from './shapes'
import { Trail } from '../../shared/trail/Trail'

/** What somebody must know before the first number: skin, what was said, what the last visits gave. */
export function ReadStation({ visit, formulates }: { visit: Visit; formulates: boolean }) {
  const queries = useQueryClient()
  const query = clientFile(visit.client.id)
  const file = useQuery(query)
  const refresh = () => {
    void queries.invalidateQueries({ queryKey: query.queryKey })
    void queries.invalidateQueries({ queryKey: visitQuery(visit.id).queryKey })
  }
  const editable = formulates && !isOver(visit)
  if (file.data === undefined) return file.error === null ? (
    <Waiting what={t`the client file`} />
  ) : (
    <ErrorNotice error={file.error} />
  )
  const past = file.data.visits.filter((each) =>
    each.id !== visit.id && each.status === 'closed' && each.startsAt <= visit.startsAt,
  ).slice(
    0,
    4,
  )
  return (
    <div className="read-station">
      <h2>{t`Skin`}</h2>
      <SafetyPanel client={visit.client.id} safety={file.data.safety} formulates={formulates} onChanged={refresh} />
      {visit.proposals.length === 0 ? null : (
        <>
          <h2>{t`What differs, and what was said`}</h2>
          <ProposalList visit={visit} editable={editable} proposals={visit.proposals} />
        </>
      )}
      {visit.status === 'closed' && visit.outcome !== '' ? (
        <>
          <h2>{t`What came of it`}</h2>
          <p>
            {visit.outcome}{visit.keep === '' ? null : <span className="keep">{t`Keep: ${visit.keep}`}</span>}
            {visit.change === '' ? null : <span className="change">{t`Change: ${visit.change}`}</span>}
          </p>
        </>
      ) : null}
      {file.data.trends.some((job) => job.trends.some((trend) => trend.drift !== '')) ? (
        <ul className="cautions" aria-label={t`Drift`}>
          {file.data.trends.flatMap((job) => job.trends.filter((trend) => trend.drift !== '').map((trend) => (
            <li key={job.job + trend.what}><strong>! {job.job}, {trend.what.toLowerCase()}.</strong> {trend.drift}</li>
          )))}
        </ul>
      ) : null}
      {visit.rulesThen.length === 0 ? null : (
        <details className="adjust rules-then">
          <summary>
            {t`Worked with the house rules of then: ${visit.rulesThen.length === 1 ? t`one is` : t`${String(visit.rulesThen.length)} are`} another now`}
          </summary>
          <ul>
            {visit.rulesThen.map((rule) => <li key={rule.name}>
              <Trans>{rule.name}: <strong>{rule.was}</strong>, now {rule.is}.</Trans>
            </li>)}
          </ul>
        </details>
      )}
      <h2>{t`Last visits`}</h2>
      {visit.before === null || isOver(visit) ? null : <DidItLast visit={visit} before={visit.before} />}
      {past.length === 0 ? <p className="quiet">{t`The first visit on record.`}</p> : null}
      <ol className="past-visits">
        {past.map((each) => (
          <li key={each.id}>
            <Link to={`/visits/${each.id}`}>
              {showDay(each.startsAt)}
            </Link> <span className="quiet">{showAgo(each.startsAt, new Date())}</span> {each.service}
            {each.verdict === null ? null : (
              <span className={`verdict verdict-${each.verdict}`}> {named(each.verdict)}</span>
            )}
            <span className="quiet"> {each.bowls.map((bowl) => masses(`${bowl.letter}: ${bowl.poured === '' ? `${bowl.colour}, ${bowl.developer}` : bowl.poured}${bowl.used === null ? '' : t`, ${bowl.used} used`}`)).join(' · ')}</span>
            <div>
              {each.outcome}
              {each.keep === '' ? null : <span className="keep">{t`Keep: ${each.keep}`}</span>}
              {each.change === '' ? null : <span className="change">{t`Change: ${each.change}`}</span>}{' '}
              <Link to={`/compare/${each.id}/${visit.id}`}>{t`compare with this visit`}</Link>
            </div>
          </li>
        ))}
      </ol>
      <h2>{t`Photographs`}</h2>
      <PhotoStrip client={visit.client.id} visit={visit.id} photos={file.data.photos.slice(0, 6)} onAdded={refresh} />
      <Trail of={`visits/${visit.id}`} />
    </div>
  )
}
