import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { BowlGlyph } from '../../shared/ui/BowlGlyph'
import { OutboxNote } from '../../shared/outbox/OutboxNote'
import { touch } from '../../shared/session/touch'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import type { Batch } from './api'
import { AlsoIn } from './AlsoIn'
import { AnotherBatch } from './AnotherBatch'
import { BenchFoot } from './BenchFoot'
import { EarlyWords, GateWords, UnsentPours } from './BenchNotices'
import { DiscardStage } from './DiscardStage'
import { Ended } from './Ended'
import { bowlFacts, type BowlFacts } from './facts'
import { productColour } from '../../shared/shelf/productColour'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { FirstBowl } from './FirstBowl'
import { HandEntry } from './HandEntry'
import { LineList } from './LineList'
import type { OfflineBowl } from './offline'
import { OverChoices } from './OverChoices'
import { PanStage } from './PanStage'
import { PourStage } from './PourStage'
import { ScaleBadge } from './ScaleBadge'
import { useBatch } from './useBatch'
import { useBench, type Bench as BenchHands } from './useBench'
import { useScale } from './useScale'

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
  const bench = useBench(weighing, scale, shut, () => { void go(`/visits/${facts.visit}?at=run`) }, next === null ? null : () => { void go(`/bench/${next.id}`) })
  const shelf = useQuery(shelfQuery).data
  // What was added beside the plan is coloured from the shelf.
  const colourOf = (key: string) => facts.colours[key] ?? (shelf === undefined ? '#e5dac3' : productColour(key, shelf.lines.find((each) => each.id === facts.lineId), shelf))
  // It fills as it is poured, not after.
  const pouring = batch?.status === 'weighing' && bench.standsHere && bench.scale.state === 'reading' ? bench.scale.pour : null
  const wedges = (batch?.lines ?? []).map((line) => ({ key: line.key, wedge: line.key === batch?.current && pouring !== null ? pouring.wedge : line.wedge, colour: colourOf(line.key) }))
  return (
    <main className="bench">
      <header className="bench-head">
        <BowlGlyph letter={facts.letter} wedges={[]} size={56} label={t`Bowl ${facts.letter}`} />
        <div>
          <h1>{facts.job === '' ? t`Bowl ${facts.letter}` : facts.job}</h1>
          <p>
            {facts.client} <span className="quiet">· {facts.line} · {facts.ratio}{facts.mark === '' ? '' : ` · ${facts.mark}`}</span>
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
        {batch === null ? <Plan facts={facts} /> : <LineList batch={batch} offline={weighing.offline} colourOf={colourOf} />}
        <div className="bench-middle">
          <FirstBowl batch={batch} scale={scale} asked={bench.pan.question !== null} standsHere={bench.standsHere} />
          <EarlyWords early={facts.early} begun={batch !== null && batch.status !== 'finished' && batch.status !== 'discarded'} />
          {weighing.refused.length > 0 ? null : <GateWords gate={facts.gate} visit={facts.visit} begun={batch !== null && batch.status !== 'finished' && batch.status !== 'discarded'} />}
          <UnsentPours weighing={weighing} />
          {weighing.error === null || weighing.offline !== null || weighing.refused.length > 0 ? null : <ErrorNotice error={weighing.error} />}
          <Middle batch={batch} facts={facts} bench={bench} offline={weighing.offline} />
        </div>
        <aside className="bench-bowl">
          <BowlGlyph letter={facts.letter} wedges={wedges} size={210} label={t`Bowl ${facts.letter}: ${masses(batch?.total ?? t`empty`)}`} />
          <p>
            <strong className="grams-big"><Mass of={pouring?.bowl ?? batch?.total ?? '0 g'} /></strong>
            <span className="quiet"> {t`of ${masses(batch?.target ?? facts.total)}`}</span>
          </p>
          {facts.batches.length > 1 && batch !== null && batch.status !== 'weighing' ? <Batches facts={facts} shown={batch.id} bowl={batch.bowl.id} /> : null}
          {batch !== null && batch.target !== batch.planned ? <p className="quiet">{t`planned ${masses(batch.planned)}`}</p> : null}
        </aside>
      </div>
      <BenchFoot bench={bench} batch={batch} />
      {bench.open.kind === 'adding' ? <AlsoIn line={facts.lineId} planned={batch?.lines.filter((line) => !line.open).map((line) => line.key) ?? []} onPick={bench.add} onClose={bench.close} /> : null}
    </main>
  )
}

