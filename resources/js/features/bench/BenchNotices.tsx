import { Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import type { BowlFacts } from './facts'
import type { useBatch } from './useBatch'

/** The gate's words on the bench: why this bowl may not be weighed, or that it is weighed ahead of them. */
export function GateWords({ gate }: { gate: BowlFacts['gate'] }) {
  if (gate.open) return null
  const words = gate.reasons.map((each) => each.reason).join(' ')
  return gate.ahead
    ? <Notice kind="warn" title={`Weighed ahead: it may not go on yet. ${words}`}>{gate.reasons[0]?.mend}</Notice>
    : <Notice kind="stop" title={`This bowl may not be weighed yet. ${words}`}>{gate.reasons[0]?.mend}</Notice>
}

/** What was poured here and the record does not have: waiting, or refused with grams that are in the bowl. */
export function UnsentPours({ weighing }: { weighing: ReturnType<typeof useBatch> }) {
  const { offline, refused, batch } = weighing
  const noted = offline === null ? [] : Object.entries(offline.noted)
  return (
    <>
      {offline === null ? null : (
        <Notice kind="warn" title="Not sent yet">
          Kept on this device and sent by itself. Go on by hand: type what the scale shows for each product.
          {noted.length === 0 ? null : ` Noted: ${noted.map(([key, grams]) => `${batch?.lines.find((line) => line.key === key)?.label ?? key} ${grams.join(' + ')}`).join(', ')}.`}
        </Notice>
      )}
      {refused.map((entry) => entry.pour === null ? null : (
        <Notice
          key={entry.id}
          kind="stop"
          title={`${entry.pour.grams} of ${entry.pour.label} are in the bowl and not on the record.`}
          action={
            <span className="notice-actions">
              <Press id="record-refused" disabled={weighing.busy || batch?.current === null} onPress={() => {
                if (entry.pour === null) return
                weighing.record({ kind: 'poured', line: entry.pour.line, grams: entry.pour.grams, source: 'hand' })
                weighing.settle(entry.id)
              }}>Record {entry.pour.grams}</Press>
              <Press kind="quiet" onPress={() => { weighing.settle(entry.id) }}>It is not in the bowl</Press>
            </span>
          }
        >
          {entry.refused?.message} {entry.refused?.mend}
        </Notice>
      ))}
    </>
  )
}
