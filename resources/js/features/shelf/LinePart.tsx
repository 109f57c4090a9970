import { t } from '@lingui/core/macro'
import type { Problem } from '../../shared/api/http'
import type { LineDraft } from './lineDraft'

export type Part = {
  draft: LineDraft
  edit: (next: Partial<LineDraft>) => void
  problem: (at: string) => Problem | undefined
}

export function TakeAway({ what, onPress }: { what: string; onPress: () => void }) {
  return (
    <button type="button" className="btn btn-link press take-away" aria-label={t`Take away: ${what}`} onClick={onPress}>
      ✕
    </button>
  )
}
