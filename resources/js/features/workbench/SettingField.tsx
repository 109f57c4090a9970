import { named } from '../../shared/words/named'
import Form from 'react-bootstrap/Form'
import type { Shelf } from '../../shared/shelf/shelf'
import { linesFor, type Setting } from './tools'

/** One setting of an instrument, by its kind. */
export function SettingField({
  setting,
  value,
  shelf,
  onChange,
}: { setting: Setting; value: string; shelf: Shelf; onChange: (value: string) => void }) {
  const id = `set-${setting.name}`
  if (setting.kind === 'yes')
    return (
      <button
        type="button"
        className="chip"
        aria-pressed={value === '1'}
        onClick={() => { onChange(value === '1' ? '0' : '1') }}
      >
        {setting.label}
      </button>
    )
  return (
    <Form.Group controlId={id} className={`field setting-${setting.kind}`}>
      <Form.Label>
        {setting.label}
        {setting.kind === 'slide' ? <strong className="slide-value">{value}{setting.unit}</strong> : null}
      </Form.Label>
      {setting.kind === 'text' ? (
        <Form.Control value={value} placeholder={setting.hint} onChange={(event) => { onChange(event.target.value) }} />
      ) : null}
      {setting.kind === 'slide' ? (
        <Form.Range
          min={setting.least}
          max={setting.most}
          step={setting.step}
          value={value}
          onChange={(event) => { onChange(event.target.value) }}
        />
      ) : null}
      {setting.kind === 'choice' || setting.kind === 'line' ? (
        <Form.Select value={value} onChange={(event) => { onChange(event.target.value) }}>
          {(setting.kind === 'line'
            ? linesFor(
              setting.of,
              shelf.lines.filter((line) => !line.withdrawn),
            ).map((line) => [line.id, line.name] as const)
            : setting.options).map(([option, words]) => (
            <option key={option} value={option}>
              {setting.kind === 'line' ? words : named(words)}
            </option>
          ))}
        </Form.Select>
      ) : null}
    </Form.Group>
  )
}
