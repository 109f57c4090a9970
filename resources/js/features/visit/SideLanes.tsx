import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { newId } from '../../shared/api/newId'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { isOver } from '../../shared/visits/visitLine'
import { visit as visitQuery } from './api'
import { stampBowl } from './timesApi'
import { named } from '../../shared/words/named'
import { ClockLane } from './ClockLane'
import { laneSteps } from './laneSteps'
import type { Bowl, Visit } from './shapes'

const PAIRS = [['left', 'right'], ['front', 'back'], ['upper', 'lower']] as const

function useSideStamp(visit: Visit, bowl: Bowl) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({
      side,
      kind,
    }: {
      side: string
      kind: string
    }) => stampBowl(visit.id, bowl.id, newId(), kind, '', t`The ${named(side)} of bowl ${bowl.letter}, ${visit.client.name}`, {
      side,
    }),
    onSuccess: (changed) => { queries.setQueryData(visitQuery(visit.id).queryKey, changed) },
  })
}

/** Left first, then right: each side of the head by its own clock. The bowl is rinsed when both are. */
export function SideLanes({ visit, bowl, now }: { visit: Visit; bowl: Bowl; now: number }) {
  const stamp = useSideStamp(visit, bowl)
  return (
    <>
      {bowl.sides.map(({ side, clock }) => (
        <div key={side} className="batch-lane" aria-label={t`${named(side)} of bowl ${bowl.letter}`}>
          <strong>{named(side)}</strong>
          <ClockLane letter={`${bowl.letter}, ${named(side)}`} clock={clock} now={now} />
          {isOver(visit) ? null : (
            <div className="lane-acts">
              {laneSteps(
                clock,
              ).map(([kind, label]) => <Press
                key={kind}
                disabled={stamp.isPending}
                onPress={() => { stamp.mutate({ side, kind }) }}
              >{label}, {named(side)}</Press>)}
              {clock.stamps.length > 0 ? (
                <Press
                  kind="quiet"
                  disabled={stamp.isPending}
                  onPress={() => { stamp.mutate({ side, kind: 'undone' }) }}
                >{t`Take the last mark back`}</Press>
              ) : null}
            </div>
          )}
        </div>
      ))}
      {stamp.error === null ? null : <ErrorNotice error={stamp.error} />}
    </>
  )
}

/** The first touch of one side: from then on the sides are timed apart. */
export function TimeApart({ visit, bowl }: { visit: Visit; bowl: Bowl }) {
  const stamp = useSideStamp(visit, bowl)
  return (
    <details className="why time-apart">
      <summary>{t`Time the sides apart`}</summary>
      <div className="chips">
        {PAIRS.flat().map((side) => <button
          key={side}
          type="button"
          className="chip"
          disabled={stamp.isPending}
          onClick={() => { stamp.mutate({ side, kind: 'began' }) }}
        >{t`First touch, ${named(side)}`}</button>)}
      </div>
      {stamp.error === null ? null : <ErrorNotice error={stamp.error} />}
    </details>
  )
}
