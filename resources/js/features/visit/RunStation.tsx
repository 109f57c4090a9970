import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate } from 'react-router'
import { newId } from '../../shared/api/newId'
import { showClock } from '../../shared/format/time'
import { useServerNow } from '../../shared/time/useServerNow'
import { inkOf } from '../../shared/ui/ink'
import type { Rung } from '../../shared/ui/LevelField'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { carryTrial, recordTrial, stampBowl, visit as visitQuery } from './api'
import { freeLetter } from './drafts'
import { ActBar } from './ActBar'
import { BatchLane } from './BatchLane'
import { ClockLane } from './ClockLane'
import { Care } from './Care'
import { earlyOf } from './earlyRinse'
import { GateNotice } from './GateNotice'
import { MoreOf } from './MoreOf'
import { Reached } from './Reached'
import { SideLanes, TimeApart } from './SideLanes'
import { isOver } from '../../shared/visits/visitLine'
import { LaneMarks } from './LaneMarks'
import { LookFields, SeenList, useLook } from './Looks'
import { TimePlan } from './TimePlan'
import type { Bowl, Visit } from './shapes'

/** The bowls at work: weigh, first touch, last touch, look, rinse; the gate before the first of them. */
export function RunStation({ visit, ladder, formulates, letters }: { visit: Visit; ladder: Rung[]; formulates: boolean; letters: string[] }) {
  const now = useServerNow(visit.now)
  return (
    <div className="run-station">
      <GateNotice visit={visit} />
      <ActBar visit={visit} now={now} />
      <TimePlan visit={visit} now={now} />
      {visit.rounds.map((round) => (
        <section key={round.id} aria-label={round.name}>
          <h2>{round.name}</h2>
          {round.bowls.length === 0 ? <p className="quiet">{t`No bowls yet.`}</p> : null}
          {round.bowls.map((bowl) => (
            <Lane key={bowl.id} bowl={bowl} visit={visit} now={now} formulates={formulates} letters={letters} />
          ))}
          <Reached key={round.version} visit={visit} ladder={ladder} round={round} />
        </section>
      ))}
      <Care visit={visit} />
    </div>
  )
}

const MARK: Record<string, string> = { began: t`First touch`, completed: t`Last touch`, checked: t`Looked`, rinsed: t`Rinsed`, 'set-aside': t`Not used`, undone: t`Mark taken back` }

const NEXT: Partial<Record<Bowl['clock']['state'], readonly [string, string][]>> = {
  waiting: [['began', t`First touch`], ['set-aside', t`Not used`]],
  applying: [['completed', t`Last touch`], ['rinsed', t`Rinsed`]],
  processing: [['checked', t`Looked`], ['rinsed', t`Rinsed`]],
  due: [['rinsed', t`Rinsed`], ['checked', t`Looked`], ['completed', t`Last touch`]],
  over: [['rinsed', t`Rinsed`], ['checked', t`Looked`], ['completed', t`Last touch`]],
}

