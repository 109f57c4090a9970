import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { newId } from '../../shared/api/newId'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { visit as visitQuery } from './api'
import { stampBowl } from './timesApi'
import type { Bowl, Visit } from './shapes'

/** What is done to a bowl on the hair besides looking and rinsing: more minutes, taken through, heat, emulsified. */
export function LaneMarks({ visit, bowl }: { visit: Visit; bowl: Bowl }) {
  const queries = useQueryClient()
  const side = bowl.sides.length > 0 ? bowl.sides[0]?.side : undefined
  const stamp = useMutation({
    mutationFn: ({
      kind,
      minutes,
    }: {
      kind: string
      minutes?: number
    }) => stampBowl(visit.id, bowl.id, newId(), kind, '', t`${kind}, bowl ${bowl.letter}, ${visit.client.name}`, {
      ...(minutes === undefined ? {} : { minutes }),
      ...(side === undefined ? {} : { side }),
    }),
    onSuccess: (changed) => { queries.setQueryData(visitQuery(visit.id).queryKey, changed) },
  })
  const count = (kind: string) => bowl.clock.stamps.filter((each) => each.kind === kind).length
  const heat = count('heat-on') > count('heat-off')
  return (
    <div className="lane-marks" role="group" aria-label={t`Marks of bowl ${bowl.letter}`}>
      {[
        5,
        10,
      ].map((minutes) => <Press
        key={minutes}
        label={t`Give bowl ${bowl.letter} ${minutes} min more`}
        disabled={stamp.isPending}
        onPress={() => { stamp.mutate({ kind: 'more', minutes }) }}
      >{t`+${minutes} min`}</Press>)}
      <Press disabled={stamp.isPending} onPress={() => { stamp.mutate({ kind: heat ? 'heat-off' : 'heat-on' }) }}>
        {heat ? t`Heat off` : t`Heat on`}
      </Press>
      {count('through') > 0 ? null : (
        <Press disabled={stamp.isPending} onPress={() => { stamp.mutate({ kind: 'through' }) }}>
          {t`Taken through`}
        </Press>
      )}
      {count('emulsified') > 0 ? null : (
        <Press disabled={stamp.isPending} onPress={() => { stamp.mutate({ kind: 'emulsified' }) }}>
          {t`Emulsified`}
        </Press>
      )}
      {stamp.error === null ? null : <ErrorNotice error={stamp.error} />}
    </div>
  )
}
