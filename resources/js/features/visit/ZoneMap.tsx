import { t } from '@lingui/core/macro'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { HeadMap, REGIONS, type Region } from '../../shared/ui/HeadMap'
import { Press } from '../../shared/ui/Press'
import { SPANS, StrandRibbon } from '../../shared/ui/StrandRibbon'
import { emptyZone, freeZoneId } from './canvasDraft'
import type { Canvas, Zone } from './shapes'

/** Which zone lies where, by its number; pressing a region gives it to the zone under the hand, or takes it away. */
export function ZoneMap({
  canvas,
  at,
  onRegion,
}: { canvas: Canvas; at: number; onRegion: ((region: Region) => void) | undefined }) {
  const cells: Record<string, string[]> = {}
  canvas.zones.forEach((zone, index) => {
    for (const region of zone.regions.length === 0 ? REGIONS : zone.regions)
      for (const span of zone.spans.length === 0
        ? SPANS
        : zone.spans) (cells[`${region}/${span}`] ??= []).push(String(index + 1))
  })
  return (
    <>
      <HeadMap
        cells={cells}
        uncovered={[]}
        doubled={[]}
        chosen={canvas.zones[at]?.regions.length === 0 ? REGIONS : canvas.zones[at]?.regions}
        onRegion={onRegion}
      />
      <StrandRibbon bowls={canvas.zones.map((zone, index) => ({ letter: String(index + 1), spans: zone.spans }))} />
      <p className="card-legend">
        {t`Zones by number: root, regrowth, mids, ends. Press a region to narrow this zone to it.`}
      </p>
    </>
  )
}

export function NewZone({ canvas, onAdd }: { canvas: Canvas; onAdd: (zone: Zone) => void }) {
  const [name, setName] = useState('')
  return (
    <Form
      className="new-zone"
      onSubmit={(event) => {
        event.preventDefault()
        if (name.trim() === '') return
        onAdd(emptyZone(freeZoneId(name, canvas.zones.map((each) => each.id)), name.trim(), ['root', 'regrowth']))
        setName('')
      }}
    >
      <Form.Control
        aria-label={t`Name of a new zone`}
        placeholder={t`Another zone: temples, band…`}
        maxLength={60}
        value={name}
        onChange={(event) => { setName(event.target.value) }}
      />
      <Press kind="quiet" submit disabled={name.trim() === ''}>{t`+ zone`}</Press>
    </Form>
  )
}
