import { t } from '@lingui/core/macro'
import Modal from 'react-bootstrap/Modal'
import { Link, useLocation } from 'react-router'
import { keysOf, type Keys } from './keysOf'

export function KeyDialog({ onClose }: { onClose: () => void }) {
  const { pathname } = useLocation()
  const { page, own, everywhere } = keysOf(pathname)
  return (
    <Modal show onHide={onClose} centered aria-labelledby="help-title">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="help-title">{own.length === 0 ? t`Keys` : t`${page}: its keys`}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p><Link to="/guide" onClick={onClose}>{t`The first ten minutes, and the words of the trade`}</Link></p>
        <List keys={own} />
        {own.length === 0 || everywhere.length < 2 ? null : <h3 className="keys-everywhere">{t`On every page`}</h3>}
        <List keys={everywhere} />
      </Modal.Body>
    </Modal>
  )
}

function List({ keys }: { keys: Keys }) {
  return keys.length === 0 ? null : (
    <dl className="shortcuts">
      {keys.map(([key, words]) => <div key={key}><dt><kbd>{key}</kbd></dt><dd>{words}</dd></div>)}
    </dl>
  )
}
