import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import type { Shelf, ShelfLine } from '../../shared/shelf/shelf'
import { Field } from '../../shared/ui/Field'
import { AMOUNTS } from './bowlWords'
import { problemAt } from './problems'
import type { Sheet } from './shapes'

interface AmountFieldsProps {
  sheet: Sheet
  line: ShelfLine
  shelf: Shelf
  error: Error | null
  set: (change: Partial<Sheet>) => void
  onRatio: (text: string) => void
}

/** How much of a bowl, given by which of its parts, in which ratio, for how long. */
export function AmountFields({ sheet, line, shelf, error, set, onRatio }: AmountFieldsProps) {
  return (
    <div className="field-row">
      <Field id="amount-of" label={t`Given by`} problem={problemAt(error, '/amount/of')}>
        <Form.Select
          value={sheet.amount.of}
          onChange={(event) => {
            const of = event.target.value as Sheet['amount']['of']
            set({
              amount: {
                ...sheet.amount,
                of,
                ingredient: of === 'ingredient' ? (sheet.parts[0]?.ingredients[0]?.product ?? null) : null,
              },
            })
          }}
        >
          {AMOUNTS.map(([of, words]) => (
            <option key={of} value={of}>
              {words}
            </option>
          ))}
        </Form.Select>
      </Field>
      {sheet.amount.of === 'shares' ? null : (
        <Field id="amount" label={t`Amount`} problem={problemAt(error, '/amount/grams')}>
          <Form.Control
            value={sheet.amount.grams}
            placeholder={t`not said`}
            inputMode="decimal"
            onChange={(event) => { set({ amount: { ...sheet.amount, grams: event.target.value } }) }}
          />
        </Field>
      )}
      {sheet.amount.of === 'ingredient' ? (
        <Field id="amount-product" label={t({ message: 'of', context: 'amount' })}>
          <Form.Select
            value={sheet.amount.ingredient ?? ''}
            onChange={(event) => { set({ amount: { ...sheet.amount, ingredient: event.target.value } }) }}
          >
            {sheet.parts.flatMap((part) => part.ingredients).map((entry) => (
              <option key={entry.product ?? entry.blend} value={entry.product}>
                {line.products.find((product) => product.id === entry.product)?.code
                  ?? shelf.developers.find((each) => each.id === entry.product)?.label}
              </option>
            ))}
          </Form.Select>
        </Field>
      ) : null}
      <Field id="ratio" label={t`Ratio`} problem={problemAt(error, '/ratio')}>
        <Form.Control
          value={sheet.ratio}
          placeholder={line.ratio}
          onChange={(event) => { onRatio(event.target.value) }}
        />
      </Field>
      <Field id="minutes" label={t`Minutes`} problem={problemAt(error, '/minutes')} className="minutes">
        <Form.Control
          value={sheet.minutes ?? ''}
          placeholder={String(line.window.target)}
          onChange={(event) => { set({ minutes: event.target.value === '' ? null : event.target.value }) }}
        />
      </Field>
    </div>
  )
}
