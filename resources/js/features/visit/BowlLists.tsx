import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import type { ShelfLine } from '../../shared/shelf/shelf'
import { problemAt } from './problems'
import { FieldProblem } from '../../shared/ui/Field'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import type { Sheet } from './shapes'

/** Heat phases, the jobs a bowl serves and what is mixed in beside it. */
export function BowlLists({
  sheet,
  line,
  error,
  set,
}: { sheet: Sheet; line: ShelfLine; error: Error | null; set: (change: Partial<Sheet>) => void }) {
  const { uses = [], extras = [], heat = [] } = sheet
  return (
    <>
      {heat.map((phase, at) => (
        <div key={at} className="detail-row">
          <OneOf
            label={t`Heat phase ${at + 1}`}
            all={[['with', t`with heat`], ['without', t`without heat`]]}
            on={phase.with ? 'with' : 'without'}
            onChange={(chosen) => {
              set({ heat: heat.map((each, index) => (index === at ? { ...each, with: chosen === 'with' } : each)) })
            }}
          />
          <Form.Control
            aria-label={t`Minutes of heat phase ${at + 1}`}
            inputMode="numeric"
            value={phase.minutes}
            isInvalid={problemAt(error, `/heat/${at}/minutes`) !== undefined}
            onChange={(event) => {
              set({ heat: heat.map((each, index) => (index === at ? { ...each, minutes: event.target.value } : each)) })
            }}
          />
          <Press
            kind="quiet"
            label={t`Take the heat phase out`}
            onPress={() => { set({ heat: heat.filter((_, index) => index !== at) }) }}
          >✕</Press>
          <FieldProblem problem={problemAt(error, `/heat/${at}/minutes`)} />
        </div>
      ))}
      {uses.map((use, at) => (
        <div key={at} className="detail-row">
          <Form.Control
            aria-label={t`Job ${at + 1}`}
            placeholder={t`job: foils, ends`}
            value={use.job}
            onChange={(event) => {
              set({ uses: uses.map((each, index) => (index === at ? { ...each, job: event.target.value } : each)) })
            }}
          />
          <Form.Control
            aria-label={t`Grams for job ${at + 1}`}
            placeholder={t`40 g`}
            value={use.grams}
            isInvalid={problemAt(error, `/uses/${at}/grams`) !== undefined}
            onChange={(event) => {
              set({ uses: uses.map((each, index) => (index === at ? { ...each, grams: event.target.value } : each)) })
            }}
          />
          <Press
            kind="quiet"
            label={t`Take the job out`}
            onPress={() => { set({ uses: uses.length === 1 ? undefined : uses.filter((_, index) => index !== at) }) }}
          >✕</Press>
          <FieldProblem problem={problemAt(error, `/uses/${at}/grams`) ?? problemAt(error, `/uses/${at}/job`)} />
        </div>
      ))}
      {extras.map((extra, at) => (
        <div key={at} className="detail-row">
          <Form.Select
            aria-label={t`Extra product ${at + 1}`}
            value={extra.product}
            onChange={(event) => {
              set({
                extras: extras.map((each, index) => (index === at ? { ...each, product: event.target.value } : each)),
              })
            }}
          >
            {line.products.map((product) => <option key={product.id} value={product.id}>
              {product.code} {product.name}
            </option>)}
          </Form.Select>
          <Form.Control
            aria-label={t`Grams of extra ${at + 1}`}
            placeholder={t`12 g`}
            value={extra.grams}
            isInvalid={problemAt(error, `/extras/${at}/grams`) !== undefined}
            onChange={(event) => {
              set({
                extras: extras.map((each, index) => (index === at ? { ...each, grams: event.target.value } : each)),
              })
            }}
          />
          <OneOf
            label={t`How extra ${at + 1} counts`}
            all={[['inside', t`inside the ratio`], ['on-top', t`on top`]]}
            on={extra.counts}
            onChange={(counts) => {
              set({
                extras: extras.map((each, index) => (index === at ? { ...each, counts: counts ?? undefined } : each)),
              })
            }}
          />
          <Press
            kind="quiet"
            label={t`Take the extra out`}
            onPress={() => {
              set({ extras: extras.length === 1 ? undefined : extras.filter((_, index) => index !== at) })
            }}
          >✕</Press>
          <FieldProblem
            problem={problemAt(error, `/extras/${at}/grams`) ?? problemAt(error, `/extras/${at}/product`)}
          />
        </div>
      ))}
    </>
  )
}
