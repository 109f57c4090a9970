import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { Chips } from '../../shared/ui/Chips'
import { Field } from '../../shared/ui/Field'
import { REGIONS } from '../../shared/ui/HeadMap'
import { OneOf } from '../../shared/ui/OneOf'
import { SPANS } from '../../shared/ui/StrandRibbon'
import type { Zone } from './shapes'

/** How the hair of a zone bears it, how it is made and where it lies. */
export function ZoneCondition({ zone, set }: { zone: Zone; set: (change: Partial<Zone>) => void }) {
  return (
    <details className="zone-block">
      <summary>{t`Condition, texture, where it lies`}</summary>
      <div className="zone-line">
        <span className="zone-what">{t`Porosity`}</span>
        <OneOf
          label={t`Porosity`}
          all={['low', 'normal', 'high']}
          on={zone.porosity}
          onChange={(porosity) => { set({ porosity: porosity ?? 'normal' }) }}
        />
      </div>
      <div className="zone-line">
        <span className="zone-what">{t`Elasticity`}</span>
        <OneOf
          label={t`Elasticity`}
          all={['good', 'weak', 'gum']}
          on={zone.elasticity}
          clears
          onChange={(elasticity) => { set({ elasticity }) }}
        />
      </div>
      <div className="zone-line">
        <span className="zone-what">{t`Breakage`}</span>
        <OneOf
          label={t`Breakage`}
          all={['none', 'some', 'much']}
          on={zone.breakage}
          clears
          onChange={(breakage) => { set({ breakage }) }}
        />
      </div>
      <div className="zone-line">
        <span className="zone-what">{t`Density`}</span>
        <OneOf
          label={t`Density`}
          all={['fine', 'medium', 'thick']}
          on={zone.density}
          clears
          onChange={(density) => { set({ density }) }}
        />
      </div>
      <div className="zone-line">
        <span className="zone-what">{t`Texture`}</span>
        <OneOf
          label={t`Texture`}
          all={['fine', 'medium', 'coarse']}
          on={zone.texture}
          clears
          onChange={(texture) => { set({ texture }) }}
        />
      </div>
      <div className="zone-line">
        <span className="zone-what">{t`Length`}</span>
        <OneOf
          label={t`Length`}
          all={['chin', 'shoulder', 'mid-back']}
          on={zone.length}
          clears
          onChange={(length) => { set({ length }) }}
        />
      </div>
      <div className="zone-line">
        <span className="zone-what">{t`Spans`}</span>
        <Chips
          label={t`Spans of this zone`}
          all={SPANS}
          on={SPANS.filter((span) => zone.spans.includes(span))}
          onChange={(spans) => { set({ spans }) }}
        />
      </div>
      <div className="zone-line">
        <span className="zone-what">{t`Regions`}</span>
        <Chips
          label={t`Regions of this zone, none for all`}
          all={REGIONS}
          on={REGIONS.filter((region) => zone.regions.includes(region))}
          onChange={(regions) => { set({ regions }) }}
        />
      </div>
      <Field id="band-words" label={t`Bands`}>
        <Form.Control
          value={zone.bandWords}
          maxLength={200}
          onChange={(event) => { set({ bandWords: event.target.value }) }}
        />
      </Field>
      <Field id="zone-note" label={t`Note`}>
        <Form.Control
          value={zone.note}
          maxLength={500}
          onChange={(event) => { set({ note: event.target.value }) }}
        />
      </Field>
    </details>
  )
}
