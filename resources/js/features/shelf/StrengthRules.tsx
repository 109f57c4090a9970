import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import type { Problem } from '../../shared/api/http'
import { Field, FieldProblem } from '../../shared/ui/Field'
import type { Minutes } from './lineDraft'
import { type Part, TakeAway } from './LinePart'

/** Minutes and lift of single strengths, and minutes for grey, where the maker prints others. */
export function Strengths({ draft, edit, problem }: Part) {
  return (
    <details className="line-more" open={draft.windows.length + draft.lift.length > 0 || draft.grey !== null}>
      <summary>{t`By strength, for grey, and how far it lifts`}</summary>
      {draft.windows.map((each, at) => (
        <div key={at} className="field-row">
          <Field id={`window-${String(at)}`} label={t`Vol`} className="narrow">
            <Form.Control
              inputMode="numeric"
              value={each.strength}
              onChange={(event) => {
                edit({
                  windows: draft.windows.map((other, place) => (place === at
                    ? { ...other, strength: event.target.value }
                    : other)),
                })
              }}
            />
          </Field>
          <MinutesField
            id={`window-${String(at)}-minutes`}
            label={t`Minutes at this strength`}
            value={each.minutes}
            problem={problem(`windows/${each.strength}`)}
            onChange={(minutes) => {
              edit({ windows: draft.windows.map((other, place) => (place === at ? { ...other, minutes } : other)) })
            }}
          />
          <TakeAway
            what={t`Minutes at ${each.strength} vol`}
            onPress={() => { edit({ windows: draft.windows.filter((_, place) => place !== at) }) }}
          />
        </div>
      ))}
      {draft.grey === null ? null : (
        <div className="field-row">
          <MinutesField
            id="line-grey"
            label={t`Minutes on grey: least, usual, most`}
            value={draft.grey}
            problem={problem('grey')}
            onChange={(grey) => { edit({ grey }) }}
          />
          <TakeAway what={t`Minutes on grey`} onPress={() => { edit({ grey: null }) }} />
        </div>
      )}
      {draft.lift.map((each, at) => (
        <div key={at} className="field-row">
          <Field id={`lift-${String(at)}`} label={t`Vol`} className="narrow">
            <Form.Control
              inputMode="numeric"
              value={each.strength}
              onChange={(event) => {
                edit({
                  lift: draft.lift.map((other, place) => (place === at
                    ? { ...other, strength: event.target.value }
                    : other)),
                })
              }}
            />
          </Field>
          <Field
            id={`lift-${String(at)}-levels`}
            label={t`lifts so many levels`}
            problem={problem(`lift/${each.strength}`)}
          ><Form.Control
            inputMode="decimal"
            value={each.levels}
            onChange={(event) => {
              edit({
                lift: draft.lift.map((other, place) => (place === at
                  ? { ...other, levels: event.target.value }
                  : other)),
              })
            }}
          /></Field>
          <TakeAway
            what={t`Lift at ${each.strength} vol`}
            onPress={() => { edit({ lift: draft.lift.filter((_, place) => place !== at) }) }}
          />
        </div>
      ))}
      <div className="chips">
        <button
          type="button"
          className="chip"
          onClick={() => { edit({ windows: [...draft.windows, { strength: '', minutes: draft.window }] }) }}
        >{t`+ minutes of a strength`}</button>
        {draft.grey === null ? (
          <button type="button" className="chip" onClick={() => { edit({ grey: draft.window }) }}>
            {t`+ minutes on grey`}
          </button>
        ) : null}
        <button
          type="button"
          className="chip"
          onClick={() => { edit({ lift: [...draft.lift, { strength: '', levels: '' }] }) }}
        >{t`+ lift of a strength`}</button>
      </div>
    </details>
  )
}

export function MinutesField({
  id,
  label,
  value,
  problem,
  onChange,
}: { id: string; label: string; value: Minutes; problem: Problem | undefined; onChange: (value: Minutes) => void }) {
  return (
    <div className="field" role="group" aria-label={label}>
      <label className="form-label" htmlFor={`${id}-min`}>{label}</label>
      <div className="minutes-three">
        {(['min', 'target', 'max'] as const).map((part) => (
          <Form.Control
            key={part}
            id={`${id}-${part}`}
            aria-label={`${label}, ${NAMES[part]}`}
            inputMode="numeric"
            maxLength={3}
            value={value[part]}
            onChange={(event) => { onChange({ ...value, [part]: event.target.value }) }}
          />
        ))}
        <span className="quiet">{t`min`}</span>
      </div>
      <FieldProblem problem={problem} />
    </div>
  )
}

const NAMES = { min: t`least`, target: t`usual`, max: t`most` }
