import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import type { Problem } from '../../shared/api/http'
import { Field } from '../../shared/ui/Field'
import { LevelField, type Rung } from '../../shared/ui/LevelField'
import { OneOf } from '../../shared/ui/OneOf'
import { Tones } from '../../shared/ui/Tones'
import type { Zone } from './shapes'
import { ZoneLine } from './ZoneLine'

const HISTORY = ['natural', 'coloured', 'lightened', 'direct-dye', 'unknown'] as const

interface NowProps {
  zone: Zone
  ladder: Rung[]
  problem: (field: string) => Problem | undefined
  set: (change: Partial<Zone>) => void
}

/** What the hair of a zone is now, and what was done to it. */
export function ZoneNow({ zone, ladder, problem, set }: NowProps) {
  const orNull = (text: string) => (text.trim() === '' ? null : text)
  return (
    <div className="zone-block">
      <h3>{t`Is`}</h3>
      <LevelField
        id="zone-natural"
        label={t`Natural level`}
        ladder={ladder}
        problem={problem('natural')}
        value={zone.natural}
        onChange={(natural) => { set({ natural }) }}
      />
      <LevelField
        id="zone-level"
        label={t`Level now`}
        ladder={ladder}
        problem={problem('level')}
        value={zone.level}
        onChange={(level) => { set({ level }) }}
      />
      <div className="field-row">
        <Field id="zone-grey" label={t`Grey %`} problem={problem('grey')} className="narrow">
          <Form.Control
            value={zone.grey ?? ''}
            inputMode="numeric"
            placeholder="0"
            onChange={(event) => { set({ grey: orNull(event.target.value) }) }}
          />
        </Field>
        <Field id="zone-regrowth" label={t`Regrowth cm`} problem={problem('regrowth')} className="narrow">
          <Form.Control
            value={zone.regrowth ?? ''}
            inputMode="decimal"
            placeholder="2"
            onChange={(event) => { set({ regrowth: orNull(event.target.value) }) }}
          />
        </Field>
        <label className="tick">
          <input
            type="checkbox"
            checked={zone.resistant}
            onChange={(event) => { set({ resistant: event.target.checked }) }}
          />{' '}
          {t`resistant`}
        </label>
        <label className="tick">
          <input
            type="checkbox"
            checked={zone.banded}
            onChange={(event) => { set({ banded: event.target.checked }) }}
          />{' '}
          {t`banded`}
        </label>
        <label className="tick">
          <input
            type="checkbox"
            checked={zone.offLimits}
            onChange={(event) => { set({ offLimits: event.target.checked }) }}
          />{' '}
          {t`leave out`}
        </label>
      </div>
      <Tones label={t`Tone now, strongest first`} on={zone.tone} onChange={(tone) => { set({ tone }) }} />
      <ZoneLine what={t`History`}>
        <OneOf
          label={t`History`}
          all={HISTORY}
          on={zone.history}
          onChange={(history) => { set({ history: history ?? 'natural' }) }}
        />
      </ZoneLine>
      <div className="field-row">
        <Field id="zone-history" label={t`What was done, in words`} className="wide">
          <Form.Control
            value={zone.historyWords}
            maxLength={300}
            onChange={(event) => { set({ historyWords: event.target.value }) }}
          />
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
  )
}
