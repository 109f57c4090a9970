import type { WorkedBowl } from './shapes'

/** What needs care in this bowl: the reason, and the mend. */
export function BowlCautions({ warnings }: { warnings: WorkedBowl['warnings'] }) {
  if (warnings.length === 0) return null
  return (
    <ul className="cautions" aria-label="Cautions">
      {warnings.map((warning) => (
        <li key={warning.key}>
          <strong>! {warning.reason}</strong> {warning.mend}
        </li>
      ))}
    </ul>
  )
}
