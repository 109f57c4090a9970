import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import Form from 'react-bootstrap/Form'
import { Field } from '../../shared/ui/Field'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import { BowlClock } from './BowlClock'
import { BowlLists } from './BowlLists'
import { orNone } from './orNone'
import type { Shelf, ShelfLine } from '../../shared/shelf/shelf'
import type { Sheet, Visit } from './shapes'
import { ZoneLine } from './ZoneLine'

/**
 * What is said around the formula: its sign on the bench, hair and heat, its clock, what it also serves, what went in
 * beside.
 */
export function BowlDetails({
  line,
  sheet,
  visit,
  error,
  onChange,
}: {
  shelf: Shelf
  line: ShelfLine
  sheet: Sheet
  visit: Visit
  error: Error | null
  onChange: (sheet: Sheet) => void
}) {
  const set = (change: Partial<Sheet>) => { onChange({ ...sheet, ...change }) }
  const others = visit.rounds.flatMap((round) => round.bowls).filter((bowl) => bowl.letter !== sheet.letter)
  const uses = sheet.uses ?? []
  const extras = sheet.extras ?? []
  const heat = sheet.heat ?? []
  const said = [
    sheet.mark,
    sheet.hair,
    sheet.covering,
    sheet.until,
    uses.length > 0 ? t`${uses.length} jobs` : undefined,
    extras.length > 0 ? t`${extras.length} extra` : undefined,
  ].filter((each) => each !== undefined && each !== '').join(' · ')
  return (
    <details className="adjust">
      <summary>
        <Trans>Bowl, clock and jobs <span className="quiet">{said}</span></Trans>
      </summary>
      <div className="field-row">
        <Field id="mark" label={t`The bowl on the bench`}>
          <Form.Control
            value={sheet.mark ?? ''}
            placeholder={t`the yellow one`}
            maxLength={60}
            onChange={(event) => { set({ mark: orNone(event.target.value) }) }}
          />
        </Field>
        <Field id="purpose" label={t`For`}>
          <Form.Select
            value={sheet.purpose ?? 'service'}
            onChange={(event) => {
              set({ purpose: event.target.value === 'service' ? undefined : event.target.value })
            }}
          >
            <option value="service">{t`the service`}</option>
            <option value="trial">{t`a test strand`}</option>
            <option value="protect">{t`protecting`}</option>
          </Form.Select>
        </Field>
        <Field id="until" label={t`Stop at`}>
          <Form.Control
            value={sheet.until ?? ''}
            placeholder={t`until orange-gold`}
            maxLength={80}
            onChange={(event) => { set({ until: orNone(event.target.value) }) }}
          />
        </Field>
      </div>
      <ZoneLine what={t`Hair`}>
        <OneOf
          label={t`Hair when it goes on`}
          all={['dry', 'damp', 'wet']}
          on={sheet.hair}
          clears
          onChange={(hair) => { set({ hair: hair ?? undefined }) }}
        />
      </ZoneLine>
      <ZoneLine what={t`Cover`}>
        <OneOf
          label={t`Covering`}
          all={['open', 'foil', 'film', 'cap']}
          on={sheet.covering}
          clears
          onChange={(covering) => { set({ covering: covering ?? undefined }) }}
        />
      </ZoneLine>
      <BowlClock sheet={sheet} others={others} error={error} set={set} />
      <Field id="treatment" label={t`After the rinse`}>
        <Form.Control
          value={sheet.treatment ?? ''}
          maxLength={200}
          onChange={(event) => { set({ treatment: orNone(event.target.value) }) }}
        />
      </Field>
      <BowlLists sheet={sheet} line={line} error={error} set={set} />
      <div className="chips">
        <Press kind="quiet" onPress={() => { set({ heat: [...heat, { with: heat.length % 2 === 0, minutes: 15 }] }) }}>
          {t`+ heat phase`}
        </Press>
        <Press kind="quiet" onPress={() => { set({ uses: [...uses, { job: '', grams: '' }] }) }}>
          {t`+ job it serves`}
        </Press>
        <Press
          kind="quiet"
          onPress={() => { set({ extras: [...extras, { product: line.products[0]?.id ?? '', grams: '' }] }) }}
        >{t`+ extra beside`}</Press>
      </div>
    </details>
  )
}
