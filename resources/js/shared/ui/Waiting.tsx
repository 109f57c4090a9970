import { t } from '@lingui/core/macro'

/** Shown while something loads: the shape of what comes, and a word for screen readers. */
export function Waiting({ what }: { what: string }) {
  return (
    <div className="waiting" role="status">
      <span className="visually-hidden">{t`Loading ${what}`}</span>
      <span className="waiting-line" />
      <span className="waiting-line" />
      <span className="waiting-line" />
    </div>
  )
}
