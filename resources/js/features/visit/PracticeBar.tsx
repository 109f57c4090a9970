import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { namedAll } from '../../shared/words/named'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { tryHead } from './formulaApi'
import type { Visit } from './shapes'

/**
 * On a practice head: the planned bowls are put on, the head answers, and the house’s rules say where the reasoning
 * left them.
 */
export function PracticeBar({ visit }: { visit: Visit }) {
  const queries = useQueryClient()
  const put = useMutation({
    mutationFn: () => tryHead(visit.id),
    onSuccess: async () => { await queries.invalidateQueries({ queryKey: ['practice'] }) },
  })
  const bowls = visit.rounds.flatMap((round) => round.bowls).length
  return (
    <section className="practice-bar" aria-label={t`Practice head`}>
      <p>
        <Trans>
          <strong>Practice head.</strong> Read its canvas, plan and save the bowls, say where they go and how long. Then
          put them on.
        </Trans>
      </p>
      <Press id="put-on" kind="main" disabled={bowls === 0 || put.isPending} onPress={() => { put.mutate() }}>
        {bowls === 0 ? t`No bowl yet` : t`Put them on`}
      </Press>
      {put.error === null ? null : <ErrorNotice error={put.error} />}
      {put.data === undefined ? null : (
        <div className="practice-came" role="status">
          <ul>
            {put.data.came.map((zone) => (
              <li key={zone.zone}>
                <span className="way-swatches" aria-hidden="true">
                  <i style={{ background: zone.swatch }} />
                  <i className="way-wish" style={{ background: zone.wish }} />
                </span>
                <Trans>
                  <strong>{zone.zone}</strong> came to {zone.words}; wished {zone.wished}:{' '}
                  <strong className={zone.verdict === 'on target' ? 'on-target' : 'off-target'}>
                    {zone.verdict === 'on target' ? t`✓ on target` : `! ${namedAll(zone.verdict)}`}
                  </strong>
                </Trans>
              </li>
            ))}
          </ul>
          {put.data.said.length === 0 ? <p>{t`Nothing that the house’s rules would have said otherwise.`}</p> : (
            <>
              <p>{t`What the house’s rules would have said:`}</p>
              <ul>{put.data.said.map((line) => <li key={line}>{line}</li>)}</ul>
            </>
          )}
        </div>
      )}
    </section>
  )
}
