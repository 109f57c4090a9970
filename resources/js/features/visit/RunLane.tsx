import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { masses } from '../../shared/format/mass'
import { newId } from '../../shared/api/newId'
import { showClock } from '../../shared/format/time'
import { inkOf } from '../../shared/ui/ink'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { visit as visitQuery } from './api'
import { stampBowl } from './timesApi'
import { BatchLane } from './BatchLane'
import { ClockLane } from './ClockLane'
import { earlyOf } from './earlyRinse'
import { MoreOf } from './MoreOf'
import { SideLanes, TimeApart } from './SideLanes'
import { isOver } from '../../shared/visits/visitLine'
import { LaneMarks } from './LaneMarks'
import { LookFields, SeenList, useLook } from './Looks'
import type { Bowl, Visit } from './shapes'
import { Trial } from './TestStrand'

const MARK: Record<string, string> = {
  began: t`First touch`,
  completed: t`Last touch`,
  checked: t`Looked`,
  rinsed: t`Rinsed`,
  'set-aside': t`Not used`,
  undone: t`Mark taken back`,
}

const NEXT: Partial<Record<Bowl['clock']['state'], readonly [string, string][]>> = {
  waiting: [['began', t`First touch`], ['set-aside', t`Not used`]],
  applying: [['completed', t`Last touch`], ['rinsed', t`Rinsed`]],
  processing: [['checked', t`Looked`], ['rinsed', t`Rinsed`]],
  due: [['rinsed', t`Rinsed`], ['checked', t`Looked`], ['completed', t`Last touch`]],
  over: [['rinsed', t`Rinsed`], ['checked', t`Looked`], ['completed', t`Last touch`]],
}

