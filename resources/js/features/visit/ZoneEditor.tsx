import { t } from '@lingui/core/macro'
import type { ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import type { Problem } from '../../shared/api/http'
import { Field } from '../../shared/ui/Field'
import { LevelField, type Rung } from '../../shared/ui/LevelField'
import { Tones } from '../../shared/ui/Tones'
import { CautionList } from './SidePanel'
import type { Picture, Zone } from './shapes'
import { AlsoWished } from './AlsoWished'
import { ZoneCondition } from './ZoneCondition'
import { ZoneNow } from './ZoneNow'

/** One zone: what it is, what was done to it, what is wished; and what the core makes of it. */
export function ZoneEditor({
  zone,
  ladder,
  map,
  problem,
  reading,
  onChange,
}: {
  zone: Zone
  ladder: Rung[]
  map: ReactNode
  problem: (field: string) => Problem | undefined
  reading: Picture['zones'][number] | undefined
  onChange: (zone: Zone) => void
}) {
  const set = (change: Partial<Zone>) => { onChange({ ...zone, ...change }) }
  const wish = (change: Partial<Zone['wish']>) => { set({ wish: { ...zone.wish, ...change } }) }
  return (
    <div className="zone-editor">
      <div>
        <ZoneNow zone={zone} ladder={ladder} problem={problem} set={set} />
        <div className="zone-block">
          <h3>{t`Wish`}</h3>
          <LevelField
            id="wish-level"
            label={t`Level`}
            ladder={ladder}
            problem={problem('wish/level')}
            value={zone.wish.level}
            onChange={(level) => { wish({ level }) }}
          />
          <div className="field-row">
            <Field id="wish-words" label={t`In words`} className="wide">
              <Form.Control
                value={zone.wish.words}
                maxLength={300}
                placeholder={t`soft, never brassy`}
                onChange={(event) => { wish({ words: event.target.value }) }}
              />
            </Field>
          </div>
          <Tones label={t`Wished tone, strongest first`} on={zone.wish.tone} onChange={(tone) => { wish({ tone }) }} />
          <AlsoWished zone={zone} ladder={ladder} problem={problem} onChange={(also) => { set({ also }) }} />
        </div>
        <ZoneCondition zone={zone} set={set} />
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
