import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { Chips } from '../../shared/ui/Chips'
import { Field } from '../../shared/ui/Field'
import { REGIONS } from '../../shared/ui/HeadMap'
import { OneOf } from '../../shared/ui/OneOf'
import { SPANS } from '../../shared/ui/StrandRibbon'
import type { Zone } from './shapes'
import { ZoneLine } from './ZoneLine'

/** How the hair of a zone bears it, how it is made and where it lies. */
export function ZoneCondition({ zone, set }: { zone: Zone; set: (change: Partial<Zone>) => void }) {
  return (
    <details className="zone-block">
      <summary>{t`Condition, texture, where it lies`}</summary>
      <ZoneLine what={t`Porosity`}>
        <OneOf
          label={t`Porosity`}
          all={['low', 'normal', 'high']}
          on={zone.porosity}
          onChange={(porosity) => { set({ porosity: porosity ?? 'normal' }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Elasticity`}>
        <OneOf
          label={t`Elasticity`}
          all={['good', 'weak', 'gum']}
          on={zone.elasticity}
          clears
          onChange={(elasticity) => { set({ elasticity }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Breakage`}>
        <OneOf
          label={t`Breakage`}
          all={['none', 'some', 'much']}
          on={zone.breakage}
          clears
          onChange={(breakage) => { set({ breakage }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Density`}>
        <OneOf
          label={t`Density`}
          all={['fine', 'medium', 'thick']}
          on={zone.density}
          clears
          onChange={(density) => { set({ density }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Texture`}>
        <OneOf
          label={t`Texture`}
          all={['fine', 'medium', 'coarse']}
          on={zone.texture}
          clears
          onChange={(texture) => { set({ texture }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Length`}>
        <OneOf
          label={t`Length`}
          all={['chin', 'shoulder', 'mid-back']}
          on={zone.length}
          clears
          onChange={(length) => { set({ length }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Spans`}>
        <Chips
          label={t`Spans of this zone`}
          all={SPANS}
          on={SPANS.filter((span) => zone.spans.includes(span))}
          onChange={(spans) => { set({ spans }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Regions`}>
        <Chips
          label={t`Regions of this zone, none for all`}
          all={REGIONS}
          on={REGIONS.filter((region) => zone.regions.includes(region))}
          onChange={(regions) => { set({ regions }) }}
        />
      </ZoneLine>
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