function Middle({ batch, facts, bench, offline }: { batch: Batch | null; facts: BowlFacts; bench: BenchHands; offline: OfflineBowl | null }) {
  const { scale, open, busy } = bench
  if (open.kind === 'typing') return <HandEntry key={open.typing.label} label={open.typing.label} first={open.typing.first} onEnter={bench.enter} onCancel={bench.close} />
  if (open.kind === 'again')
    return <AnotherBatch later={facts.later} busy={busy} onCancel={bench.close} onBegin={(how) => { bench.begin(how, t`Another batch`) }} />
  if (batch === null || batch.status === 'withdrawn')
    return (
      <section className="stage">
        <p className="stage-words">{t`Put the empty bowl on the scale.`}</p>
        <p className="stage-number"><Mass of={scale.state === 'reading' ? scale.shown : '–'} /></p>
        <p className="quiet">{t`Wear gloves; use a bowl and tools that are not metal; keep the room aired.`}</p>
      </section>
    )
  if (open.kind === 'discarding') return <DiscardStage total={batch.total} busy={busy} onDiscard={bench.discard} onCancel={bench.close} />
  if (offline !== null) return <OfflineStage batch={batch} offline={offline} />
  if (batch.over !== null) return <OverChoices over={batch.over} busy={busy} onKeep={bench.keep} onAccept={bench.accept} onSteer={bench.steer} onDiscard={bench.askDiscard} />
  if (bench.pan.question !== null || open.kind === 'standing') return <PanStage batch={batch} facts={facts} bench={bench} />
  if (batch.status !== 'weighing') return <Ended batch={batch} bench={bench} next={facts.next?.letter ?? null} />
  if (scale.state === 'reading' && !bench.standsHere) return <PanStage batch={batch} facts={facts} bench={bench} />
  return <PourStage batch={batch} scale={scale} onStanding={bench.askStanding} onOther={() => { bench.stand({ stands: 'same' }) }} />
}

function OfflineStage({ batch, offline }: { batch: Batch; offline: OfflineBowl }) {
  const line = batch.lines.find((each) => each.key === offline.current)
  return (
    <section className="stage stage-lost">
      {line === undefined ? <p className="stage-words">{t`Everything is noted; it is worked when the connection is back.`}</p> : (
        <>
          <h2 className="stage-label">{line.label}</h2>
          <p className="stage-number"><Mass of={line.left} /></p>
          <p className="stage-words">{t`No connection. Type the grams: press a digit, or “By hand”.`}</p>
        </>
      )}
    </section>
  )
}

/** The bowl's batches, each to be weighed back by itself. */
function Batches({ facts, shown, bowl }: { facts: BowlFacts; shown: string; bowl: string }) {
  return (
    <nav aria-label={t`Batches of this bowl`} className="bench-choices">
      {facts.batches.map((each) => <Link key={each.id} className="chip chip-link" aria-current={each.id === shown} to={`/bench/${bowl}?batch=${each.id}`}>{t`batch ${each.number}`}</Link>)}
    </nav>
  )
}

function Plan({ facts }: { facts: BowlFacts }) {
  return (
    <ol className="bench-lines" aria-label={t`Products`}>
      {facts.lines.map((line) => (
        <li key={line.key} className="bench-line">
          <span className="bench-sign">○</span>
          <span className="shade-swatch" style={{ background: facts.colours[line.key] }} />
          <span className="bench-label">{line.label}</span>
          <span className="bench-grams quiet"><Mass of={line.grams} /></span>
        </li>
      ))}
    </ol>
  )
}
