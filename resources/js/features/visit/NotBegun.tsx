import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { newId } from '../../shared/api/newId'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { visit as visitQuery } from './api'
import { stampBowl } from './timesApi'
import type { Bowl, Visit } from './shapes'

/** Bowls that were weighed and of which nobody said that they went on: each did, or was not used. */
export function NotBegun({ visit }: { visit: Visit }) {
  const open = visit.rounds.flatMap((round) => round.bowls).filter((bowl) =>
    bowl.state === 'mixed' && bowl.clock.state === 'waiting',
  )
  return open.map((bowl) => <One key={bowl.id} bowl={bowl} visit={visit} />)
}

function One({ bowl, visit }: { bowl: Bowl; visit: Visit }) {
  const queries = useQueryClient()
  const mark = useMutation({
    mutationFn: ({
      kind,
      words,
    }: {
      kind: string
      words: string
    }) => stampBowl(
      visit.id,
      bowl.id,
      newId(),
      kind,
      words,
      t`${kind === 'began' ? t`It went on` : t`Not used`}, bowl ${bowl.letter}, ${visit.client.name}`,
    ),
    onSuccess: (changed) => { queries.setQueryData(visitQuery(visit.id).queryKey, changed) },
  })
  return (
    <>
      <Notice
        kind="warn"
        title={t`Bowl ${bowl.letter} was weighed, and nobody marked that it went on.`}
        action={
          <span className="notice-actions">
            <Press
              disabled={mark.isPending}
              onPress={() => { mark.mutate({ kind: 'began', words: t`marked at the close` }) }}
            >{t`It went on`}</Press>
            <Press
              disabled={mark.isPending}
              onPress={() => { mark.mutate({ kind: 'set-aside', words: t`marked at the close` }) }}
              id={`not-used-${bowl.letter}`}
            >{t`It was not used`}</Press>
          </span>
        }
      >
        {t`The visit closes when every bowl is one or the other.`}
      </Notice>
      {mark.error === null ? null : <ErrorNotice error={mark.error} />}
    </>
  )
}
