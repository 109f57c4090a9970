import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { newId } from '../../shared/api/newId'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { visit as visitQuery } from './api'
import { stampBowl } from './timesApi'
import { ClockLane } from './ClockLane'
import { laneSteps } from './laneSteps'
import { isOver } from '../../shared/visits/visitLine'
import type { Bowl, Visit } from './shapes'

type Batch = Bowl['batches'][number]

/** A later batch has a clock of its own: it went on later, for other foils, perhaps stronger. */
export function BatchLane({
  visit,
  bowl,
  batch,
  clock,
  now,
}: { visit: Visit; bowl: Bowl; batch: Batch; clock: Bowl['clock']; now: number }) {
  const queries = useQueryClient()
  const stamp = useMutation({
    mutationFn: (kind: string) => stampBowl(visit.id, bowl.id, newId(), kind, '', t`Batch ${batch.number} of bowl ${bowl.letter}, ${visit.client.name}`, {
      batch: batch.id,
    }),
    onSuccess: (changed) => { queries.setQueryData(visitQuery(visit.id).queryKey, changed) },
  })
  const steps = isOver(visit) ? [] : laneSteps(clock)
  return (
    <div className="batch-lane" aria-label={t`Batch ${batch.number} of bowl ${bowl.letter}`}>
      <strong>
        {t`Batch ${batch.number}`}
      </strong> <span className="quiet">
        {[batch.said, masses(batch.mixed)].filter((each) => each !== '').join(' · ')}
      </span>
      <ClockLane letter={t`${bowl.letter}, batch ${batch.number}`} clock={clock} now={now} />
      <div className="lane-acts">
        {steps.map(([kind, label]) => <Press
          key={kind}
          disabled={stamp.isPending}
          onPress={() => { stamp.mutate(kind) }}
        >{label}</Press>)}
        {clock.stamps.length > 0 && !isOver(visit) ? (
          <Press kind="quiet" disabled={stamp.isPending} onPress={() => { stamp.mutate('undone') }}>
            {t`Take the last mark back`}
          </Press>
        ) : null}
      </div>
      {stamp.error === null ? null : <ErrorNotice error={stamp.error} />}
    </div>
  )
}
