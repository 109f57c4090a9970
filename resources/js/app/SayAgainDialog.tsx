import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { sayPassword } from '../shared/session/session'
import { Field } from '../shared/ui/Field'
import { ErrorNotice } from '../shared/ui/Notice'
import { Press } from '../shared/ui/Press'

export function SayAgainDialog({ onEnd }: { onEnd: (said: boolean) => void }) {
  const [password, setPassword] = useState('')
  const say = useMutation({ mutationFn: () => sayPassword(password), onSuccess: () => { onEnd(true) } })
  return (
    <Modal show onHide={() => { onEnd(false) }} centered aria-labelledby="say-again-title">
      <Form onSubmit={(event) => { event.preventDefault(); say.mutate() }}>
        <Modal.Header closeButton><Modal.Title as="h2" id="say-again-title">{t`Is it you?`}</Modal.Title></Modal.Header>
        <Modal.Body>
          <p>
            {t`Who works here, and all that is held on somebody, is for one person’s hands. Your password counts for five minutes.`}
          </p>
          <Field id="say-again-password" label={t`Your password`}>
            <Form.Control
              type="password"
              autoComplete="current-password"
              autoFocus
              value={password}
              onChange={(event) => { setPassword(event.target.value) }}
            />
          </Field>
          {say.error === null ? null : <ErrorNotice error={say.error} />}
        </Modal.Body>
        <Modal.Footer>
          <Press kind="quiet" onPress={() => { onEnd(false) }}>{t`Leave it`}</Press>
          <Press kind="main" submit id="say-again" disabled={password === '' || say.isPending}>{t`Go on`}</Press>
        </Modal.Footer>
      </Form>
    </Modal>
  )
}
