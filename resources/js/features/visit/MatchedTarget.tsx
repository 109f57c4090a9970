import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { showDay } from '../../shared/format/time'
import { Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { matched } from './formulaApi'
import type { Canvas, Visit } from './shapes'

type Target = { level: string | null; tone: string[] }
const said = ({ level, tone }: Target) => [level, ...tone].filter((each) => each !== null).join(' ')

/**
 * The target of the head that this one is to look like: the twin's, the mother's; taken over with one press, zone by
 * zone.
 */
export function MatchedTarget({
  visit,
  canvas,
  onTake,
}: { visit: Visit; canvas: Canvas; onTake: (next: Canvas) => void }) {
  const { data = [] } = useQuery(matched(visit.id))
  return data.map((other) => {
    const mine = new Set(canvas.zones.map((zone) => zone.id))
    const shared = other.zones.filter((zone) => mine.has(zone.id))
    const same = shared.length > 0
      && shared.every((zone) =>
        said(canvas.zones.find((each) => each.id === zone.id)?.wish ?? { level: null, tone: [] }) === said(zone.wish),
      )
    const take = () => {
      onTake({
        ...canvas,
        target: canvas.target === '' ? `${other.name}, ${showDay(other.on)}` : canvas.target,
        zones: canvas.zones.map((zone) => {
          const theirs = other.zones.find((each) => each.id === zone.id)
          return theirs === undefined
            ? zone
            : { ...zone, wish: { ...zone.wish, level: theirs.wish.level, tone: theirs.wish.tone } }
        }),
      })
    }
    return (
      <Notice
        key={other.client}
        kind={same ? 'good' : 'note'}
        title={same ? t`The same target as ${other.name}.` : t`To look like ${other.name} (${other.how}).`}
        action={same || shared.length === 0 ? null : (
          <Press id="take-target" onPress={take}>{t`Take over this target`}</Press>
        )}
      >
        <Trans>
          <Link to={`/visits/${other.visit}`}>{showDay(other.on)}</Link>, wished:
        </Trans> {other.zones.map((zone) => `${zone.name.toLowerCase()} ${said(zone.wish)}${zone.came === null || said(zone.came) === said(zone.wish) ? '' : t`, came out ${said(zone.came)}`}`).join('; ')}.
        {shared.length === other.zones.length
          ? null
          : t` Not a zone of this canvas: ${other.zones.filter((zone) => !mine.has(zone.id)).map((zone) => zone.name.toLowerCase()).join(', ')}.`}
      </Notice>
    )
  })
}
