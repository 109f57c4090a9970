import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import type { Batch } from './api'
import type { OfflineBowl } from './offline'

export function OfflineStage({ batch, offline }: { batch: Batch; offline: OfflineBowl }) {
  const line = batch.lines.find((each) => each.key === offline.current)
  return (
    <section className="stage stage-lost">
      {line === undefined
        ? <p className="stage-words">{t`Everything is noted; it is worked when the connection is back.`}</p>
        : (
          <>
            <h2 className="stage-label">{line.label}</h2>
            <p className="stage-number"><Mass of={line.left} /></p>
            <p className="stage-words">{t`No connection. Type the grams: press a digit, or “By hand”.`}</p>
          </>
        )}
    </section>
  )
}
