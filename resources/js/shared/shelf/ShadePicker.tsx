import { t } from '@lingui/core/macro'
import { useMemo, useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import type { ShelfLine } from './shelf'

type Product = ShelfLine['products'][number]
/** Anything that may be picked: a product of the line, or one of its developers. */
type Pickable = Pick<Product, 'id' | 'code' | 'name' | 'swatch'> & { packCode?: string }

/** The line's shades as a wall of swatches; typing narrows it, Enter takes the first. */
export function ShadePicker({
  line,
  title = line.name,
  kinds,
  also = [],
  without = [],
  onPick,
  onClose,
}: {
  line: ShelfLine
  title?: string
  kinds: 'colour' | 'additive' | 'all'
  also?: Pickable[]
  without?: string[]
  onPick: (product: Pickable) => void
  onClose: () => void
}) {
  const [search, setSearch] = useState('')
  const shown = useMemo(() => {
    const wanted = search.toLowerCase().replaceAll(' ', '').replaceAll(',', '.')
    const offered: Pickable[] = line.products.filter((product) =>
      (kinds === 'all' || (product.kind === 'additive') === (kinds === 'additive')) && !product.withdrawn,
    )
    return [...offered, ...also]
      .filter((product) => !without.includes(product.id))
      .filter((product) => (product.packCode !== undefined
        && product.packCode !== ''
        && product.packCode.toLowerCase() === wanted)
        || product.code.toLowerCase().replaceAll(' ', '').startsWith(wanted)
        || (wanted.length > 2 && product.name.toLowerCase().replaceAll(' ', '').includes(wanted)))
  }, [line, kinds, also, without, search])
  return (
    <Modal show onHide={onClose} size="lg" centered aria-labelledby="picker-title">
      <Modal.Header closeButton>
        <Modal.Title id="picker-title">{title}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Form
          onSubmit={(event) => {
            event.preventDefault()
            const first = shown[0]
            if (first !== undefined) onPick(first)
          }}
        >
          <Form.Control
            autoFocus
            size="lg"
            aria-label={t`Shade code`}
            placeholder={kinds === 'all' ? t`Type a code or a strength, such as 6n or 20` : t`Type a code, such as 6n`}
            value={search}
            onChange={(event) => { setSearch(event.target.value) }}
            id="shade-search"
          />
        </Form>
        {shown.length === 0 ? <p className="quiet">{t`No such shade in ${line.name}.`}</p> : null}
        <div className="shade-wall">
          {shown.map((product) => (
            <button
              key={product.id}
              type="button"
              className="shade"
              onClick={() => { onPick(product) }}
              title={product.name}
            >
              <span className="shade-swatch" style={{ background: product.swatch }} />
              <span className="shade-code">{product.code}</span>
            </button>
          ))}
        </div>
      </Modal.Body>
    </Modal>
  )
}
