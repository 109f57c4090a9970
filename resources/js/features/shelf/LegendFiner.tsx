import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import type { Problem } from '../../shared/api/http'
import { Field } from '../../shared/ui/Field'
import { OneOf } from '../../shared/ui/OneOf'
import type { LineDraft } from './lineDraft'

/** What is seldom other than usual. */
export function Finer({
  draft,
  edit,
  problem,
}: { draft: LineDraft; edit: (next: Partial<LineDraft>) => void; problem: (at: string) => Problem | undefined }) {
  const digits = draft.notation === 'digits'
  return (
    <details className="line-more" open={draft.lowest !== '' || draft.highest !== '' || draft.primary !== ''}>
      <summary>{t`Levels, doubling, zeros`}</summary>
      <div className="field-row">
        <Field id="legend-lowest" label={t`Lowest level`} className="narrow" problem={problem('levels')}>
          <Form.Control
            inputMode="numeric"
            placeholder="1"
            value={draft.lowest}
            onChange={(event) => { edit({ lowest: event.target.value }) }}
          />
        </Field>
        <Field id="legend-highest" label={t`Highest`} className="narrow">
          <Form.Control
            inputMode="numeric"
            placeholder="12"
            value={draft.highest}
            onChange={(event) => { edit({ highest: event.target.value }) }}
          />
        </Field>
        <Field id="legend-primary" label={t`The first tone weighs, to the second’s 1`} problem={problem('primary')}>
          <Form.Control
            inputMode="decimal"
            placeholder={t`as the house has it`}
            value={draft.primary}
            onChange={(event) => { edit({ primary: event.target.value }) }}
          />
        </Field>
      </div>
      {digits ? (
        <div className="line-said">
          <span>{t`A doubled level (44/65) is intense`}</span>
          <OneOf
            label={t`A doubled level is intense`}
            all={[['yes', t`yes`], ['no', t`no`]]}
            on={draft.doubledLevel === false ? 'no' : 'yes'}
            onChange={(on) => { edit({ doubledLevel: on === 'no' ? false : null }) }}
          />
          <span>{t`A zero before a tone (.03)`}</span>
          <OneOf
            label={t`A zero before a tone`}
            all={[['mutes', t`mutes it`], ['natural', t`is natural with a touch`]]}
            on={draft.zero === 'natural' ? 'natural' : 'mutes'}
            onChange={(zero) => { edit({ zero: zero === 'natural' ? 'natural' : '' }) }}
          />
        </div>
      ) : (
        <div className="line-said">
          <span>{t`Two letters (CG) weigh`}</span>
          <OneOf
            label={t`Two letters weigh`}
            all={[['equal', t`the same`], ['first', t`the first more`]]}
            on={draft.lettersEqual === false ? 'first' : 'equal'}
            onChange={(on) => { edit({ lettersEqual: on === 'first' ? false : null }) }}
          />
        </div>
      )}
    </details>
  )
}
