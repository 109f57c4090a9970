import { t } from '@lingui/core/macro'
import type { WorkedBowl } from './shapes'

/**
 * What needs care in this bowl: the reason, and the mend; what may be meant so is answered once, and stays answered.
 */
export function BowlCautions({ warnings, meant = [], onMeant }: {
  warnings: WorkedBowl['warnings']
  meant?: string[]
  onMeant?: (keys: string[]) => void
}) {
  if (warnings.length === 0 && meant.length === 0) return null
  return (
    <ul className="cautions" aria-label={t`Cautions`}>
      {warnings.map((warning) => (
        <li key={warning.key + warning.reason}>
          <strong>! {warning.reason}</strong> {warning.mend}
          {warning.asks && onMeant !== undefined ? (
            <button type="button" className="meant" onClick={() => { onMeant([...meant, warning.key]) }}>
              {t`Yes, it is meant so`}
            </button>
          ) : null}
        </li>
      ))}
      {meant.length === 0 || onMeant === undefined ? null : (
        <li className="quiet">
          {t`${meant.length === 1 ? t`One question` : t`${String(meant.length)} questions`} answered: meant so.`}
          <button type="button" className="meant" onClick={() => { onMeant([]) }}>{t`Ask again`}</button>
        </li>
      )}
    </ul>
  )
}
