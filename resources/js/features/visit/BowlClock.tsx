import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { Field } from '../../shared/ui/Field'
import { problemAt } from './problems'
import { orNone } from './orNone'
import type { Bowl, Sheet } from './shapes'

/** When it goes on, from where its time counts and how it comes off. */
export function BowlClock({
  sheet,
  others,
  error,
  set,
}: { sheet: Sheet; others: Bowl[]; error: Error | null; set: (change: Partial<Sheet>) => void }) {
  return (
    <div className="field-row">
      <Field id="applying" label={t`Min to apply`} problem={problemAt(error, '/applying')} className="narrow">
        <Form.Control
          inputMode="numeric"
          value={sheet.applying ?? ''}
          onChange={(event) => { set({ applying: orNone(event.target.value) }) }}
        />
      </Field>
      <Field id="clock" label={t`Clock starts`}>
        <Form.Select value={sheet.clock ?? ''} onChange={(event) => { set({ clock: orNone(event.target.value) }) }}>
          <option value="">{t`as the house does`}</option>
          <option value="complete">{t`when complete`}</option>
          <option value="first-touch">{t`at first touch`}</option>
        </Form.Select>
      </Field>
      <Field id="after" label={t`Goes on after`}>
        <Form.Select value={sheet.after ?? ''} onChange={(event) => { set({ after: orNone(event.target.value) }) }}>
          <option value="">{t`by itself`}</option>
          {others.map((bowl) => <option key={bowl.id} value={bowl.letter}>{bowl.letter} {bowl.job}</option>)}
        </Form.Select>
      </Field>
      {sheet.after === undefined ? null : (
        <>
          <Field id="plus" label="min" problem={problemAt(error, '/plus')} className="narrow">
            <Form.Control
              placeholder={t`20, 25 to 30`}
              value={sheet.plus ?? ''}
              onChange={(event) => { set({ plus: orNone(event.target.value) }) }}
            />
          </Field>
          <Field id="after-from" label={t`counted from`}>
            <Form.Select
              value={sheet.afterFrom ?? ''}
              onChange={(event) => { set({ afterFrom: orNone(event.target.value) }) }}
            >
              <option value="">
                {sheet.plus === undefined || sheet.plus === '' ? t`when it is complete` : t`where its clock starts`}
              </option>
              <option value="first-touch">{t`its first touch`}</option>
              <option value="last-touch">{t`its last touch`}</option>
              <option value="end">{t`its end: on for its last minutes`}</option>
              <option value="rinsed">{t`its rinse`}</option>
            </Form.Select>
          </Field>
        </>
      )}
      <Field id="rinse" label={t`Rinsed`}>
        <Form.Select
          value={sheet.rinse ?? 'round'}
          onChange={(event) => { set({ rinse: event.target.value === 'round' ? undefined : event.target.value }) }}
        >
          <option value="round">{t`with its round`}</option>
          <option value="own">{t`by itself`}</option>
          <option value="not">{t`not: stays under the next`}</option>
          {others.map((bowl) => <option key={bowl.id} value={bowl.letter}>{t`with ${bowl.letter}`}</option>)}
        </Form.Select>
      </Field>
      <Field
        id="through"
        label={t`Through, min before the end`}
        problem={problemAt(error, '/through')}
        className="narrow"
      ><Form.Control
        inputMode="numeric"
        value={sheet.through ?? ''}
        onChange={(event) => { set({ through: orNone(event.target.value) }) }}
      /></Field>
      <Field id="look-from" label={t`Look from min`} problem={problemAt(error, '/lookFrom')} className="narrow">
        <Form.Control
          inputMode="numeric"
          value={sheet.lookFrom ?? ''}
          onChange={(event) => { set({ lookFrom: orNone(event.target.value) }) }}
        />
      </Field>
      <Field id="emulsify" label={t`Emulsify`} problem={problemAt(error, '/emulsify')} className="narrow">
        <Form.Control
          inputMode="numeric"
          value={sheet.emulsify ?? ''}
          onChange={(event) => { set({ emulsify: orNone(event.target.value) }) }}
        />
      </Field>
    </div>
  )
}
