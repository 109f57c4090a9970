import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { Link } from 'react-router'
import { Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import type { BowlFacts } from './facts'
import type { useBatch } from './useBatch'

/** The gate's words on the bench: why this bowl may not be weighed, or that it is weighed ahead of them. */
export function GateWords({ gate, visit, begun }: { gate: BowlFacts['gate']; visit: string; begun: boolean }) {
  if (gate.open) return null
  const action = <Link className="press btn btn-outline-primary" to={`/visits/${visit}?at=run`}>{t`To the gate`}</Link>
  const words = gate.reasons.map((each) => each.reason).join(' ')
  return gate.ahead || begun
    ? <Notice
      kind="warn"
      action={action}
      title={t`${gate.ahead ? t`Weighed ahead: it` : t`It`} may not go on yet. ${words}`}
    >{gate.reasons[0]?.mend}</Notice>
    : <Notice kind="stop" action={action} title={t`This bowl may not be weighed yet. ${words}`}>
      {gate.reasons[0]?.mend}
    </Notice>
}

/** What was poured here and the record does not have: waiting, or refused with grams that are in the bowl. */
export function UnsentPours({ weighing }: { weighing: ReturnType<typeof useBatch> }) {
  const { offline, refused, batch } = weighing
  return (
    <>
      {offline === null ? null : (
        <Notice kind="warn" title={t`Not sent yet`}>
          {t`Kept on this device and sent by itself. Go on by hand.`}
        </Notice>
      )}
      {refused.map((entry) => entry.pour === null ? null : (
        <Notice
          key={entry.id}
          kind="stop"
          title={t`${masses(entry.pour.grams)} of ${entry.pour.label} are in the bowl and not on the record.`}
          action={
            <span className="notice-actions">
              <Press id="record-refused" disabled={weighing.busy || batch?.current === null} onPress={() => {
                if (entry.pour === null) return
                weighing.record({
                  kind: 'poured',
                  line: entry.pour.line,
                  grams: entry.pour.grams,
                  source: 'hand',
                  sure: true,
                })
                weighing.settle(entry.id)
              }}>{t`Record ${masses(entry.pour.grams)}`}</Press>
              <Press kind="quiet" onPress={() => { weighing.settle(entry.id) }}>{t`It is not in the bowl`}</Press>
            </span>
          }
        >
          {entry.refused?.message} {entry.refused?.mend}
        </Notice>
      ))}
    </>
  )
}

/** Its turn is far off: said while the bowl can still wait. */
export function EarlyWords({ early, begun }: { early: BowlFacts['early']; begun: boolean }) {
  return early === null || begun ? null : <Notice kind="warn" title={early.reason}>{early.mend}</Notice>
}