function Lane({ bowl, visit, now, formulates, letters }: { bowl: Bowl; visit: Visit; now: number; formulates: boolean; letters: string[] }) {
  const queries = useQueryClient()
  const look = useLook(visit, bowl)
  const stamp = useMutation({
    mutationFn: (kind: string) => stampBowl(visit.id, bowl.id, newId(), kind, kind === 'checked' ? look.words : '', t`${MARK[kind] ?? kind}, bowl ${bowl.letter}, ${visit.client.name}`, kind === 'checked' ? look.said : {}),
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
  const stays = bowl.sheet.rinse === 'not' && visit.times.bowls.some((each) => each.bowl !== bowl.id && each.rinse === planned?.rinse && !each.rinsed)
  const shown = stays && (bowl.clock.state === 'due' || bowl.clock.state === 'over') ? 'processing' : bowl.clock.state
  const steps = (NEXT[shown] ?? []).filter(([kind]) => (kind !== 'rinsed' || !stays) && (kind !== 'completed' || !complete) && (kind !== 'set-aside' || bowl.state === 'mixed'))
  return (
    <article className={`lane lane-${shown}`} aria-label={t`Bowl ${bowl.letter}`}>
      <header>
        <span className={`brush ink-${inkOf(bowl.letter).name}`}>{bowl.letter}</span>
        <div className="lane-words">
          <strong>{bowl.job === '' ? t`Bowl ${bowl.letter}` : bowl.job}</strong>
          <details className="lane-prose"><summary className="quiet">{masses(bowl.worked?.total ?? t`how it goes on`)}</summary>{[bowl.place, ...bowl.about].filter((each) => each !== '').join(' · ')}</details>
        </div>
        {bowl.state === 'mixed' ? <span className="state state-mixed">{t`● mixed`} {bowl.batches.map((batch) => masses(batch.mixed)).join(' + ')}</span> : <Link className="press btn btn-outline-primary" to={`/bench/${bowl.id}`}>⚖ {bowl.state === 'weighing' ? t`Carry on` : t`Weigh`}</Link>}
      </header>
      {bowl.clock.stale === null ? null : <Notice kind="warn" title={t`Mixed ${bowl.clock.stale} minutes ago.`}>{t`Oxidative colour works from the moment it is mixed: mix it fresh.`}</Notice>}
      <ClockLane letter={bowl.letter} clock={bowl.clock} now={now} rinse={planned?.rinse ?? bowl.clock.due} stays={bowl.sheet.rinse === 'not'} />
      <SeenList visit={visit} bowl={bowl} />
      {bowl.sides.length === 0 ? null : <SideLanes visit={visit} bowl={bowl} now={now} />}
      {bowl.batches.map((batch) => (batch.clock === null ? null : <BatchLane key={batch.id} visit={visit} bowl={bowl} batch={batch} clock={batch.clock} now={now} />))}
      {open && bowl.sides.every((side) => side.clock.stamps.length === 0) ? (
        <div className="lane-acts">
          {steps.map(([kind, label], index) => (
            <Press key={kind} kind={index === 0 ? 'main' : 'plain'} size="bench" disabled={stamp.isPending} onPress={() => { if (kind === 'rinsed' && early !== null && !asked) setAsked(true); else stamp.mutate(kind) }}>{label}</Press>
          ))}
          {['processing', 'due', 'over'].includes(bowl.clock.state) ? <LookFields bowl={bowl} look={look} /> : null}
          {bowl.clock.stamps.length > 0 ? <Press kind="quiet" disabled={stamp.isPending} onPress={() => { stamp.mutate('undone') }}>{t`Take the last mark back`}</Press> : null}
        </div>
      ) : null}
      {asked && early !== null ? <Notice kind="warn" title={early}><Press disabled={stamp.isPending} onPress={() => { setAsked(false); stamp.mutate('rinsed') }}>{t`Rinsed all the same`}</Press> <Press kind="quiet" onPress={() => { setAsked(false) }}>{t`Not yet`}</Press></Notice> : null}
      {open && ['applying', 'processing', 'due', 'over'].includes(bowl.clock.state) ? <LaneMarks visit={visit} bowl={bowl} /> : null}
      {open && bowl.state === 'mixed' && bowl.clock.state === 'waiting' && bowl.sides.length === 0 ? <TimeApart visit={visit} bowl={bowl} /> : null}
      {stamp.error === null ? null : <ErrorNotice error={stamp.error} />}
      {bowl.poured === null ? null : <p className="poured">{t`Poured, it came to ${masses(bowl.poured.total)} at ${bowl.poured.ratio}${bowl.poured.strength === null ? '' : `, ${bowl.poured.strength.developer}`}:`} {bowl.poured.parts.flatMap((part) => part.ingredients).map((each) => `${masses(each.grams)} ${each.label}`).join(', ')}.</p>}
      {bowl.batches.length > 1 ? <p className="quiet">{bowl.batches.map((batch) => t`Batch ${batch.number} ${batch.said} ${showClock(batch.at)}: ${masses(batch.mixed)}`).join('; ')}</p> : null}
      {open && bowl.state === 'mixed' && bowl.clock.state !== 'set-aside' ? <MoreOf visit={visit} bowl={bowl} /> : null}
      {bowl.purpose === 'trial' ? <Trial bowl={bowl} visit={visit} formulates={formulates && open} letters={letters} /> : null}
    </article>
  )
}

/** The strand's result, then its formula carried into the real bowl with what it taught. */
function Trial({ bowl, visit, formulates, letters }: { bowl: Bowl; visit: Visit; formulates: boolean; letters: string[] }) {
  const queries = useQueryClient()
  const go = useNavigate()
  const [result, setResult] = useState({ level: bowl.trial?.level ?? '', tone: bowl.trial?.tone ?? '', words: bowl.trial?.words ?? '', minutes: '' })
  const [carry, setCarry] = useState({ round: visit.rounds[0]?.id ?? '', grams: '60 g', kind: '', value: '' })
  const refresh = () => queries.invalidateQueries({ queryKey: visitQuery(visit.id).queryKey })
  const save = useMutation({ mutationFn: () => recordTrial(visit.id, bowl.id, { version: bowl.version, ...result, minutes: result.minutes === '' ? null : result.minutes, elasticity: null }), onSuccess: refresh })
  const take = useMutation({
    mutationFn: async () => {
      const id = newId()
      await carryTrial(visit.id, bowl.id, { id, round: carry.round, letter: freeLetter(letters), grams: carry.grams, corrections: carry.kind === '' ? [] : [{ kind: carry.kind, value: carry.value }], reason: t`the test strand said so` })

      return id
    },
    onSuccess: async (made) => {
      await refresh()
      void go(`/visits/${visit.id}?at=formulate&bowl=${made}`)
    },
  })
  return (
    <div className="trial">
      <h3>{t`Test strand ${bowl.trial === null ? '' : t`came to level ${bowl.trial.level} ${bowl.trial.tone}. ${bowl.trial.words}`}`}</h3>
      {isOver(visit) ? null : (
        <div className="detail-row">
          <Form.Control aria-label={t`Level reached`} placeholder={t`level`} inputMode="decimal" value={result.level} onChange={(event) => { setResult({ ...result, level: event.target.value }) }} />
          <Form.Control aria-label={t`Tone reached`} placeholder={t`tone`} value={result.tone} onChange={(event) => { setResult({ ...result, tone: event.target.value }) }} />
          <Form.Control aria-label={t`What it taught`} placeholder={t`what it taught`} value={result.words} onChange={(event) => { setResult({ ...result, words: event.target.value }) }} />
          <Press disabled={result.level.trim() === '' || save.isPending} onPress={() => { save.mutate() }}>{t`Record result`}</Press>
        </div>
      )}
      {save.error === null ? null : <ErrorNotice error={save.error} />}
      {bowl.trial !== null && formulates ? (
        <div className="detail-row">
          <Form.Select aria-label={t`Into which round`} value={carry.round} onChange={(event) => { setCarry({ ...carry, round: event.target.value }) }}>
            {visit.rounds.map((round) => <option key={round.id} value={round.id}>{round.name}</option>)}
          </Form.Select>
          <Form.Control aria-label={t`Colour of the real bowl`} value={carry.grams} onChange={(event) => { setCarry({ ...carry, grams: event.target.value }) }} />
          <Form.Select aria-label={t`Correction`} value={`${carry.kind} ${carry.value}`} onChange={(event) => { const [kind = '', ...rest] = event.target.value.split(' '); setCarry({ ...carry, kind, value: rest.join(' ') }) }}>
            <option value=" ">{t`as it was`}</option>
            <option value="level -0.5">{t`half a level deeper`}</option>
            <option value="level -1">{t`a level deeper`}</option>
            <option value="level +1">{t`a level lighter`}</option>
            <option value="warmer ">{t`warmer`}</option>
            <option value="cooler ">{t`cooler`}</option>
            <option value="minutes +5 min">{t`5 min longer`}</option>
            <option value="minutes -5 min">{t`5 min shorter`}</option>
          </Form.Select>
          <Press kind="main" disabled={take.isPending} onPress={() => { take.mutate() }}>{t`Carry into ${freeLetter(letters)}`}</Press>
        </div>
      ) : null}
      {take.error === null ? null : <ErrorNotice error={take.error} />}
    </div>
  )
}
