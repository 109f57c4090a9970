import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { can, type Batch } from './api'
import { Press } from '../../shared/ui/Press'
import type { Bench } from './useBench'

/** A bowl in which everything is in: finished, thrown away, or weighed back. */
export function Ended({ batch, bench, next }: { batch: Batch; bench: Bench; next: string | null }) {
  const { scale } = bench
  return (
    <section className="stage">
      <p className="stage-words">
        {batch.status === 'complete'
          ? t`✓ Everything is in`
          : batch.status === 'finished' ? t`● Bowl finished` : t`✕ Thrown away: ${batch.discardReason ?? ''}`}
      </p>
      <p className="stage-number"><Mass of={batch.total} /></p>
      {batch.leftover === null ? null : (
        <p>
          <Trans>
            <span className="grams"><Mass of={batch.leftover} /></span> left over,{' '}
            <strong className="grams"><Mass of={batch.used} /></strong> used
          </Trans>
        </p>
      )}
      {batch.status === 'complete' ? (
        <p className="quiet">{t`Use it fresh: mixed colour belongs on the hair within half an hour.`}</p>
      ) : null}
      {batch.status === 'complete' ? null : (
        <div className="bench-choices">
          {batch.status === 'finished' && batch.leftover === null ? (
            <Press
              size="bench"
              hint="w"
              disabled={!bench.canWeighBack || bench.busy}
              onPress={bench.weighBack}
              id="weigh-back"
            >
              {bench.waitingForStill
                ? t`Waiting until it is still…`
                : bench.canWeighBack && scale.state === 'reading'
                ? t`Weigh back: the scale shows ${masses(scale.shown)}`
                : !can(batch, 'weigh-back')
                ? t`Its empty weight is not known: type what is left`
                : t`Weigh back: put the bowl on the scale`}
            </Press>
          ) : null}
          {next === null ? null : (
            <Press size="bench" hint="n" disabled={bench.busy} onPress={bench.goNext} id="next-bowl">
              {t`Next bowl: ${next}`}
            </Press>
          )}
          {bench.canMixAgain ? (
            <Press size="bench" hint="b" disabled={bench.busy} onPress={bench.askAgain} id="another-batch">
              {t`Another batch…`}
            </Press>
          ) : null}
        </div>
      )}
    </section>
  )
}
