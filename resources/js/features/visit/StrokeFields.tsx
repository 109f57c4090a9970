import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { Chips } from '../../shared/ui/Chips'
import { Field } from '../../shared/ui/Field'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import { SPANS } from '../../shared/ui/StrandRibbon'
import { orNone } from './orNone'
import type { Stroke, Visit } from './shapes'
import { METHODS } from './strokes'
import { ZoneLine } from './ZoneLine'

/** What one stroke says: where along the strand, how, in which order, by whom. */
export function StrokeFields({
  current,
  visit,
  letter,
  set,
  onOut,
}: { current: Stroke; visit: Visit; letter: string; set: (change: Partial<Stroke>) => void; onOut: () => void }) {
  const others = visit.rounds
    .flatMap((round) => round.bowls)
    .map((bowl) => bowl.letter)
    .filter((each) => each !== letter)
  return (
    <>
      <ZoneLine what={t`Strand`}>
        <Chips
          label={t`Along the strand`}
          all={SPANS}
          on={SPANS.filter((span) => current.spans.includes(span))}
          onChange={(spans) => { set({ spans }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Measured`}>
        <Form.Control
          className="reach"
          aria-label={t`Measured along the strand`}
          placeholder={t`0 to 3 cm, 1 inch, 8 cm to the ends`}
          maxLength={40}
          value={current.reach ?? ''}
          onChange={(event) => { set({ reach: orNone(event.target.value) }) }}
        />
      </ZoneLine>
      <div className="field-row">
        <Field id="method" label={t`Technique`}>
          <Form.Select
            value={current.method ?? ''}
            onChange={(event) => { set({ method: orNone(event.target.value) }) }}
          >
            <option value="">–</option>
            {METHODS.map(([value, label]) => <option key={value} value={value}>{label}</option>)}
          </Form.Select>
        </Field>
        <Field id="pattern" label={t`Pattern`}>
          <Form.Control
            value={current.pattern ?? ''}
            list="patterns"
            placeholder={t`2:1, alternate, 5, gap, 4`}
            onChange={(event) => { set({ pattern: orNone(event.target.value) }) }}
          />
        </Field>
        <datalist id="patterns">
          <option value="alternate" /><option value="2:1" /><option value="5, gap, 4, gap, 3, 3" />
          <option value="pie 8" /><option value="layers" /><option value="between" />
        </datalist>
      </div>
      {current.pattern === undefined ? null : (
        <ZoneLine what={t`With`}>
          <Chips
            label={t`Bowls that share the pattern`}
            all={others}
            on={current.with ?? []}
            onChange={(letters) => { set({ with: letters.length === 0 ? undefined : letters }) }}
          />
        </ZoneLine>
      )}
      <div className="field-row">
        <Field id="order" label={t`Order`} className="narrow">
          <Form.Control
            inputMode="numeric"
            value={current.order ?? ''}
            onChange={(event) => { set({ order: orNone(event.target.value) }) }}
          />
        </Field>
        <Field id="foils" label={t`Foils`} className="narrow">
          <Form.Control
            inputMode="numeric"
            value={current.foils ?? ''}
            onChange={(event) => { set({ foils: orNone(event.target.value) }) }}
          />
        </Field>
        <Field id="hands" label={t`Hands`}>
          <Form.Select
            value={current.hands ?? ''}
            onChange={(event) => { set({ hands: orNone(event.target.value) }) }}
          >
            <option value="">{t`whoever is free`}</option>
            {[...new Set([
              ...visit.team,
              ...(current.hands === undefined ? [] : [current.hands]),
            ])].map((name) => <option key={name} value={name}>{name}</option>)}
          </Form.Select>
        </Field>
        <Field id="width" label={t`Sections`}>
          <Form.Control
            value={current.width ?? ''}
            placeholder={t`narrow at the face`}
            maxLength={60}
            onChange={(event) => { set({ width: orNone(event.target.value) }) }}
          />
        </Field>
      </div>
      <ZoneLine what={t`Hair`}>
        <OneOf
          label={t`Hair for this stroke`}
          all={['dry', 'damp', 'wet']}
          on={current.hair}
          clears
          onChange={(hair) => { set({ hair: hair ?? undefined }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Cover`}>
        <OneOf
          label={t`Covering of this stroke`}
          all={['open', 'foil', 'film', 'cap']}
          on={current.covering}
          clears
          onChange={(covering) => { set({ covering: covering ?? undefined }) }}
        />
      </ZoneLine>
      <Field id="stroke-note" label={t`How the sections lie`}>
        <Form.Control
          value={current.note ?? ''}
          maxLength={300}
          placeholder={t`higher at the face, lower at the back`}
          onChange={(event) => { set({ note: orNone(event.target.value) }) }}
        />
      </Field>
      <div className="chips">
        <Press kind="quiet" id="all-over" onPress={() => { set({ regions: [] }) }}>{t`All over`}</Press>
        <button
          type="button"
          className="chip"
          aria-pressed={current.overlaps === true}
          onClick={() => { set({ overlaps: current.overlaps === true ? undefined : true }) }}
        >{t`runs over on purpose`}</button>
        <Press
          kind="quiet"
          onPress={onOut}
        >{t`Take stroke out`}</Press>
      </div>
    </>
  )
}
