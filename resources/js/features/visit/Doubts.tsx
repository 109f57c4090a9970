import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { Press } from '../../shared/ui/Press'
import type { ShelfLine } from '../../shared/shelf/shelf'
import type { Entry } from './sheet'

type Named = { id: string; label: string }

/** What somebody is not sure of, and what it may have been instead. It is worked and warned about as said. */
export function InDoubt({
  entry,
  named,
  onChange,
}: { entry: Entry; named: Named[]; onChange: (change: Partial<Entry>) => void }) {
  if (entry.doubt !== true && (entry.or ?? []).length === 0) return null
  const labelOf = (id: string) => named.find((each) => each.id === id)?.label ?? id
  const others = named.filter((each) => each.id !== entry.product && !(entry.or ?? []).includes(each.id))
  return (
    <span className="wanted in-doubt">
      {t`not sure it was this`}{(entry.or ?? []).map((id) => t`, or ${labelOf(id)}`).join('')}{' '}
      <Form.Select
        aria-label={t`What ${labelOf(entry.product ?? '')} may have been instead`}
        value=""
        onChange={(event) => {
          if (event.target.value !== '') onChange({ doubt: true, or: [...(entry.or ?? []), event.target.value] })
        }}
      >
        <option value="">{t`or was it…`}</option>
        {others.map((each) => <option key={each.id} value={each.id}>{each.label}</option>)}
      </Form.Select>
      <Press kind="quiet" onPress={() => { onChange({ doubt: undefined, or: undefined }) }}>{t`I am sure`}</Press>
    </span>
  )
}

/** One of the part’s products that somebody is not sure of. */
export function AskDoubt({
  entries,
  named,
  onDoubt,
}: { entries: Entry[]; named: Named[]; onDoubt: (at: number) => void }) {
  const asked = entries.flatMap((entry, at) => (entry.product === undefined
    || entry.product === ''
    || entry.doubt === true
    ? []
    : [{ at, id: entry.product }]))
  if (asked.length === 0) return null
  return (
    <Form.Select
      className="left-over"
      aria-label={t`Not sure which it was`}
      value=""
      onChange={(event) => { if (event.target.value !== '') onDoubt(Number(event.target.value)) }}
    >
      <option value="">{t`not sure…`}</option>
      {asked.map((each) => <option key={each.at} value={each.at}>
        {t`it was ${named.find((one) => one.id === each.id)?.label ?? each.id}`}
      </option>)}
    </Form.Select>
  )
}

export const namesOf = (line: ShelfLine): Named[] => line.products.map((each) => ({ id: each.id, label: each.code }))
