import { named } from '../../shared/words/named'
import { t } from '@lingui/core/macro'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Chips } from '../../shared/ui/Chips'
import { Field } from '../../shared/ui/Field'
import { inkOf } from '../../shared/ui/ink'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import { SPANS, StrandRibbon } from '../../shared/ui/StrandRibbon'
import { BowlDesk } from './BowlDesk'
import type { DeskProps } from './FormulateStation'
import { useServerNow } from '../../shared/time/useServerNow'
import { RoundMap } from './RoundMap'
import { TimePlan } from './TimePlan'
import type { Picture, Stroke, Visit } from './shapes'

const METHODS = [
  ['root-touch-up', t`root touch-up`], ['global', t`global`], ['root-shadow', t`root shadow`], ['melt', t`melt`], ['fine-foils', t`fine foils`], ['chunky-foils', t`chunky foils`],
  ['slice-foils', t`slice foils`], ['backcombed-foils', t`back-combed foils`], ['hand-painted', t`hand-painted, open air`], ['painted-film', t`hand-painted under film`], ['lowlights', t`lowlights`],
  ['between-foils', t`between foils`], ['blocks', t`blocks`], ['gloss', t`gloss`], ['filler', t`filler`], ['protect', t`protect`], ['strand', t`test strand`],
] as const

const NEW: Stroke = { regions: [], spans: ['root'] }

/** Paint the bowl under the hand on the head: choose the spans, press the regions; say how, in which order, by whom. */
export function PlaceStation(props: DeskProps) {
  const { draft, editable, picture, visit } = props
  const [at, setAt] = useState(0)
  const strokes = draft?.sheet.place ?? []
  const current = strokes[at] ?? strokes[0]
  const index = current === undefined ? 0 : strokes.indexOf(current)
  const put = (place: Stroke[]) => { if (draft !== null) props.onDraft({ ...draft, sheet: { ...draft.sheet, place } }) }
  const set = (change: Partial<Stroke>) => {
    if (current === undefined) put([{ ...NEW, ...change }])
    else put(strokes.map((each, place) => (place === index ? { ...each, ...change } : each)))
  }
  const press = (region: string) => {
    const regions = current?.regions ?? []
    set({ regions: regions.includes(region) ? regions.filter((each) => each !== region) : [...regions, region] })
  }
  const bowls = visit.rounds.flatMap((round) => round.bowls)
  return (
    <div className="place-station">
      <div className="place-map">
        <RoundMap visit={visit} picture={picture} chosen={current?.regions} onRegion={draft !== null && editable ? press : undefined} />
        <StrandRibbon bowls={ribbonOf(picture)} />
      </div>
      <div className="place-form">
        {draft === null ? <p className="quiet">{t`Choose a bowl on the left.`}</p> : (
          <>
            <h2>
              <span className={`brush ink-${inkOf(draft.sheet.letter).name}`}>{draft.sheet.letter}</span> {draft.sheet.job === '' ? t`Bowl` : draft.sheet.job}
            </h2>
            <fieldset disabled={!editable}>
              <div className="zone-tabs">
                {strokes.length === 0 ? null : <div className="tab-list" role="tablist" aria-label={t`Strokes of this bowl`}>
                {strokes.map((stroke, place) => (
                  <button key={place} type="button" role="tab" aria-selected={place === index} className="zone-tab" onClick={() => { setAt(place) }}>
                    {stroke.order === undefined || stroke.order === null || stroke.order === '' ? '' : `${stroke.order}. `}{stroke.regions.length === 0 ? t`all over` : stroke.regions.map(named).join(', ')} <span className="quiet">{stroke.spans.map(named).join('–')}</span>
                  </button>
                ))}
                </div>}
                {editable ? <Press kind="quiet" id="add-stroke" onPress={() => { put([...strokes, { ...NEW, regions: [] }]); setAt(strokes.length) }}>{t`+ stroke`}</Press> : null}
              </div>
              {current === undefined ? <p className="quiet">{t`Press a region on the head, or “+ stroke” for all over.`}</p> : (
                <>
                  <div className="zone-line">
                    <span className="zone-what">{t`Strand`}</span>
                    <Chips label={t`Along the strand`} all={SPANS} on={SPANS.filter((span) => current.spans.includes(span))} onChange={(spans) => { set({ spans }) }} />
                  </div>
                  <div className="zone-line">
                    <span className="zone-what">{t`Measured`}</span>
                    <Form.Control className="reach" aria-label={t`Measured along the strand`} placeholder={t`0 to 3 cm, 1 inch, 8 cm to the ends`} maxLength={40} value={current.reach ?? ''} onChange={(event) => { set({ reach: event.target.value === '' ? undefined : event.target.value }) }} />
                  </div>
                  <div className="field-row">
                    <Field id="method" label={t`Technique`}>
                      <Form.Select value={current.method ?? ''} onChange={(event) => { set({ method: event.target.value === '' ? undefined : event.target.value }) }}>
                        <option value="">–</option>
                        {METHODS.map(([value, label]) => <option key={value} value={value}>{label}</option>)}
                      </Form.Select>
                    </Field>
                    <Field id="pattern" label={t`Pattern`}>
                      <Form.Control value={current.pattern ?? ''} list="patterns" placeholder={t`2:1, alternate, 5, gap, 4`} onChange={(event) => { set({ pattern: event.target.value === '' ? undefined : event.target.value }) }} />
                    </Field>
                    <datalist id="patterns"><option value="alternate" /><option value="2:1" /><option value="5, gap, 4, gap, 3, 3" /><option value="pie 8" /><option value="layers" /><option value="between" /></datalist>
                  </div>
                  {current.pattern === undefined ? null : (
                    <div className="zone-line">
                      <span className="zone-what">{t`With`}</span>
                      <Chips label={t`Bowls that share the pattern`} all={bowls.map((bowl) => bowl.letter).filter((letter) => letter !== draft.sheet.letter)} on={current.with ?? []} onChange={(letters) => { set({ with: letters.length === 0 ? undefined : letters }) }} />
                    </div>
                  )}
                  <div className="field-row">
                    <Field id="order" label={t`Order`} className="narrow"><Form.Control inputMode="numeric" value={current.order ?? ''} onChange={(event) => { set({ order: event.target.value === '' ? undefined : event.target.value }) }} /></Field>
                    <Field id="foils" label={t`Foils`} className="narrow"><Form.Control inputMode="numeric" value={current.foils ?? ''} onChange={(event) => { set({ foils: event.target.value === '' ? undefined : event.target.value }) }} /></Field>
                    <Field id="hands" label={t`Hands`}>
                      <Form.Select value={current.hands ?? ''} onChange={(event) => { set({ hands: event.target.value === '' ? undefined : event.target.value }) }}>
                        <option value="">{t`whoever is free`}</option>
                        {[...new Set([...visit.team, ...(current.hands === undefined ? [] : [current.hands])])].map((name) => <option key={name} value={name}>{name}</option>)}
                      </Form.Select>
                    </Field>
                    <Field id="width" label={t`Sections`}><Form.Control value={current.width ?? ''} placeholder={t`narrow at the face`} maxLength={60} onChange={(event) => { set({ width: event.target.value === '' ? undefined : event.target.value }) }} /></Field>
                  </div>
                  <div className="zone-line"><span className="zone-what">{t`Hair`}</span><OneOf label={t`Hair for this stroke`} all={['dry', 'damp', 'wet']} on={current.hair} clears onChange={(hair) => { set({ hair: hair ?? undefined }) }} /></div>
                  <div className="zone-line"><span className="zone-what">{t`Cover`}</span><OneOf label={t`Covering of this stroke`} all={['open', 'foil', 'film', 'cap']} on={current.covering} clears onChange={(covering) => { set({ covering: covering ?? undefined }) }} /></div>
                  <Field id="stroke-note" label={t`How the sections lie`}><Form.Control value={current.note ?? ''} maxLength={300} placeholder={t`higher at the face, lower at the back`} onChange={(event) => { set({ note: event.target.value === '' ? undefined : event.target.value }) }} /></Field>
                  <div className="chips">
                    <Press kind="quiet" id="all-over" onPress={() => { set({ regions: [] }) }}>{t`All over`}</Press>
                    <button type="button" className="chip" aria-pressed={current.overlaps === true} onClick={() => { set({ overlaps: current.overlaps === true ? undefined : true }) }}>{t`runs over on purpose`}</button>
                    <Press kind="quiet" onPress={() => { put(strokes.filter((_, place) => place !== index)); setAt(0) }}>{t`Take stroke out`}</Press>
                  </div>
                </>
              )}
            </fieldset>
            {editable ? <SavePlace {...props} /> : null}
          </>
        )}
      </div>
      <PatternList picture={picture} />
      <PlannedTimes visit={visit} />
    </div>
  )
}

