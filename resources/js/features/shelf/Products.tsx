import { t } from '@lingui/core/macro'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Field } from '../../shared/ui/Field'
import { Press } from '../../shared/ui/Press'
import type { Line, Product, Read } from './shapes'
import type { Tried } from './lineApi'
import type { LineDraft } from './lineDraft'
import { ShadeEditor } from './ShadeEditor'
import { TableImport } from './TableImport'

/**
 * A line's products as a wall, each with what is read of it by the legend as it is typed; what is not read is marked,
 * and kept.
 */
export function Products({
  line,
  draft,
  tried,
  writes,
  edit,
}: {
  line: Line | null
  draft: LineDraft
  tried: Tried | null
  writes: boolean
  edit: (next: Partial<LineDraft>) => void
}) {
  const [open, setOpen] = useState<Product | 'new' | 'table' | null>(null)
  const byCode = new Map((tried?.codes ?? []).map((each) => [each.code, each.read]))
  const withdrawn = line?.products.filter((each) => each.withdrawn) ?? []
  const standing = line?.products.filter((each) => !each.withdrawn) ?? []
  const readOf = (product: Product) => (product.said.kind === 'shade'
    && product.said.level === undefined
    && product.said.tone === undefined
    ? (byCode.get(product.said.code) ?? product.read)
    : product.read)
  const unread = line === null
    ? (tried?.codes ?? []).filter((each) => each.read?.unread !== null).length
    : standing.filter((each) => (readOf(each)?.unread ?? null) !== null).length
  const tile = (product: Product) => (
    <Tile
      key={product.id}
      code={product.said.code}
      name={product.said.name}
      read={readOf(product)}
      onPress={writes ? () => { setOpen(product) } : undefined}
    />
  )
  return (
    <section className="line-products" aria-label={t`Products`}>
      <div className="page-head">
        <h2>{t`Products`}</h2>
        <span className={unread > 0 ? 'unread-count' : 'quiet'} role="status">
          {unread === 0 ? '' : t`${String(unread)} ${unread === 1 ? t`code is` : t`codes are`} not read by this legend`}
        </span>
        {line !== null && writes ? (
          <span className="notice-actions">
            <Press id="add-product" onPress={() => { setOpen('new') }}>{t`+ Product`}</Press>
            <Press id="bring-table" onPress={() => { setOpen('table') }}>{t`Bring in a table`}</Press>
            <a className="btn btn-link press" href={`/api/lines/${line.id.replace('line-', '')}/table`} download>
              {t`Table out`}
            </a>
          </span>
        ) : null}
      </div>
      {line === null ? (
        <>
          <Field id="line-codes" label={t`Paste the codes of its shades here, to try the legend on them`}>
            <Form.Control
              as="textarea"
              rows={4}
              value={draft.codes}
              onChange={(event) => { edit({ codes: event.target.value }) }}
              placeholder={t`6N, 7N, 7G …`}
            />
          </Field>
          <div className="shade-wall">
            {(tried?.codes ?? []).map((each) => <Tile key={each.code} code={each.code} read={each.read} />)}
          </div>
          <p className="quiet">
            {(tried?.codes ?? []).length === 0
              ? t`Each appears with its level and tone as you type.`
              : t`They become products with the line; packs, prices and the rest come after.`}
          </p>
        </>
      ) : (
        <>
          <div className="shade-wall">
            {standing.map(tile)}
          </div>
          {standing.length === 0 ? (
            <p className="quiet">{t`No product yet: add one, or bring in a table of them.`}</p>
          ) : null}
          {withdrawn.length === 0 ? null : (
            <details className="line-more"><summary>{t`${withdrawn.length} withdrawn`}</summary>
              <div className="shade-wall withdrawn">
                {withdrawn.map(tile)}
              </div>
            </details>
          )}
        </>
      )}
      {line !== null && (open === 'new' || (open !== null && typeof open === 'object')) ? (
        <ShadeEditor
          key={open === 'new' ? 'new' : open.id}
          line={line}
          product={open === 'new' ? null : open}
          onClose={() => { setOpen(null) }}
        />
      ) : null}
      {line !== null && open === 'table' ? <TableImport line={line} onClose={() => { setOpen(null) }} /> : null}
    </section>
  )
}

/** A swatch with its code, and what is read of it. */
export function Tile({
  code,
  name,
  read,
  onPress,
}: { code: string; name?: string; read: Read | null; onPress?: () => void }) {
  const words = read === null
    ? ''
    : read.unread !== null
    ? t`not read`
    : [read.level, read.tone].filter((each) => each !== null && each !== '').join(' ')
  const inside = (
    <>
      <span className="shade-swatch" style={{ background: read?.swatch ?? '#d8d2c6' }} />
      <span className="shade-code">{code}</span>
      <span className="shade-read">{words}</span>
    </>
  )
  const how = read === null
    ? name
    : [name, ...(read.unread === null ? read.steps : [read.unread])].filter((each) =>
      each !== undefined && each !== '',
    ).join('; ')
  return onPress === undefined
    ? <span className={`shade ${read?.unread != null ? 'shade-unread' : ''}`} title={how}>{inside}</span>
    : <button
      type="button"
      className={`shade ${read?.unread != null ? 'shade-unread' : ''}`}
      title={how}
      onClick={onPress}
    >{inside}</button>
}
