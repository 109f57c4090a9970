import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { Mass } from '../../shared/ui/Mass'
import type { Picture } from './shapes'

const FROM = { own: t`This client’s own`, house: t`Such heads here`, table: t`Painted, by the table` } as const

/** One suggestion for the amount, with its reason; taken with a press, never by itself. */
export function AmountSuggestion({
  amount,
  onTake,
}: { amount: NonNullable<Picture['amounts'][string]>; onTake: (grams: string) => void }) {
  return (
    <div className="painted-amount">
      <span>
        {FROM[amount.source]}: <strong className="grams">
          <Mass of={amount.take} />
        </strong> {amount.of === 'colour' ? t`colour` : t`mixture`}
      </span>
      <button type="button" className="chip" onClick={() => { onTake(amount.take) }}>
        {t`take ${masses(amount.take)}`}
      </button>
      <details className="why">
        <summary>{t`Why?`}</summary>{amount.why.map((line) => <p key={line}>{line}</p>)}
      </details>
      {amount.alarms.map((alarm) => <strong key={alarm} className="off-target">! {alarm}</strong>)}
    </div>
  )
}