/** The same desk as the formula's, folded to its foot: saving, conflicts and drafts are one thing. */
function SavePlace(props: DeskProps) {
  if (props.draft === null) return null
  return (
    // A desk of its own for each bowl: what one is saving does not touch what is painted on another.
    <BowlDesk key={props.draft.id} visit={props.visit} shelf={props.shelf} bowl={props.bowl} draft={props.draft} dirty={props.dirty} reason="" onReason={() => undefined} amount={null} tools={null} footOnly onDraft={props.onDraft} onDrop={props.onDrop} onSettled={props.onSettled} />
  )
}

function ribbonOf(picture: Picture) {
  const letters = [...new Set(Object.values(picture.cells).flat())].sort()
  return letters.map((letter) => ({ letter, spans: SPANS.filter((span) => Object.entries(picture.cells).some(([key, on]) => key.endsWith(`/${span}`) && on.includes(letter))) as string[] }))
}

/** Every stroke in the order of work, patterns as the sequence they are laid in. */
export function PatternList({ picture }: { picture: Picture }) {
  const strokes = [...picture.strokes].sort((one, other) => one.round - other.round || (one.order ?? 99) - (other.order ?? 99))
  if (strokes.length === 0) return null
  return (
    <ol className="pattern-list" aria-label={t`Order of the strokes`}>
      {strokes.map((stroke, index) => (
        <li key={index}>
          <span className={`brush ink-${inkOf(stroke.letter).name}`}>{stroke.letter}</span>
          <div>
            {stroke.words}
            {stroke.sequence.length === 0 ? null : (
              <span className="sequence" aria-label={t`laid ${stroke.sequence.map((each) => each ?? t`gap`).join(' ')}`}>
                {stroke.sequence.slice(0, 40).map((letter, place) => (letter === null ? <i key={place} /> : <b key={place} className={`ink-${inkOf(letter).name}`}>{letter}</b>))}
              </span>
            )}
          </div>
        </li>
      ))}
    </ol>
  )
}

function PlannedTimes({ visit }: { visit: Visit }) {
  return <TimePlan visit={visit} now={useServerNow(visit.now)} />
}
