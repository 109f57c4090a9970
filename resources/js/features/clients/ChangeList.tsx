import { showClock, showDay } from '../../shared/format/time'
import type { Client } from './api'

/** Who changed what about this client: the old and the new, and why where somebody had to say. */
export function ChangeList({ changes }: { changes: Client['changes'] }) {
  if (changes.length === 0) return null
  return (
    <details className="adjust changes">
      <summary>What was changed, {changes.length}</summary>
      <ul>
        {changes.map((change) => (
          <li key={change.at + change.by}>
            <span className="quiet">{showDay(change.at)} {showClock(change.at)}, {change.by}</span>
            {change.what.map((each) => (
              <div key={each.field}>{each.field}: <del>{each.was === '' ? 'nothing' : each.was}</del> → <strong>{each.is === '' ? 'nothing' : each.is}</strong></div>
            ))}
            {change.reason === '' ? null : <div>“{change.reason}”</div>}
          </li>
        ))}
      </ul>
    </details>
  )
}
