import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { BowlGlyph } from '../../shared/ui/BowlGlyph'
import { OutboxNote } from '../../shared/outbox/OutboxNote'
import { touch } from '../../shared/session/touch'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { AlsoIn } from './AlsoIn'
import { BenchFoot } from './BenchFoot'
import { EarlyWords, GateWords, UnsentPours } from './BenchNotices'
import { bowlFacts, type BowlFacts } from './facts'
import { productColour } from '../../shared/shelf/productColour'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { FirstBowl } from './FirstBowl'
import { LineList } from './LineList'
import { ScaleBadge } from './ScaleBadge'
import { useBatch } from './useBatch'
import { useBench } from './useBench'
import { useScale } from './useScale'
import { Middle } from './BenchMiddle'
import { Batches, Plan } from './BenchLists'

export function BenchPage() {
  const { bowl = '' } = useParams()
  const [params] = useSearchParams()
  const facts = useQuery(bowlFacts(bowl))
  const weighing = useBatch(bowl, facts.data, params.get('batch'))
  if (facts.data === undefined || weighing.loading) {
    const error = facts.error ?? weighing.error
    return error === null ? <Waiting what={t`the bench`} /> : <ErrorNotice error={error} />
  }
  return <Bench key={bowl} facts={facts.data} weighing={weighing} />
}

function Bench({ facts, weighing }: { facts: BowlFacts; weighing: ReturnType<typeof useBatch> }) {
  const { batch } = weighing
  const scale = useScale(batch?.live ?? null)
  const go = useNavigate()
  // Who pours has no hand free: what moves on the scale keeps the device open.
  const moving = scale.state === 'reading' && !scale.still
  useEffect(() => { if (moving) touch() }, [moving])
  const shut = !facts.gate.open && !facts.gate.ahead
  const { next } = facts
  const bench = useBench(
    weighing,
    scale,
    shut,
    () => { void go(`/visits/${facts.visit}?at=run`) },
    next === null ? null : () => { void go(`/bench/${next.id}`) },
  )
  const shelf = useQuery(shelfQuery).data
  // What was added beside the plan is coloured from the shelf.
  const colourOf = (key: string) => facts.colours[key]
    ?? (shelf === undefined
      ? '#e5dac3'
      : productColour(key, shelf.lines.find((each) => each.id === facts.lineId), shelf))
  // It fills as it is poured, not after.
  const pouring = batch?.status === 'weighing' && bench.standsHere && bench.scale.state === 'reading'
    ? bench.scale.pour
    : null
  const wedges = (batch?.lines ?? []).map((line) => ({
    key: line.key,
    wedge: line.key === batch?.current && pouring !== null ? pouring.wedge : line.wedge,
    colour: colourOf(line.key),
  }))
  return (
    <main className="bench">
      <header className="bench-head">
        <BowlGlyph letter={facts.letter} wedges={[]} size={56} label={t`Bowl ${facts.letter}`} />
        <div>
          <h1>{facts.job === '' ? t`Bowl ${facts.letter}` : facts.job}</h1>
          <p>
            {facts.client} <span className="quiet">
              · {facts.line} · {facts.ratio}{facts.mark === '' ? '' : ` · ${facts.mark}`}
            </span>
            {batch !== null && batch.number > 1 ? <span className="quiet"> {t`· batch ${batch.number}`}</span> : null}
          </p>
        </div>
        <OutboxNote />
        <ScaleBadge scale={scale} />
        <Press kind="quiet" onPress={() => { void go(`/visits/${facts.visit}?at=run`) }} hint="Esc">
          {t`Leave bench`}
        </Press>
      </header>
      <div className="bench-body">
        {batch === null ? (
          <Plan facts={facts} />
        ) : (
          <LineList batch={batch} offline={weighing.offline} colourOf={colourOf} />
        )}
        <div className="bench-middle">
          <FirstBowl batch={batch} scale={scale} asked={bench.pan.question !== null} standsHere={bench.standsHere} />
          <EarlyWords
            early={facts.early}
            begun={batch !== null && batch.status !== 'finished' && batch.status !== 'discarded'}
          />
          {weighing.refused.length > 0 ? null : (
            <GateWords
              gate={facts.gate}
              visit={facts.visit}
              begun={batch !== null && batch.status !== 'finished' && batch.status !== 'discarded'}
            />
          )}
          <UnsentPours weighing={weighing} />
          {weighing.error === null || weighing.offline !== null || weighing.refused.length > 0 ? null : (
            <ErrorNotice error={weighing.error} />
          )}
          <Middle batch={batch} facts={facts} bench={bench} offline={weighing.offline} />
        </div>
        <aside className="bench-bowl">
          <BowlGlyph
            letter={facts.letter}
            wedges={wedges}
            size={210}
            label={t`Bowl ${facts.letter}: ${masses(batch?.total ?? t`empty`)}`}
          />
          <p>
            <strong className="grams-big"><Mass of={pouring?.bowl ?? batch?.total ?? '0 g'} /></strong>
            <span className="quiet"> {t`of ${masses(batch?.target ?? facts.total)}`}</span>
          </p>
          {facts.batches.length > 1 && batch !== null && batch.status !== 'weighing' ? (
            <Batches facts={facts} shown={batch.id} bowl={batch.bowl.id} />
          ) : null}
          {batch !== null && batch.target !== batch.planned ? (
            <p className="quiet">{t`planned ${masses(batch.planned)}`}</p>
          ) : null}
        </aside>
      </div>
      <BenchFoot bench={bench} batch={batch} />
      {bench.open.kind === 'adding' ? (
        <AlsoIn
          line={facts.lineId}
          planned={batch?.lines.filter((line) => !line.open).map((line) => line.key) ?? []}
          onPick={bench.add}
          onClose={bench.close}
        />
      ) : null}
    </main>
  )
}
