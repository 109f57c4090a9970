import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { Field, FieldProblem } from '../../shared/ui/Field'
import { OneOf } from '../../shared/ui/OneOf'
import { Strengths, MinutesField } from './StrengthRules'
import type { Part } from './LinePart'

const KINDS = [
  ['permanent', t`permanent`],
  ['demi', t`demi`],
  ['lightener', t`lightener`],
  ['direct', t`direct dye`],
  ['care', t`care`],
] as const

const ORDERS = [
  ['colour,developer', t`colour : developer`],
  ['colour,base,developer', t`colour : gel : developer`],
  ['colour,developer,base', t`colour : developer : gel`],
  ['colour', t`no developer`],
] as const

const SAID = [['yes', t`yes`], ['no', t`no`]] as const

/** What stands on the pack: how it is mixed, with what, and for how long. */
export function LineRules({ draft, edit, problem }: Part) {
  return (
    <>
      <div className="field-row">
        <Field id="line-name" label={t`Name`} className="wide" problem={problem('name')}>
          <Form.Control
            value={draft.name}
            maxLength={80}
            onChange={(event) => { edit({ name: event.target.value }) }}
          />
        </Field>
        <Field id="line-ratio" label={t`Ratio`} className="narrow-ratio" problem={problem('ratio')}>
          <Form.Control
            value={draft.ratio}
            maxLength={30}
            onChange={(event) => { edit({ ratio: event.target.value }) }}
          />
        </Field>
      </div>
      <OneOf
        label={t`Kind`}
        all={KINDS}
        on={draft.kind}
        onChange={(kind) => {
          edit(
            kind === 'direct' || kind === 'care'
              ? { kind, ratio: 'no developer', order: ['colour'], developers: [] }
              : { kind: kind ?? 'permanent' },
          )
        }}
      />
      <FieldProblem problem={problem('kind')} />
      <Field
        id="line-order"
        label={t`The parts of its ratio, in the order in which they are printed`}
        problem={problem('order')}
      >
        <Form.Select
          value={draft.order.join()}
          onChange={(event) => { edit({ order: event.target.value.split(',') }) }}
        >
          {ORDERS.map(([value, words]) => <option key={value} value={value}>{words}</option>)}
        </Form.Select>
      </Field>
      <Developers draft={draft} edit={edit} problem={problem} />
      <MinutesField
        id="line-window"
        label={t`Minutes: least, usual, most`}
        value={draft.window}
        problem={problem('window')}
        onChange={(window) => { edit({ window }) }}
      />
      <Strengths draft={draft} edit={edit} problem={problem} />
      <div className="line-said">
        <span id="heat-words">{t`Heat is allowed`}</span>
        <OneOf
          label={t`Heat is allowed`}
          all={SAID}
          on={said(draft.heat)}
          clears
          onChange={(on) => { edit({ heat: unsaid(on) }) }}
        />
        <span>{t`It stops by itself`}</span>
        <OneOf
          label={t`It stops by itself`}
          all={SAID}
          on={said(draft.stops)}
          clears
          onChange={(on) => { edit({ stops: unsaid(on) }) }}
        />
      </div>
      <div className="field">
        <span className="form-label">{t`On one strand it must not meet a line that is`}</span>
        <div className="chips" role="group" aria-label={t`On one strand it must not meet`}>
          {KINDS.filter(([kind]) =>
            kind !== 'care',
          ).map(([kind, words]) => <button
            key={kind}
            type="button"
            className="chip"
            aria-pressed={draft.apart.includes(kind)}
            onClick={() => {
              edit({
                apart: draft.apart.includes(kind)
                  ? draft.apart.filter((each) => each !== kind)
                  : [...draft.apart, kind],
              })
            }}
          >{words}</button>)}
        </div>
        <FieldProblem problem={problem('apart')} />
      </div>
      <Field
        id="line-density"
        label={t`Grams per ml, of products that say no other`}
        className="narrow-ratio"
        problem={problem('density')}
      >
        <Form.Control
          inputMode="decimal"
          placeholder="1"
          maxLength={8}
          value={draft.density}
          onChange={(event) => { edit({ density: event.target.value }) }}
        />
      </Field>
      <Field id="line-about" label={t`In a sentence, for the team`}>
        <Form.Control
          value={draft.about}
          maxLength={300}
          onChange={(event) => { edit({ about: event.target.value }) }}
        />
      </Field>
    </>
  )
}

const said = (on: boolean | null) => (on === null ? null : on ? 'yes' : 'no')

const unsaid = (on: string | null) => (on === null ? null : on === 'yes')

function Developers({ draft, edit, problem }: Part) {
  const { data } = useQuery(shelfQuery)
  const offered = (data?.developers ?? []).filter((each) => !each.withdrawn || draft.developers.includes(each.id))
  return (
    <div className="field">
      <span className="form-label">{t`Developers that go with it`}</span>
      <div className="chips" role="group" aria-label={t`Developers that go with it`}>
        {offered.map((each) => {
          const on = draft.developers.includes(each.id)
          return (
            <button
              key={each.id}
              type="button"
              className="chip"
              aria-pressed={on}
              title={each.name}
              onClick={() => {
                edit({
                  developers: on ? draft.developers.filter((id) => id !== each.id) : [...draft.developers, each.id],
                })
              }}
            >{each.label}</button>
          )
        })}
        {offered.length === 0 ? (
          <Link to="/shelf/developers">
            {t`None on the shelf yet: the developers first; what is typed here is kept.`}
          </Link>
        ) : null}
      </div>
      <FieldProblem problem={problem('developers')} />
    </div>
  )
}
