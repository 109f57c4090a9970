import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { newId } from '../../shared/api/newId'
import { showClock } from '../../shared/format/time'
import { lateBy, left } from '../../shared/time/left'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { isOver } from '../../shared/visits/visitLine'
import type { Act } from '../../shared/visits/times'
import { visit as visitQuery } from './api'
import { stampBowl, stampTogether } from './timesApi'
import { earlyOf } from './earlyRinse'
import type { Visit } from './shapes'

/** What each act is marked with. */
const STAMP: Partial<Record<Act['kind'], string>> = {
  begin: 'began',
  complete: 'completed',
  look: 'checked',
  through: 'through',
  emulsify: 'emulsified',
  'heat-on': 'heat-on',
  'heat-off': 'heat-off',
  rinse: 'rinsed',
}
const DONE: Partial<Record<Act['kind'], string>> = {
  begin: t`First touch`,
  complete: t`Last touch`,
  look: t`Looked`,
  through: t`Taken through`,
  emulsify: t`Emulsified`,
  'heat-on': t`Heat is on`,
  'heat-off': t`Heat is off`,
  rinse: t`Rinsed`,
}

/** The plan’s next acts: the first large, with the press that marks it; what follows by minutes. */
export function ActBar({ visit, now }: { visit: Visit; now: number }) {
  const queries = useQueryClient()
  const [asked, setAsked] = useState(false)
  const mark = useMutation({
    mutationFn: (act: Act) => {
      const about = `${act.words}, ${visit.client.name}`
      const on = act.bowls.filter((each) => visit.times.bowls.some((bowl) => bowl.bowl === each.bowl
        && bowl.batch === each.batch
        && bowl.side === each.side
        && (bowl.begun || act.kind === 'begin')))
      const one = act.bowls[0]
      return act.kind === 'rinse' || one === undefined
        ? stampTogether(visit.id, 'rinsed', on.map((each) => ({ id: newId(), ...each })), about)
        : stampBowl(visit.id, one.bowl, newId(), STAMP[act.kind]
          ?? 'checked', '', about, {
            ...(one.batch === null ? {} : { batch: one.batch }),
            ...(one.side === null ? {} : { side: one.side }),
          })
    },
    onSuccess: (changed) => {
      setAsked(false)
      queries.setQueryData(visitQuery(visit.id).queryKey, changed)
    },
  })
  const [next, ...later] = visit.times.acts
  if (next === undefined
    || isOver(visit)
    || (visit.status !== 'in-chair' && !visit.times.bowls.some((bowl) => bowl.begun))) return null
  const due = new Date(next.at).getTime() <= now
  const late = lateBy(next, visit.times.now, now)
  const early = next.kind === 'rinse'
    ? earlyOf(visit.times.bowls.filter((bowl) => next.letters.includes(bowl.letter)), now)
    : null
  const waits = next.kind === 'rinse'
    && !visit.times.bowls.some((bowl) => next.letters.includes(bowl.letter) && bowl.begun)
  const one = next.bowls[0]
  return (
    <section aria-label={t`Next`} className={`act-bar ${due ? 'act-due' : ''} ${next.over ? 'act-over' : ''}`}>
      <div className="act-next">
        <span className="act-left">{due ? (late > 0 ? t`${late} min late` : t`now`) : left(next.at, now)}</span>
        <strong>{next.words}</strong>
        {next.kind === 'mix'
          || next.kind === 'again'
          || next.kind === 'stale' ? <Link
            className="press btn btn-primary press-bench"
            to={`/bench/${one?.bowl ?? ''}`}
          >{t`⚖ Weigh`}</Link>
          : waits ? null : (
            <Press
              kind="main"
              size="bench"
              id="act-done"
              disabled={mark.isPending}
              onPress={() => { if (early !== null && !asked) setAsked(true); else mark.mutate(next) }}
            >{DONE[next.kind] ?? t`Done`}</Press>
          )}
      </div>
      {asked && early !== null ? (
        <Notice kind="warn" title={early}>
          <Press disabled={mark.isPending} onPress={() => { mark.mutate(next) }}>{t`Rinsed all the same`}</Press>{' '}
          <Press kind="quiet" onPress={() => { setAsked(false) }}>{t`Not yet`}</Press>
        </Notice>
      ) : null}
      {later.length === 0 ? null : (
        <ol className="act-later">
          {later.slice(
            0,
            4,
          ).map((act) => <li key={`${act.kind}${act.letters.join()}`}>
            <span>{showClock(act.at)}</span> {act.words}
          </li>)}
        </ol>
      )}
      {mark.error === null ? null : <ErrorNotice error={mark.error} />}
    </section>
  )
}
