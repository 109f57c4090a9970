import { t } from '@lingui/core/macro'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { readsOunces } from '../../shared/format/mass'
import { Press } from '../../shared/ui/Press'
import { language } from '../../shared/words/i18n'

const PAD = ['7', '8', '9', '4', '5', '6', '1', '2', '3', language === 'pt' ? ',' : '.', '0', '⌫']

/** Grams typed by hand: by keyboard, or on a pad with large keys. A house that reads ounces has a key for them. */
export function HandEntry({
  label,
  first,
  onEnter,
  onCancel,
}: { label: string; first: string; onEnter: (grams: string) => void; onCancel: () => void }) {
  const [text, setText] = useState(first)
  const ounces = readsOunces()
  const press = (key: string) => { setText(key === '⌫' ? text.slice(0, -1) : text + key) }
  return (
    <Form
      className="hand-entry"
      onSubmit={(event) => {
        event.preventDefault()
        if (text.trim() !== '') onEnter(text)
      }}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onCancel()
      }}
    >
      <label htmlFor="hand">{t`${label}, ${ounces ? t`grams or oz` : t`grams`} by hand`}</label>
      <Form.Control
        id="hand"
        autoFocus
        size="lg"
        inputMode="none"
        autoComplete="off"
        value={text}
        onChange={(event) => { setText(event.target.value) }}
      />
      <div className="pad" aria-hidden="true">
        {PAD.map((key) => (
          <button key={key} type="button" tabIndex={-1} onClick={() => { press(key) }}>
            {key}
          </button>
        ))}
        {ounces ? (
          <button
            type="button"
            tabIndex={-1}
            className="pad-wide"
            onClick={() => { setText(`${text.replace(/ oz$/, '')} oz`) }}
          >{t`oz`}</button>
        ) : null}
      </div>
      <div className="hand-actions">
        <Press size="bench" onPress={onCancel} hint="Esc">
          {t`Back`}
        </Press>
        <Press kind="main" size="bench" submit disabled={text.trim() === ''} hint="Enter" id="hand-enter">
          {t`Record`}
        </Press>
      </div>
    </Form>
  )
}
