import { t } from '@lingui/core/macro'
import { queryOptions, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { getJson } from '../api/http'
import { showClock, showDay } from '../format/time'
import { ErrorNotice } from '../ui/Notice'
import { trailShape } from './trailShape'

const trail = (of: string) => queryOptions({
  queryKey: ['trail', of],
  queryFn: async ({ signal }) => trailShape.parse(await getJson(`${of}/trail`, signal)),
  staleTime: 5_000,
})
const EVENTS: Record<string, string> = { created: t`written`, updated: t`changed`, deleted: t`taken away` }

/** Who changed what of this, when and why; fetched when somebody looks. */
export function Trail({ of }: { of: string }) {
  const [open, setOpen] = useState(false)
  const { data, error } = useQuery({ ...trail(of), enabled: open })
  return (
    <details className="line-more trail" onToggle={(event) => { setOpen(event.currentTarget.open) }}>
      <summary>{t`Who changed what`}</summary>
      {error === null ? null : <ErrorNotice error={error} />}
      {data === undefined
        ? null
        : data.length === 0 ? <p className="quiet">{t`Nothing was changed since it was first written.`}</p> : (
        <ol>
          {data.map((row) => (
            <li key={row.id}>
              <span className="quiet">
                {showDay(row.at)} {showClock(row.at)}
              </span> <strong>
                {row.by === '' ? 'Tinta' : row.by}
              </strong> {row.said === ''
                ? `${EVENTS[row.event] ?? row.event} ${row.of}`
                : row.said}{row.reason === '' ? '' : `: ${row.reason}`}
              {row.changes.map((change) => <div key={change.name} className="trail-change">
                <span className="quiet">{change.name}</span> <s>{change.was === '' ? t`nothing` : change.was}</s> →{' '}
                {change.is === '' ? t`nothing` : change.is}
              </div>)}
            </li>
          ))}
        </ol>
      )}
    </details>
  )
}
