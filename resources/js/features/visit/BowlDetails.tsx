import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import Form from 'react-bootstrap/Form'
import { Field } from '../../shared/ui/Field'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import { problemAt } from './problems'
import type { Shelf, ShelfLine } from '../../shared/shelf/shelf'
import type { Sheet, Visit } from './shapes'

const orNone = (text: string) => (text === '' ? undefined : text)

/** What is said around the formula: its sign on the bench, hair and heat, its clock, what it also serves, what went in beside. */
export function BowlDetails({ line, sheet, visit, error, onChange }: { shelf: Shelf; line: ShelfLine; sheet: Sheet; visit: Visit; error: Error | null; onChange: (sheet: Sheet) => void }) {
  const set = (change: Partial<Sheet>) => { onChange({ ...sheet, ...change }) }
  const others = visit.rounds.flatMap((round) => round.bowls).filter((bowl) => bowl.letter !== sheet.letter)
  const uses = sheet.uses ?? []
  const extras = sheet.extras ?? []
  const heat = sheet.heat ?? []
  const said = [sheet.mark, sheet.hair, sheet.covering, sheet.until, uses.length > 0 ? t`${uses.length} jobs` : undefined, extras.length > 0 ? t`${extras.length} extra` : undefined].filter((each) => each !== undefined && each !== '').join(' · ')
  return (
    <details className="adjust">
      <summary>
        <Trans>Bowl, clock and jobs <span className="quiet">{said}</span></Trans>
      </summary>
      <div className="field-row">
        <Field id="mark" label={t`The bowl on the bench`}><Form.Control value={sheet.mark ?? ''} placeholder={t`the yellow one`} maxLength={60} onChange={(event) => { set({ mark: orNone(event.target.value) }) }} /></Field>
        <Field id="purpose" label={t`For`}>
          <Form.Select value={sheet.purpose ?? 'service'} onChange={(event) => { set({ purpose: event.target.value === 'service' ? undefined : event.target.value }) }}>
            <option value="service">{t`the service`}</option>
            <option value="trial">{t`a test strand`}</option>
            <option value="protect">{t`protecting`}</option>
          </Form.Select>
        </Field>
        <Field id="until" label={t`Stop at`}><Form.Control value={sheet.until ?? ''} placeholder={t`until orange-gold`} maxLength={80} onChange={(event) => { set({ until: orNone(event.target.value) }) }} /></Field>
      </div>
      <div className="zone-line"><span className="zone-what">{t`Hair`}</span><OneOf label={t`Hair when it goes on`} all={['dry', 'damp', 'wet']} on={sheet.hair} clears onChange={(hair) => { set({ hair: hair ?? undefined }) }} /></div>
      <div className="zone-line"><span className="zone-what">{t`Cover`}</span><OneOf label={t`Covering`} all={['open', 'foil', 'film', 'cap']} on={sheet.covering} clears onChange={(covering) => { set({ covering: covering ?? undefined }) }} /></div>
      <div className="field-row">
        <Field id="applying" label={t`Min to apply`} problem={problemAt(error, '/applying')} className="narrow"><Form.Control inputMode="numeric" value={sheet.applying ?? ''} onChange={(event) => { set({ applying: orNone(event.target.value) }) }} /></Field>
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
            <Field id="plus" label="min" problem={problemAt(error, '/plus')} className="narrow"><Form.Control placeholder={t`20, 25 to 30`} value={sheet.plus ?? ''} onChange={(event) => { set({ plus: orNone(event.target.value) }) }} /></Field>
            <Field id="after-from" label={t`counted from`}>
              <Form.Select value={sheet.afterFrom ?? ''} onChange={(event) => { set({ afterFrom: orNone(event.target.value) }) }}>
                <option value="">{sheet.plus === undefined || sheet.plus === '' ? t`when it is complete` : t`where its clock starts`}</option>
                <option value="first-touch">{t`its first touch`}</option>
                <option value="last-touch">{t`its last touch`}</option>
                <option value="end">{t`its end: on for its last minutes`}</option>
                <option value="rinsed">{t`its rinse`}</option>
              </Form.Select>
            </Field>
          </>
        )}
        <Field id="rinse" label={t`Rinsed`}>
          <Form.Select value={sheet.rinse ?? 'round'} onChange={(event) => { set({ rinse: event.target.value === 'round' ? undefined : event.target.value }) }}>
            <option value="round">{t`with its round`}</option>
            <option value="own">{t`by itself`}</option>
            <option value="not">{t`not: stays under the next`}</option>
            {others.map((bowl) => <option key={bowl.id} value={bowl.letter}>{t`with ${bowl.letter}`}</option>)}
          </Form.Select>
        </Field>
        <Field id="through" label={t`Through, min before the end`} problem={problemAt(error, '/through')} className="narrow"><Form.Control inputMode="numeric" value={sheet.through ?? ''} onChange={(event) => { set({ through: orNone(event.target.value) }) }} /></Field>
        <Field id="look-from" label={t`Look from min`} problem={problemAt(error, '/lookFrom')} className="narrow"><Form.Control inputMode="numeric" value={sheet.lookFrom ?? ''} onChange={(event) => { set({ lookFrom: orNone(event.target.value) }) }} /></Field>
        <Field id="emulsify" label={t`Emulsify`} problem={problemAt(error, '/emulsify')} className="narrow"><Form.Control inputMode="numeric" value={sheet.emulsify ?? ''} onChange={(event) => { set({ emulsify: orNone(event.target.value) }) }} /></Field>
      </div>
      <Field id="treatment" label={t`After the rinse`}><Form.Control value={sheet.treatment ?? ''} maxLength={200} onChange={(event) => { set({ treatment: orNone(event.target.value) }) }} /></Field>
      {heat.map((phase, at) => (
        <div key={at} className="detail-row">
          <OneOf label={t`Heat phase ${at + 1}`} all={[['with', t`with heat`], ['without', t`without heat`]]} on={phase.with ? 'with' : 'without'} onChange={(chosen) => { set({ heat: heat.map((each, index) => (index === at ? { ...each, with: chosen === 'with' } : each)) }) }} />
          <Form.Control aria-label={t`Minutes of heat phase ${at + 1}`} inputMode="numeric" value={phase.minutes} onChange={(event) => { set({ heat: heat.map((each, index) => (index === at ? { ...each, minutes: event.target.value } : each)) }) }} />
          <Press kind="quiet" label={t`Take the heat phase out`} onPress={() => { set({ heat: heat.filter((_, index) => index !== at) }) }}>✕</Press>
        </div>
      ))}
      {uses.map((use, at) => (
        <div key={at} className="detail-row">
          <Form.Control aria-label={t`Job ${at + 1}`} placeholder={t`job: foils, ends`} value={use.job} onChange={(event) => { set({ uses: uses.map((each, index) => (index === at ? { ...each, job: event.target.value } : each)) }) }} />
          <Form.Control aria-label={t`Grams for job ${at + 1}`} placeholder={t`40 g`} value={use.grams} isInvalid={problemAt(error, `/uses/${at}/grams`) !== undefined} onChange={(event) => { set({ uses: uses.map((each, index) => (index === at ? { ...each, grams: event.target.value } : each)) }) }} />
          <Press kind="quiet" label={t`Take the job out`} onPress={() => { set({ uses: uses.length === 1 ? undefined : uses.filter((_, index) => index !== at) }) }}>✕</Press>
        </div>
      ))}
      {extras.map((extra, at) => (
        <div key={at} className="detail-row">
          <Form.Select aria-label={t`Extra product ${at + 1}`} value={extra.product} onChange={(event) => { set({ extras: extras.map((each, index) => (index === at ? { ...each, product: event.target.value } : each)) }) }}>
            {line.products.map((product) => <option key={product.id} value={product.id}>{product.code} {product.name}</option>)}
          </Form.Select>
          <Form.Control aria-label={t`Grams of extra ${at + 1}`} placeholder={t`12 g`} value={extra.grams} onChange={(event) => { set({ extras: extras.map((each, index) => (index === at ? { ...each, grams: event.target.value } : each)) }) }} />
          <OneOf label={t`How extra ${at + 1} counts`} all={[['inside', t`inside the ratio`], ['on-top', t`on top`]]} on={extra.counts} onChange={(counts) => { set({ extras: extras.map((each, index) => (index === at ? { ...each, counts: counts ?? undefined } : each)) }) }} />
          <Press kind="quiet" label={t`Take the extra out`} onPress={() => { set({ extras: extras.length === 1 ? undefined : extras.filter((_, index) => index !== at) }) }}>✕</Press>
        </div>
      ))}
      <div className="chips">
        <Press kind="quiet" onPress={() => { set({ heat: [...heat, { with: heat.length % 2 === 0, minutes: 15 }] }) }}>{t`+ heat phase`}</Press>
        <Press kind="quiet" onPress={() => { set({ uses: [...uses, { job: '', grams: '' }] }) }}>{t`+ job it serves`}</Press>
        <Press kind="quiet" onPress={() => { set({ extras: [...extras, { product: line.products[0]?.id ?? '', grams: '' }] }) }}>{t`+ extra beside`}</Press>
      </div>
    </details>
  )
}
