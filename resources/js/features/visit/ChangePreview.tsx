import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { masses } from '../../shared/format/mass'
import { useEffect, useRef } from 'react'
import { Press } from '../../shared/ui/Press'
import type { Row, Tried, TriedWay } from './formulaShapes'

const OF = { colour: t`of the colour`, mixture: t`of the mixture` } as const

/**
 * What a change would make of a bowl. Where it is not said what grams are of, both ways stand side by side, and the
 * answer is kept.
 */
export function ChangePreview(
  props: { tried: Tried; onTake: (way: TriedWay) => void; onLeave?: () => void; disabled?: boolean; take?: string },
) {
  const { tried } = props
  const asked = tried.ways.length > 1
  const shown = useRef<HTMLDivElement>(null)
  // It opens below what was pressed, where the foot of the desk would lie over it.
  useEffect(() => { shown.current?.scrollIntoView({ block: 'nearest' }) }, [tried])
  return (
    <div ref={shown} className="change-preview" role="status">
      {asked ? (
        <p>
          <Trans><strong>Grams of the colour, or of the mixture?</strong> Your answer is kept as a house rule.</Trans>
        </p>
      ) : null}
      <div className="change-ways">
        {tried.ways.map((way) => (
          <div key={way.of} className="change-way">
            {way.of === 'ask' ? null : <strong>{OF[way.of]}</strong>}
            <Rows rows={way.rows} />
            <Press
              kind="main"
              disabled={props.disabled === true || way.rows.length === 0}
              onPress={() => { props.onTake(way) }}
            >
              {way.of === 'ask' ? (props.take ?? t`Change it`) : t`Mean it ${OF[way.of]}`}
            </Press>
          </div>
        ))}
      </div>
      {tried.conditions.length === 0 ? null : <p className="quiet">{t`Only if ${tried.conditions.join('; ')}.`}</p>}
      {tried.notUnderstood.length === 0 ? null : (
        <p className="change-unread">{t`Not understood: “${tried.notUnderstood.join('”, “')}”.`}</p>
      )}
      {props.onLeave === undefined ? null : <Press kind="quiet" onPress={props.onLeave}>{t`Leave it`}</Press>}
    </div>
  )
}

function Rows({ rows }: { rows: Row[] }) {
  if (rows.length === 0) return <p className="quiet">{t`Nothing would change.`}</p>
  return (
    <ul className="change-rows">
      {rows.map((row) => (
        <li key={row.what}>
          <span>
            {row.what}
          </span> <s>
            {row.before === '' ? t`none` : masses(row.before)}
          </s> → <strong>{row.after === '' ? t`none` : masses(row.after)}</strong>
          {row.difference === '' ? null : <em className="grams"> {masses(row.difference)}</em>}
        </li>
      ))}
    </ul>
  )
}
