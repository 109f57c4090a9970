import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useMutation } from '@tanstack/react-query'
import Modal from 'react-bootstrap/Modal'
import { ErrorNotice } from '../shared/ui/Notice'
import { Press } from '../shared/ui/Press'
import { forgetOffline } from '../shared/keep/offlineCache'
import { clearDevice, draftsHere } from '../shared/keep/clearDevice'
import { useOutbox } from '../shared/outbox/kept'
import { signOut, type Session } from '../shared/session/session'

const count = (number: number, one: string, many: string) => (number === 1 ? `1 ${one}` : `${String(number)} ${many}`)

/** Says what signing out costs, where it costs anything: drafts go, what is not sent yet waits for its author. */
export function SignOut({ member, onStay }: { member: Session; onStay: () => void }) {
  const unsent = useOutbox().entries.filter((entry) => entry.author.id === member.id).length
  const drafts = draftsHere()
  const leave = useMutation({
    mutationFn: signOut,
    onSuccess: async () => {
      clearDevice()
      await forgetOffline()
      location.assign('/')
    },
  })
  return (
    <Modal show onHide={onStay} centered aria-labelledby="sign-out-title">
      <Modal.Header closeButton>
        <Modal.Title id="sign-out-title">{t`Sign out, ${member.name}?`}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        {drafts === 0 ? (
          <p>{t`No draft is open on this device.`}</p>
        ) : (
          <p>
            <Trans>
              <strong>{count(drafts, 'draft', 'drafts')}</strong> on this device will be cleared. Save what you want to
              keep first.
            </Trans>
          </p>
        )}
        {unsent === 0 ? null : (
          <p>
            <Trans>
              <strong>{count(unsent, t`thing is`, t`things are`)} not sent yet.</strong> It stays on this device and
              goes out under your name when you sign in here again.
            </Trans>
          </p>
        )}
        {leave.error === null ? null : <ErrorNotice error={leave.error} />}
      </Modal.Body>
      <Modal.Footer>
        <Press kind="plain" onPress={onStay}>{t`Stay`}</Press>
        <Press
          kind={drafts === 0 ? 'main' : 'stop'}
          disabled={leave.isPending}
          onPress={() => { leave.mutate() }}
          id="sign-out-now"
        >{t`Sign out`}</Press>
      </Modal.Footer>
    </Modal>
  )
}
