import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { standIns } from './api'
import type { Sheet } from './shapes'

/** The nearest blends for a shade that is out; taking one keeps what was wanted and why. */
export function StandIns({ sheet, product, onTake, onClose }: { sheet: Sheet; product: string; onTake: (sheet: Sheet) => void; onClose: () => void }) {
  const [why, setWhy] = useState('out of stock')
  const found = useQuery({ queryKey: ['stand-ins', sheet, product, why], queryFn: () => standIns(sheet, product, why), retry: false })
  return (
    <Modal show onHide={onClose} centered aria-labelledby="stand-ins-title">
      <Modal.Header closeButton>
        <Modal.Title id="stand-ins-title">What can stand in</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Form.Control aria-label="Why" value={why} maxLength={300} onChange={(event) => { setWhy(event.target.value) }} />
        {found.error === null ? null : <ErrorNotice error={found.error} />}
        {found.data === undefined && found.error === null ? <Waiting what="the nearest blends" /> : null}
        {found.data?.map((blend) => (
          <div key={blend.words} className="stand-in">
            <div>
              <strong>{blend.words}</strong>
              <div className="quiet">{blend.differs === '' ? 'no difference' : blend.differs}; distance {blend.distance}</div>
            </div>
            <Press kind="main" onPress={() => { onTake(blend.sheet) }}>Take</Press>
          </div>
        ))}
      </Modal.Body>
    </Modal>
  )
}
