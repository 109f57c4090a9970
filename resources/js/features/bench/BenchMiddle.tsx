import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import type { Batch } from './api'
import { AnotherBatch } from './AnotherBatch'
import { DiscardStage } from './DiscardStage'
import { Ended } from './Ended'
import type { BowlFacts } from './facts'
import { HandEntry } from './HandEntry'
import type { OfflineBowl } from './offline'
import { OverChoices } from './OverChoices'
import { PanStage } from './PanStage'
import { PourStage } from './PourStage'
import type { Bench as BenchHands } from './useBench'
import { OfflineStage } from './OfflineStage'

export function Middle({
  batch,
  facts,
  bench,
  offline,
}: { batch: Batch | null; facts: BowlFacts; bench: BenchHands; offline: OfflineBowl | null }) {
  const { scale, open, busy } = bench
  if (open.kind === 'typing') return (
    <HandEntry
      key={open.typing.label}
      label={open.typing.label}
      first={open.typing.first}
      onEnter={bench.enter}
      onCancel={bench.close}
    />
  )
  if (open.kind === 'again')
    return (
      <AnotherBatch
        later={facts.later}
        busy={busy}
        onCancel={bench.close}
        onBegin={(how) => { bench.begin(how, t`Another batch`) }}
      />
    )
  if (batch === null || batch.status === 'withdrawn')
    return (
      <section className="stage">
        <p className="stage-words">{t`Put the empty bowl on the scale.`}</p>
        <p className="stage-number"><Mass of={scale.state === 'reading' ? scale.shown : '–'} /></p>
        <p className="quiet">{t`Wear gloves; use a bowl and tools that are not metal; keep the room aired.`}</p>
      </section>
    )
  if (open.kind === 'discarding') return (
    <DiscardStage total={batch.total} busy={busy} onDiscard={bench.discard} onCancel={bench.close} />
  )
  if (offline !== null) return <OfflineStage batch={batch} offline={offline} />
  if (batch.over !== null) return (
    <OverChoices
      over={batch.over}
      busy={busy}
      onKeep={bench.keep}
      onAccept={bench.accept}
      onSteer={bench.steer}
      onDiscard={bench.askDiscard}
    />
  )
  if (bench.pan.question !== null
    || open.kind === 'standing') return <PanStage batch={batch} facts={facts} bench={bench} />
  if (batch.status !== 'weighing') return <Ended batch={batch} bench={bench} next={facts.next?.letter ?? null} />
  if (scale.state === 'reading' && !bench.standsHere) return <PanStage batch={batch} facts={facts} bench={bench} />
  return (
    <PourStage
      batch={batch}
      scale={scale}
      onStanding={bench.askStanding}
      onOther={() => { bench.stand({ stands: 'same' }) }}
    />
  )
}
