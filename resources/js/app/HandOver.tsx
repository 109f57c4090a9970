import { t } from '@lingui/core/macro'
import Modal from 'react-bootstrap/Modal'
import type { Session } from '../shared/session/session'
import { TakeDevice } from './TakeDevice'

export function HandOver({ member, onClose }: { member: Session; onClose: () => void }) {
  return (
    <Modal show onHide={onClose} centered aria-labelledby="who-title">
      <Modal.Header closeButton>
        <Modal.Title id="who-title">{t`${member.name} is at this device`}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>{t`Who takes it over? From then on what is weighed carries their name.`}</p>
        <TakeDevice member={member} onDone={onClose} />
      </Modal.Body>
    </Modal>
  )
}
