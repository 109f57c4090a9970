import { useMutation } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { onSayAgain } from '../shared/api/http'
import { sayPassword } from '../shared/session/session'
import { Field } from '../shared/ui/Field'
import { ErrorNotice } from '../shared/ui/Notice'
import { Press } from '../shared/ui/Press'

/** The password once more, before what only its person may do; then what was pressed goes on by itself. */
export function SayAgain() {
  const [waiting, setWaiting] = useState<((said: boolean) => void)[]>([])
  const [password, setPassword] = useState('')
  useEffect(() => onSayAgain(() => new Promise((resolve) => { setWaiting((now) => [...now, resolve]) })), [])
  const end = (said: boolean) => {
    for (const each of waiting) each(said)
    setWaiting([])
    setPassword('')
    say.reset()
  }
  const say = useMutation({ mutationFn: () => sayPassword(password), onSuccess: () => { end(true) } })
  return (
    <Modal show={waiting.length > 0} onHide={() => { end(false) }} centered aria-labelledby="say-again-title">
      <Form onSubmit={(event) => { event.preventDefault(); say.mutate() }}>
        <Modal.Header closeButton><Modal.Title as="h2" id="say-again-title">Is it you?</Modal.Title></Modal.Header>
        <Modal.Body>
          <p>Who works here, and all that is held on somebody, is for one person’s hands. Your password counts for five minutes.</p>
          <Field id="say-again-password" label="Your password">
            <Form.Control type="password" autoComplete="current-password" autoFocus value={password} onChange={(event) => { setPassword(event.target.value) }} />
          </Field>
          {say.error === null ? null : <ErrorNotice error={say.error} />}
        </Modal.Body>
        <Modal.Footer>
          <Press kind="quiet" onPress={() => { end(false) }}>Leave it</Press>
          <Press kind="main" submit id="say-again" disabled={password === '' || say.isPending}>Go on</Press>
        </Modal.Footer>
      </Form>
    </Modal>
  )
}
