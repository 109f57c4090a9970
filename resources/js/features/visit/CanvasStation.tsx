import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../shared/api/http'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { saveCanvas, visit as visitQuery } from './api'
import type { Shelf } from '../../shared/shelf/shelf'
import { firstCanvas, type CanvasDraft } from './canvasDraft'
import { MatchedTarget } from './MatchedTarget'
import { PhotographedTarget } from './PhotographedTarget'
import { problemAt } from './problems'
import { canvasRecord, type Canvas, type Picture, type Visit, type Zone } from './shapes'
import { isOver } from '../../shared/visits/visitLine'
import { ZoneEditor } from './ZoneEditor'
import { ZoneMap, NewZone } from './ZoneMap'

/** The head as it is read, zone by zone, and the wish; the core's reading stands beside it. */
export function CanvasStation({
  visit,
  ladder,
  picture,
  draft,
  editable,
  onSettled,
  onDraft,
}: {
  visit: Visit
  ladder: Shelf['ladder']
  picture: Picture
  draft: CanvasDraft | null
  editable: boolean
  onSettled: () => void
  onDraft: (next: CanvasDraft | null) => void
}) {
  const queries = useQueryClient()
  const record = visit.canvas
  const canvas = draft?.canvas ?? record.canvas
  const [chosen, setChosen] = useState('')
  const save = useMutation({
    mutationFn: (version: number) => saveCanvas(visit.id, version, canvas),
    onSuccess: (changed) => {
      queries.setQueryData(visitQuery(visit.id).queryKey, changed)
      onSettled()
    },
  })
  const newer = save.error instanceof Refused && save.error.status === 409
    ? canvasRecord.safeParse(save.error.newer)
    : null
  const set = (next: Canvas) => {
    save.reset()
    onDraft({ version: draft?.version ?? record.version, canvas: next })
  }
  if (canvas.zones.length === 0)
    return (
      <div className="empty-desk">
        <p className="quiet">{t`The canvas has not been read. Three zones to start with; more can be added.`}</p>
        {editable ? (
          <Press kind="main" id="start-canvas" onPress={() => { set(firstCanvas()) }}>{t`Read the canvas`}</Press>
        ) : null}
      </div>
    )
  const zone = canvas.zones.find((each) => each.id === chosen) ?? canvas.zones[0]
  const at = zone === undefined ? -1 : canvas.zones.indexOf(zone)
  const setZone = (next: Zone) => {
    set({ ...canvas, zones: canvas.zones.map((each, index) => (index === at ? next : each)) })
  }
  const reading = picture.zones.find((each) => each.id === zone?.id)
  return (
    <div className="canvas-station">
      {newer?.success === true ? (
        <Notice kind="warn" title={t`The canvas was changed on another device.`} action={
          <span className="notice-actions">
            <Press onPress={() => {
              save.reset()
              onDraft(null)
              void queries.invalidateQueries({ queryKey: visitQuery(visit.id).queryKey })
            }}>{t`Take the newer`}</Press>
            <Press kind="stop" onPress={() => { save.mutate(newer.data.version) }}>{t`Put mine in its place`}</Press>
          </span>
        }>
          {t`The newer one, by ${newer.data.editedBy ?? t`somebody`}:`} {newer.data.canvas.zones.map((each) =>
            `${each.name} ${each.level ?? t`not read`}`,
          ).join(', ')}{t`. Yours is below, untouched.`}
        </Notice>
      ) : null}
      {record.said.length === 0 ? null : (
        <details className="canvas-said" open={draft === null && !isOver(visit)}>
          <summary>{t`Carried on from last time: look again`}</summary>
          <ul>{record.said.map((line) => <li key={line}>{line}</li>)}</ul>
        </details>
      )}
      {editable ? <MatchedTarget visit={visit} canvas={canvas} onTake={set} /> : null}
      <div className="zone-tabs">
        <div className="tab-list" role="tablist" aria-label={t`Zones`}>
        {canvas.zones.map((each, index) => (
          <button
            key={each.id}
            type="button"
            role="tab"
            aria-selected={each.id === zone?.id}
            className="zone-tab"
            onClick={() => { setChosen(each.id) }}
          >
            <span className="zone-number">
              {index + 1}
            </span> <strong>
              {each.name}
            </strong> <span className="quiet">
              {each.level === null || each.level === ''
                ? t`read it`
                : `${each.level}${each.wish.level === null || each.wish.level === '' ? '' : ` → ${each.wish.level}`}`}
            </span>
          </button>
        ))}
        </div>
        {editable ? (
          <NewZone
            canvas={canvas}
            onAdd={(next) => { set({ ...canvas, zones: [...canvas.zones, next] }); setChosen(next.id) }}
          />
        ) : null}
      </div>
      {zone === undefined ? null : (
        <fieldset disabled={!editable} className="zone-fieldset">
          <ZoneEditor
            key={zone.id}
            zone={zone}
            ladder={ladder}
            map={<ZoneMap
              canvas={canvas}
              at={at}
              onRegion={editable
                ? (region) => {
                  setZone({
                    ...zone,
                    regions: zone.regions.includes(region)
                      ? zone.regions.filter((each) => each !== region)
                      : [...zone.regions, region],
                  })
                }
                : undefined}
            />}
            problem={(field) => problemAt(save.error, `/zones/${at}/${field}`)}
            reading={reading}
            onChange={setZone}
          />
        </fieldset>
      )}
      <div className="field-row">
        <Form.Control
          aria-label={t`How the hair is worn`}
          placeholder={t`Worn: parting, up or down, cowlicks, what will be cut`}
          maxLength={400}
          value={canvas.worn}
          disabled={!editable}
          onChange={(event) => { set({ ...canvas, worn: event.target.value }) }}
        />
        <Form.Control
          aria-label={t`Target to match`}
          placeholder={t`To match: a swatch, a photograph, the twin`}
          maxLength={400}
          value={canvas.target}
          disabled={!editable}
          onChange={(event) => { set({ ...canvas, target: event.target.value }) }}
        />
      </div>
      {editable && zone !== undefined ? <PhotographedTarget visit={visit} zone={zone} onTake={setZone} /> : null}
      {save.error !== null && newer?.success !== true ? <ErrorNotice error={save.error} /> : null}
      {editable ? (
        <footer className="desk-foot">
          <span className="quiet" role="status">
            {save.isPending ? t`Saving…` : draft === null ? t`Saved` : t`Draft, kept on this device`}
          </span>
          {zone !== undefined && canvas.zones.length > 1 ? (
            <Press
              kind="quiet"
              onPress={() => { set({ ...canvas, zones: canvas.zones.filter((each) => each.id !== zone.id) }) }}
            >{t`Take “${zone.name}” out`}</Press>
          ) : null}
          {draft === null ? null : <Press kind="quiet" onPress={() => { onDraft(null) }}>{t`Undo changes`}</Press>}
          <Press
            kind="main"
            id="save-canvas"
            disabled={draft === null || save.isPending}
            onPress={() => { save.mutate(draft?.version ?? record.version) }}
          >{t`Save canvas`}</Press>
        </footer>
      ) : null}
    </div>
  )
}