export function Lane({
  bowl,
  visit,
  now,
  formulates,
  letters,
}: { bowl: Bowl; visit: Visit; now: number; formulates: boolean; letters: string[] }) {
  const queries = useQueryClient()
  const look = useLook(visit, bowl)
  const stamp = useMutation({
    mutationFn: (kind: string) => stampBowl(
      visit.id,
      bowl.id,
      newId(),
      kind,
      kind === 'checked' ? look.words : '',
      t`${MARK[kind] ?? kind}, bowl ${bowl.letter}, ${visit.client.name}`,
      kind === 'checked' ? look.said : {},
    ),
    onSuccess: (changed, kind) => {
      if (kind === 'checked') look.done()
      queries.setQueryData(visitQuery(visit.id).queryKey, changed)
    },
  })
  const open = !isOver(visit)
  const complete = bowl.clock.stamps.some((each) => each.kind === 'completed')
  const [asked, setAsked] = useState(false)
  const planned = visit.times.bowls.find((each) => each.bowl === bowl.id && each.batch === null)
  const early = earlyOf(visit.times.bowls.filter((each) => each.bowl === bowl.id && each.batch === null), now)
  // What stays under the next comes off with it: its own lane offers no rinse that would ruin the toner.
  const stays = bowl.sheet.rinse === 'not'
    && visit.times.bowls.some((each) => each.bowl !== bowl.id && each.rinse === planned?.rinse && !each.rinsed)
  const shown = stays && (bowl.clock.state === 'due' || bowl.clock.state === 'over') ? 'processing' : bowl.clock.state
  const steps = (NEXT[shown] ?? []).filter(([kind]) => (kind !== 'rinsed' || !stays)
    && (kind !== 'completed' || !complete)
    && (kind !== 'set-aside' || bowl.state === 'mixed'))
  return (
    <article className={`lane lane-${shown}`} aria-label={t`Bowl ${bowl.letter}`}>
      <header>
        <span className={`brush ink-${inkOf(bowl.letter).name}`}>{bowl.letter}</span>
        <div className="lane-words">
          <strong>{bowl.job === '' ? t`Bowl ${bowl.letter}` : bowl.job}</strong>
          <details className="lane-prose">
            <summary className="quiet">{masses(bowl.worked?.total ?? t`how it goes on`)}</summary>
            {[bowl.place, ...bowl.about].filter((each) => each !== '').join(' · ')}
          </details>
        </div>
        {bowl.state === 'mixed' ? (
          <span className="state state-mixed">
            {t`● mixed`} {bowl.batches.map((batch) => masses(batch.mixed)).join(' + ')}
          </span>
        ) : (
          <Link className="press btn btn-outline-primary" to={`/bench/${bowl.id}`}>
            ⚖ {bowl.state === 'weighing' ? t`Carry on` : t`Weigh`}
          </Link>
        )}
      </header>
      {bowl.clock.stale === null ? null : (
        <Notice kind="warn" title={t`Mixed ${bowl.clock.stale} minutes ago.`}>
          {t`Oxidative colour works from the moment it is mixed: mix it fresh.`}
        </Notice>
      )}
      <ClockLane
        letter={bowl.letter}
        clock={bowl.clock}
        now={now}
        rinse={planned?.rinse ?? bowl.clock.due}
        stays={bowl.sheet.rinse === 'not'}
      />
      <SeenList visit={visit} bowl={bowl} />
      {bowl.sides.length === 0 ? null : <SideLanes visit={visit} bowl={bowl} now={now} />}
      {bowl.batches.map((batch) => (batch.clock === null ? null : (
        <BatchLane key={batch.id} visit={visit} bowl={bowl} batch={batch} clock={batch.clock} now={now} />
      )))}
      {open && bowl.sides.every((side) => side.clock.stamps.length === 0) ? (
        <div className="lane-acts">
          {steps.map(([kind, label], index) => (
            <Press
              key={kind}
              kind={index === 0 ? 'main' : 'plain'}
              size="bench"
              disabled={stamp.isPending}
              onPress={() => {
                if (kind === 'rinsed' && early !== null && !asked) setAsked(true); else stamp.mutate(kind)
              }}
            >{label}</Press>
          ))}
          {['processing', 'due', 'over'].includes(bowl.clock.state) ? <LookFields bowl={bowl} look={look} /> : null}
          {bowl.clock.stamps.length > 0 ? (
            <Press kind="quiet" disabled={stamp.isPending} onPress={() => { stamp.mutate('undone') }}>
              {t`Take the last mark back`}
            </Press>
          ) : null}
        </div>
      ) : null}
      {asked && early !== null ? (
        <Notice kind="warn" title={early}>
          <Press disabled={stamp.isPending} onPress={() => { setAsked(false); stamp.mutate('rinsed') }}>
            {t`Rinsed all the same`}
          </Press>{' '}
          <Press kind="quiet" onPress={() => { setAsked(false) }}>{t`Not yet`}</Press>
        </Notice>
      ) : null}
      {open && ['applying', 'processing', 'due', 'over'].includes(bowl.clock.state) ? (
        <LaneMarks visit={visit} bowl={bowl} />
      ) : null}
      {open && bowl.state === 'mixed' && bowl.clock.state === 'waiting' && bowl.sides.length === 0 ? (
        <TimeApart visit={visit} bowl={bowl} />
      ) : null}
      {stamp.error === null ? null : <ErrorNotice error={stamp.error} />}
      {bowl.poured === null ? null : (
        <p className="poured">
          {t`Poured, it came to ${masses(bowl.poured.total)} at ${bowl.poured.ratio}${bowl.poured.strength === null ? '' : `, ${bowl.poured.strength.developer}`}:`}{' '}
          {bowl.poured.parts
            .flatMap((part) => part.ingredients)
            .map((each) => `${masses(each.grams)} ${each.label}`)
            .join(', ')}.
        </p>
      )}
      {bowl.batches.length > 1 ? (
        <p className="quiet">
          {bowl.batches.map((batch) =>
            t`Batch ${batch.number} ${batch.said} ${showClock(batch.at)}: ${masses(batch.mixed)}`,
          ).join('; ')}
        </p>
      ) : null}
      {open && bowl.state === 'mixed' && bowl.clock.state !== 'set-aside' ? <MoreOf visit={visit} bowl={bowl} /> : null}
      {bowl.purpose === 'trial' ? (
        <Trial bowl={bowl} visit={visit} formulates={formulates && open} letters={letters} />
      ) : null}
    </article>
  )
}
