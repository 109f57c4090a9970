import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { Refused } from '../../shared/api/http'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { Field } from '../../shared/ui/Field'
import { LevelField } from '../../shared/ui/LevelField'
import { ErrorNotice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import { Tones } from '../../shared/ui/Tones'
import { line as lineQuery } from './api'
import { saveProduct } from './lineApi'
import type { Line, Product } from './shapes'

const KINDS = [
  ['shade', t`shade`],
  ['booster', t`booster`],
  ['clear', t`clear`],
  ['lightener', t`lightener`],
  ['additive', t`additive`],
  ['base', t`gel or cream`],
  ['care', t`care`],
] as const

/**
 * One product: what is printed on it, what it holds, and level and tone by hand where its code says others or nothing.
 */
export function ShadeEditor({ line, product, onClose }: { line: Line; product: Product | null; onClose: () => void }) {
  const queries = useQueryClient()
  const ladder = useQuery(shelfQuery).data?.ladder ?? []
  const [said, setSaid] = useState(() => ({
    code: product?.said.code
      ?? '', name: product?.said.name
        ?? '', kind: product?.said.kind
          ?? 'shade', pack: product?.said.pack ?? '', density: product?.said.density ?? '',
    packCode: product?.said.packCode
      ?? '', price: product?.said.price
        ?? '', level: product?.said.level ?? null, tone: Object.keys(product?.said.tone ?? {}),
  }))
  const set = (next: Partial<typeof said>) => { save.reset(); setSaid({ ...said, ...next }) }
  const save = useMutation({
    mutationFn: (withdrawn: boolean) => saveProduct(
      line.id,
      product,
      { ...said, level: said.level ?? '', tone: weights(said.tone, product) },
      withdrawn,
    ),
    onSuccess: async (saved) => {
      queries.setQueryData(lineQuery(saved.id).queryKey, saved)
      await queries.invalidateQueries({ queryKey: shelfQuery.queryKey })
      onClose()
    },
  })
  const problem = (at: string) => (save.error instanceof Refused
    ? save.error.problems.find((each) =>
      each.pointer === `/product/${at}` || each.pointer.startsWith(`/product/${at}/`),
    )
    : undefined)
  const general = save.error !== null && !(save.error instanceof Refused && save.error.problems.length > 0)
    ? save.error
    : null
  const read = product?.read
  return (
    <Modal show onHide={onClose} size="lg" centered aria-labelledby="product-title">
      <Modal.Header closeButton>
        <Modal.Title id="product-title">
          {product === null ? t`A new product of ${line.line.name}` : `${line.line.name} ${product.said.code}`}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Form onSubmit={(event) => { event.preventDefault(); save.mutate(product?.withdrawn ?? false) }}>
          {general === null ? null : <ErrorNotice error={general} />}
          <div className="field-row">
            <Field id="product-code" label={t`Code`} problem={problem('code')}>
              <Form.Control
                autoFocus={product === null}
                maxLength={20}
                value={said.code}
                onChange={(event) => { set({ code: event.target.value }) }}
              />
            </Field>
            <Field id="product-name" label={t`Name`} className="wide" problem={problem('name')}>
              <Form.Control
                maxLength={80}
                value={said.name}
                onChange={(event) => { set({ name: event.target.value }) }}
              />
            </Field>
          </div>
          <OneOf
            label={t`Kind of product`}
            all={KINDS}
            on={said.kind}
            onChange={(kind) => { set({ kind: kind ?? 'shade' }) }}
          />
          <div className="field-row">
            <Field id="product-pack" label={t`A pack holds`} problem={problem('pack')}>
              <Form.Control
                placeholder={t`not known`}
                value={said.pack}
                onChange={(event) => { set({ pack: event.target.value }) }}
              />
            </Field>
            <Field id="product-price" label={t`Price of a pack`} problem={problem('price')}>
              <Form.Control
                inputMode="decimal"
                placeholder={t`not known`}
                value={said.price}
                onChange={(event) => { set({ price: event.target.value }) }}
              />
            </Field>
            <Field id="product-pack-code" label={t`Code on the pack (scan or type)`} problem={problem('packCode')}>
              <Form.Control
                maxLength={64}
                value={said.packCode}
                onKeyDown={(event) => { if (event.key === 'Enter') event.preventDefault() }}
                onChange={(event) => { set({ packCode: event.target.value }) }}
              />
            </Field>
            <Field id="product-density" label={t`g per ml`} className="narrow" problem={problem('density')}>
              <Form.Control
                inputMode="decimal"
                placeholder="1"
                value={said.density}
                onChange={(event) => { set({ density: event.target.value }) }}
              />
            </Field>
          </div>
          {said.kind === 'shade' || said.kind === 'booster' ? (
            <details
              className="line-more"
              open={said.level !== null || said.kind === 'booster' || (read?.unread ?? null) !== null}
            >
              <summary>
                {said.kind === 'booster' ? t`Its tone` : t`Level and tone by hand, instead of what its code says`}
              </summary>
              {read === null || read === undefined ? null : (
                <p className="quiet">
                  {read.unread ?? (read.steps.length === 0 ? '' : t`By its code: ${read.steps.join('; ')}.`)}
                </p>
              )}
              {said.kind === 'shade' ? (
                <LevelField
                  id="product-level"
                  label={t`Level`}
                  ladder={ladder}
                  value={said.level}
                  problem={problem('level')}
                  onChange={(level) => { set({ level }) }}
                />
              ) : null}
              <Tones label={t`Tone`} on={said.tone} onChange={(tone) => { set({ tone }) }} />
            </details>
          ) : null}
          <footer className="modal-foot">
            {product === null ? (
              <span />
            ) : (
              <Press kind="quiet" onPress={() => { save.mutate(!product.withdrawn) }}>
                {product.withdrawn ? t`Take it up again` : t`Withdraw: not to be had any more`}
              </Press>
            )}
            <Press submit kind="main" id="save-product" disabled={save.isPending}>
              {product === null ? t`Add it` : t`Save`}
            </Press>
          </footer>
        </Form>
      </Modal.Body>
    </Modal>
  )
}

/** The tones as they were weighed, where none was changed; else the first twice the second. */
function weights(tone: string[], product: Product | null): Record<string, string> {
  const before = product?.said.tone ?? {}
  if (Object.keys(before).join() === tone.join()) return before
  const [first, second] = tone
  if (first === undefined) return {}
  return second === undefined ? { [first]: '1' } : { [first]: '2', [second]: '1' }
}
