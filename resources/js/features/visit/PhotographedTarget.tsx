import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { clientFile } from '../../shared/clients/clientFile'
import { SpotRead } from '../../shared/photos/PhotoStrip'
import { Press } from '../../shared/ui/Press'
import type { Visit, Zone } from './shapes'

/**
 * The colour that was marked on a photograph of the target: taken as the wish of the zone that is open, with one press.
 */
export function PhotographedTarget({
  visit,
  zone,
  onTake,
}: { visit: Visit; zone: Zone; onTake: (zone: Zone) => void }) {
  const { data } = useQuery(clientFile(visit.client.id))
  const marked = data?.photos.filter((photo) => photo.kind === 'target' && photo.spot !== null) ?? []
  return marked.map(({ id, spot }) => {
    if (spot === null) return null
    const taken = zone.wish.level === spot.level && zone.wish.tone.join() === spot.tone.join()
    return (
      <p key={id} className="photographed-target">
        <SpotRead spot={spot} />
        {taken ? null : (
          <Press
            id="take-photographed"
            onPress={() => { onTake({ ...zone, wish: { ...zone.wish, level: spot.level, tone: spot.tone } }) }}
          >{t`Wish it of ${zone.name}`}</Press>
        )}
      </p>
    )
  })
}
