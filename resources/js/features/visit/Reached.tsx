import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { showClock } from '../../shared/format/time'
import { deviceKeep } from '../../shared/keep/keep'
import type { Rung } from '../../shared/ui/LevelField'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { isOver } from '../../shared/visits/visitLine'
import { saveReached, visit as visitQuery } from './api'
import { judgedZones, resultKey, ResultRows, resultsToSend } from './ResultRows'
import type { Result, Visit } from './shapes'
import { toneNamed } from '../../shared/words/named'

type Round = Visit['rounds'][number]

const shown = (visit: Visit, round: Round) => round.reached
  .filter((each) => each.level !== null)
  .map((each) => `${visit.picture.zones.find((zone) => zone.id === each.zone)?.name ?? each.zone} ${each.level ?? ''} ${toneNamed(each.tone)}`.trim())
  .join(', ')

/** What each zone came to once a round is off the hair: the next one is chosen by it, not by what was hoped for. */
export function Reached({ visit, ladder, round }: { visit: Visit; ladder: Rung[]; round: Round }) {
  const queries = useQueryClient()
  const kept = `reached.${round.id}.${round.version}`
  const [typed, setTyped] = useState<Record<string, Result> | null>(() => {
    const read = deviceKeep.read(kept)
    return typeof read === 'object' && read !== null ? (read as Record<string, Result>) : null
  })
  const results = typed ?? Object.fromEntries(round.reached.map((result) => [resultKey(result), result]))
  const save = useMutation({
    mutationFn: () => saveReached(visit.id, round, resultsToSend(results)),
    onSuccess: (changed) => {
      deviceKeep.drop(kept)
      setTyped(null)
      queries.setQueryData(visitQuery(visit.id).queryKey, changed)
    },
  })
  const zones = judgedZones(visit)
  const words = shown(visit, round)
  if (zones.length === 0 || !round.bowls.some((bowl) => bowl.state === 'mixed')) return null
  return (
    <details className="adjust reached" aria-label={t`Reached after ${round.name}`}>
      <summary>
        {words === '' ? t`What was reached?` : t`Reached: ${words}`}
        {round.reachedAt === null ? null : (
          <span className="quiet"> · {showClock(round.reachedAt)}, {round.reachedBy}</span>
        )}
      </summary>
      {isOver(visit) ? null : (
        <Form onSubmit={(event) => { event.preventDefault(); save.mutate() }}>
          <ResultRows
            ladder={ladder}
            zones={zones}
            results={results}
            error={save.error}
            onChange={(next) => { setTyped(next); deviceKeep.write(kept, next) }}
          />
          {save.error === null ? null : <ErrorNotice error={save.error} />}
          <Press submit disabled={typed === null || save.isPending}>{t`Keep what was reached`}</Press>
        </Form>
      )}
    </details>
  )
}
