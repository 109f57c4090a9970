import { t } from '@lingui/core/macro'
import type { ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import type { Problem } from '../../shared/api/http'
import { Chips } from '../../shared/ui/Chips'
import { Field } from '../../shared/ui/Field'
import { REGIONS } from '../../shared/ui/HeadMap'
import { LevelField, type Rung } from '../../shared/ui/LevelField'
import { OneOf } from '../../shared/ui/OneOf'
import { SPANS } from '../../shared/ui/StrandRibbon'
import { Tones } from '../../shared/ui/Tones'
import { CautionList } from './SidePanel'
import type { Picture, Zone } from './shapes'

const HISTORY = ['natural', 'coloured', 'lightened', 'direct-dye', 'unknown'] as const

/** One zone: what it is, what was done to it, what is wished; and what the core makes of it. */
export function ZoneEditor({ zone, ladder, map, problem, reading, onChange }: { zone: Zone; ladder: Rung[]; map: ReactNode; problem: (field: string) => Problem | undefined; reading: Picture['zones'][number] | undefined; onChange: (zone: Zone) => void }) {
  const set = (change: Partial<Zone>) => { onChange({ ...zone, ...change }) }
  const wish = (change: Partial<Zone['wish']>) => { set({ wish: { ...zone.wish, ...change } }) }
  const orNull = (text: string) => (text.trim() === '' ? null : text)
  return (
    <div className="zone-editor">
      <div>
        <div className="zone-block">
          <h3>{t`Is`}</h3>
          <LevelField id="zone-natural" label={t`Natural level`} ladder={ladder} problem={problem('natural')} value={zone.natural} onChange={(natural) => { set({ natural }) }} />
          <LevelField id="zone-level" label={t`Level now`} ladder={ladder} problem={problem('level')} value={zone.level} onChange={(level) => { set({ level }) }} />
          <div className="field-row">
            <Field id="zone-grey" label={t`Grey %`} problem={problem('grey')} className="narrow">
              <Form.Control value={zone.grey ?? ''} inputMode="numeric" placeholder="0" onChange={(event) => { set({ grey: orNull(event.target.value) }) }} />
            </Field>
            <Field id="zone-regrowth" label={t`Regrowth cm`} problem={problem('regrowth')} className="narrow">
              <Form.Control value={zone.regrowth ?? ''} inputMode="decimal" placeholder="2" onChange={(event) => { set({ regrowth: orNull(event.target.value) }) }} />
            </Field>
            <label className="tick"><input type="checkbox" checked={zone.resistant} onChange={(event) => { set({ resistant: event.target.checked }) }} /> {t`resistant`}</label>
            <label className="tick"><input type="checkbox" checked={zone.banded} onChange={(event) => { set({ banded: event.target.checked }) }} /> {t`banded`}</label>
            <label className="tick"><input type="checkbox" checked={zone.offLimits} onChange={(event) => { set({ offLimits: event.target.checked }) }} /> {t`leave out`}</label>
          </div>
          <Tones label={t`Tone now, strongest first`} on={zone.tone} onChange={(tone) => { set({ tone }) }} />
          <div className="zone-line"><span className="zone-what">{t`History`}</span><OneOf label={t`History`} all={HISTORY} on={zone.history} onChange={(history) => { set({ history: history ?? 'natural' }) }} /></div>
          <div className="field-row">
            <Field id="zone-history" label={t`What was done, in words`} className="wide">
              <Form.Control value={zone.historyWords} maxLength={300} onChange={(event) => { set({ historyWords: event.target.value }) }} />
            </Field>
            <Field id="zone-confidence" label={t`Known how`}>
              <Form.Select value={zone.confidence} onChange={(event) => { set({ confidence: event.target.value }) }}>
                <option value="read">{t`read`}</option>
                <option value="told">{t`told`}</option>
                <option value="guessed">{t`guessed`}</option>
              </Form.Select>
            </Field>
          </div>
        </div>
        <div className="zone-block">
          <h3>{t`Wish`}</h3>
          <LevelField id="wish-level" label={t`Level`} ladder={ladder} problem={problem('wish/level')} value={zone.wish.level} onChange={(level) => { wish({ level }) }} />
          <div className="field-row">
            <Field id="wish-words" label={t`In words`} className="wide">
              <Form.Control value={zone.wish.words} maxLength={300} placeholder={t`soft, never brassy`} onChange={(event) => { wish({ words: event.target.value }) }} />
            </Field>
          </div>
          <Tones label={t`Wished tone, strongest first`} on={zone.wish.tone} onChange={(tone) => { wish({ tone }) }} />
          <AlsoWished zone={zone} ladder={ladder} problem={problem} onChange={(also) => { set({ also }) }} />
        </div>
        <details className="zone-block">
          <summary>{t`Condition, texture, where it lies`}</summary>
          <div className="zone-line"><span className="zone-what">{t`Porosity`}</span><OneOf label={t`Porosity`} all={['low', 'normal', 'high']} on={zone.porosity} onChange={(porosity) => { set({ porosity: porosity ?? 'normal' }) }} /></div>
          <div className="zone-line"><span className="zone-what">{t`Elasticity`}</span><OneOf label={t`Elasticity`} all={['good', 'weak', 'gum']} on={zone.elasticity} clears onChange={(elasticity) => { set({ elasticity }) }} /></div>
          <div className="zone-line"><span className="zone-what">{t`Breakage`}</span><OneOf label={t`Breakage`} all={['none', 'some', 'much']} on={zone.breakage} clears onChange={(breakage) => { set({ breakage }) }} /></div>
          <div className="zone-line"><span className="zone-what">{t`Density`}</span><OneOf label={t`Density`} all={['fine', 'medium', 'thick']} on={zone.density} clears onChange={(density) => { set({ density }) }} /></div>
          <div className="zone-line"><span className="zone-what">{t`Texture`}</span><OneOf label={t`Texture`} all={['fine', 'medium', 'coarse']} on={zone.texture} clears onChange={(texture) => { set({ texture }) }} /></div>
          <div className="zone-line"><span className="zone-what">{t`Length`}</span><OneOf label={t`Length`} all={['chin', 'shoulder', 'mid-back']} on={zone.length} clears onChange={(length) => { set({ length }) }} /></div>
          <div className="zone-line"><span className="zone-what">{t`Spans`}</span><Chips label={t`Spans of this zone`} all={SPANS} on={SPANS.filter((span) => zone.spans.includes(span))} onChange={(spans) => { set({ spans }) }} /></div>
          <div className="zone-line"><span className="zone-what">{t`Regions`}</span><Chips label={t`Regions of this zone, none for all`} all={REGIONS} on={REGIONS.filter((region) => zone.regions.includes(region))} onChange={(regions) => { set({ regions }) }} /></div>
          <Field id="band-words" label={t`Bands`}><Form.Control value={zone.bandWords} maxLength={200} onChange={(event) => { set({ bandWords: event.target.value }) }} /></Field>
          <Field id="zone-note" label={t`Note`}><Form.Control value={zone.note} maxLength={500} onChange={(event) => { set({ note: event.target.value }) }} /></Field>
        </details>
      </div>
      <aside className="zone-reading" aria-live="polite">
        {reading === undefined ? <p className="quiet">{t`Reading…`}</p> : (
          <>
            <h3 className={`direction direction-${reading.direction}`}>{reading.headline}</h3>
            {reading.lines.map((line) => <p key={line}>{line}</p>)}
            <CautionList cautions={reading.cautions} />
          </>
        )}
        {map}
      </aside>
    </div>
  )
}

const PARTS = [['1/4', t`a quarter`], ['1/3', t`a third`], ['1/2', t`half`], ['2/3', t`two thirds`], ['3/4', t`three quarters`]] as const

/** Another wish for a part of the zone’s strands: two thirds light, a third brown. */
function AlsoWished({ zone, ladder, problem, onChange }: { zone: Zone; ladder: Rung[]; problem: (field: string) => Problem | undefined; onChange: (also: Zone['also']) => void }) {
  const { also } = zone
  const set = (change: Partial<NonNullable<Zone['also']>>) => { onChange({ of: '1/3', level: null, tone: [], words: '', ...also, ...change }) }
  return (
    <details className="also-wished" open={also !== null}>
      <summary>{t`Something else for some of its strands`}</summary>
      <div className="zone-line"><span className="zone-what">{t`Of`}</span><OneOf label={t`Of how many strands`} all={PARTS} on={also?.of} clears onChange={(of) => { if (of === null) onChange(null); else set({ of }) }} /></div>
      {also === null ? null : (
        <>
          <LevelField id="also-level" label={t`Their level`} ladder={ladder} problem={problem('also/level')} value={also.level} onChange={(level) => { set({ level }) }} />
          <Tones label={t`Their tone, strongest first`} on={also.tone} onChange={(tone) => { set({ tone }) }} />
          <Form.Control aria-label={t`Their wish in words`} placeholder={t`in words: brown underneath`} maxLength={300} value={also.words} onChange={(event) => { set({ words: event.target.value }) }} />
        </>
      )}
    </details>
  )
}
