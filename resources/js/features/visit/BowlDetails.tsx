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
  const said = [sheet.mark, sheet.hair, sheet.covering, sheet.until, uses.length > 0 ? `${uses.length} jobs` : undefined, extras.length > 0 ? `${extras.length} extra` : undefined].filter((each) => each !== undefined && each !== '').join(' · ')
  return (
    <details className="adjust">
      <summary>
        Bowl, clock and jobs <span className="quiet">{said}</span>
      </summary>
      <div className="field-row">
        <Field id="mark" label="The bowl on the bench"><Form.Control value={sheet.mark ?? ''} placeholder="the yellow one" maxLength={60} onChange={(event) => { set({ mark: orNone(event.target.value) }) }} /></Field>
        <Field id="purpose" label="For">
          <Form.Select value={sheet.purpose ?? 'service'} onChange={(event) => { set({ purpose: event.target.value === 'service' ? undefined : event.target.value }) }}>
            <option value="service">the service</option>
            <option value="trial">a test strand</option>
            <option value="protect">protecting</option>
          </Form.Select>
        </Field>
        <Field id="until" label="Stop at"><Form.Control value={sheet.until ?? ''} placeholder="until orange-gold" maxLength={80} onChange={(event) => { set({ until: orNone(event.target.value) }) }} /></Field>
      </div>
      <div className="zone-line"><span className="zone-what">Hair</span><OneOf label="Hair when it goes on" all={['dry', 'damp', 'wet']} on={sheet.hair} clears onChange={(hair) => { set({ hair: hair ?? undefined }) }} /></div>
      <div className="zone-line"><span className="zone-what">Cover</span><OneOf label="Covering" all={['open', 'foil', 'film', 'cap']} on={sheet.covering} clears onChange={(covering) => { set({ covering: covering ?? undefined }) }} /></div>
      <div className="field-row">
        <Field id="applying" label="Min to apply" problem={problemAt(error, '/applying')} className="narrow"><Form.Control inputMode="numeric" value={sheet.applying ?? ''} onChange={(event) => { set({ applying: orNone(event.target.value) }) }} /></Field>
        <Field id="clock" label="Clock starts">
          <Form.Select value={sheet.clock ?? ''} onChange={(event) => { set({ clock: orNone(event.target.value) }) }}>
            <option value="">as the house does</option>
            <option value="complete">when complete</option>
            <option value="first-touch">at first touch</option>
          </Form.Select>
        </Field>
        <Field id="after" label="Goes on after">
          <Form.Select value={sheet.after ?? ''} onChange={(event) => { set({ after: orNone(event.target.value) }) }}>
            <option value="">by itself</option>
            {others.map((bowl) => <option key={bowl.id} value={bowl.letter}>{bowl.letter} {bowl.job}</option>)}
          </Form.Select>
        </Field>
        {sheet.after === undefined ? null : (
          <>
            <Field id="plus" label="min" problem={problemAt(error, '/plus')} className="narrow"><Form.Control placeholder="20, 25 to 30" value={sheet.plus ?? ''} onChange={(event) => { set({ plus: orNone(event.target.value) }) }} /></Field>
            <Field id="after-from" label="counted from">
              <Form.Select value={sheet.afterFrom ?? ''} onChange={(event) => { set({ afterFrom: orNone(event.target.value) }) }}>
                <option value="">{sheet.plus === undefined || sheet.plus === '' ? 'when it is complete' : 'where its clock starts'}</option>
                <option value="first-touch">its first touch</option>
                <option value="last-touch">its last touch</option>
                <option value="end">its end: on for its last minutes</option>
                <option value="rinsed">its rinse</option>
              </Form.Select>
            </Field>
          </>
        )}
        <Field id="rinse" label="Rinsed">
          <Form.Select value={sheet.rinse ?? 'round'} onChange={(event) => { set({ rinse: event.target.value === 'round' ? undefined : event.target.value }) }}>
            <option value="round">with its round</option>
            <option value="own">by itself</option>
            <option value="not">not: stays under the next</option>
            {others.map((bowl) => <option key={bowl.id} value={bowl.letter}>with {bowl.letter}</option>)}
          </Form.Select>
        </Field>
        <Field id="through" label="Through, min before the end" problem={problemAt(error, '/through')} className="narrow"><Form.Control inputMode="numeric" value={sheet.through ?? ''} onChange={(event) => { set({ through: orNone(event.target.value) }) }} /></Field>
        <Field id="look-from" label="Look from min" problem={problemAt(error, '/lookFrom')} className="narrow"><Form.Control inputMode="numeric" value={sheet.lookFrom ?? ''} onChange={(event) => { set({ lookFrom: orNone(event.target.value) }) }} /></Field>
        <Field id="emulsify" label="Emulsify" problem={problemAt(error, '/emulsify')} className="narrow"><Form.Control inputMode="numeric" value={sheet.emulsify ?? ''} onChange={(event) => { set({ emulsify: orNone(event.target.value) }) }} /></Field>
      </div>
      <Field id="treatment" label="After the rinse"><Form.Control value={sheet.treatment ?? ''} maxLength={200} onChange={(event) => { set({ treatment: orNone(event.target.value) }) }} /></Field>
      {heat.map((phase, at) => (
        <div key={at} className="detail-row">
          <OneOf label={`Heat phase ${at + 1}`} all={['with heat', 'without heat']} on={phase.with ? 'with heat' : 'without heat'} onChange={(chosen) => { set({ heat: heat.map((each, index) => (index === at ? { ...each, with: chosen === 'with heat' } : each)) }) }} />
          <Form.Control aria-label={`Minutes of heat phase ${at + 1}`} inputMode="numeric" value={phase.minutes} onChange={(event) => { set({ heat: heat.map((each, index) => (index === at ? { ...each, minutes: event.target.value } : each)) }) }} />
          <Press kind="quiet" label="Take the heat phase out" onPress={() => { set({ heat: heat.filter((_, index) => index !== at) }) }}>✕</Press>
        </div>
      ))}
      {uses.map((use, at) => (
        <div key={at} className="detail-row">
          <Form.Control aria-label={`Job ${at + 1}`} placeholder="job: foils, ends" value={use.job} onChange={(event) => { set({ uses: uses.map((each, index) => (index === at ? { ...each, job: event.target.value } : each)) }) }} />
          <Form.Control aria-label={`Grams for job ${at + 1}`} placeholder="40 g" value={use.grams} isInvalid={problemAt(error, `/uses/${at}/grams`) !== undefined} onChange={(event) => { set({ uses: uses.map((each, index) => (index === at ? { ...each, grams: event.target.value } : each)) }) }} />
          <Press kind="quiet" label="Take the job out" onPress={() => { set({ uses: uses.length === 1 ? undefined : uses.filter((_, index) => index !== at) }) }}>✕</Press>
        </div>
      ))}
      {extras.map((extra, at) => (
        <div key={at} className="detail-row">
          <Form.Select aria-label={`Extra product ${at + 1}`} value={extra.product} onChange={(event) => { set({ extras: extras.map((each, index) => (index === at ? { ...each, product: event.target.value } : each)) }) }}>
            {line.products.map((product) => <option key={product.id} value={product.id}>{product.code} {product.name}</option>)}
          </Form.Select>
          <Form.Control aria-label={`Grams of extra ${at + 1}`} placeholder="12 g" value={extra.grams} onChange={(event) => { set({ extras: extras.map((each, index) => (index === at ? { ...each, grams: event.target.value } : each)) }) }} />
          <OneOf label={`How extra ${at + 1} counts`} all={[['inside', 'inside the ratio'], ['on-top', 'on top']]} on={extra.counts} onChange={(counts) => { set({ extras: extras.map((each, index) => (index === at ? { ...each, counts: counts ?? undefined } : each)) }) }} />
          <Press kind="quiet" label="Take the extra out" onPress={() => { set({ extras: extras.length === 1 ? undefined : extras.filter((_, index) => index !== at) }) }}>✕</Press>
        </div>
      ))}
      <div className="chips">
        <Press kind="quiet" onPress={() => { set({ heat: [...heat, { with: heat.length % 2 === 0, minutes: 15 }] }) }}>+ heat phase</Press>
        <Press kind="quiet" onPress={() => { set({ uses: [...uses, { job: '', grams: '' }] }) }}>+ job it serves</Press>
        <Press kind="quiet" onPress={() => { set({ extras: [...extras, { product: line.products[0]?.id ?? '', grams: '' }] }) }}>+ extra beside</Press>
      </div>
    </details>
  )
}
