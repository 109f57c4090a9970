import { useEffect, useState } from 'react'
import Modal from 'react-bootstrap/Modal'
import { Link, useLocation } from 'react-router'
import { useKeys } from '../shared/ui/useKeys'
import { keysOf, type Keys } from './keysOf'

const ASKED = 'tinta.keys'

/** Shows the keys of the page that is open. */
export const showKeys = () => { dispatchEvent(new Event(ASKED)) }

/** The keys of the page one is on, on any page: by “?”. */
export function KeySheet() {
  const { pathname } = useLocation()
  const [shown, show] = useState(false)
  useKeys((event) => { if (event.key === '?') show(true) })
  useEffect(() => {
    const asked = () => { show(true) }
    addEventListener(ASKED, asked)
    return () => { removeEventListener(ASKED, asked) }
  }, [])
  const close = () => { show(false) }
  const { page, own, everywhere } = keysOf(pathname)
  return (
    <Modal show={shown} onHide={close} centered aria-labelledby="help-title">
      <Modal.Header closeButton><Modal.Title as="h2" id="help-title">{own.length === 0 ? 'Keys' : `${page}: its keys`}</Modal.Title></Modal.Header>
      <Modal.Body>
        <p><Link to="/guide" onClick={close}>The first ten minutes, and the words of the trade</Link></p>
        <List keys={own} />
        {own.length === 0 ? null : <h3 className="keys-everywhere">{everywhere.length > 1 ? 'On every page' : ''}</h3>}
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
