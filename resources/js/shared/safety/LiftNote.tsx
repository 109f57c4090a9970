import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useMember } from '../session/member'
import { ErrorNotice } from '../ui/Notice'
import { Press } from '../ui/Press'
import { liftContraindication } from './safety'

/** What lifts a contraindication: a licensed person, who cleared it, and the password once more. */
export function LiftNote({ note, doctor, onChanged }: { note: string; doctor: boolean; onChanged: () => void }) {
  const member = useMember()
  const [words, setWords] = useState('')
  const [password, setPassword] = useState('')
  const lift = useMutation({
    mutationFn: () => liftContraindication(note, words, password),
    onSuccess: onChanged,
    onSettled: () => { setPassword('') },
  })
  if (!member.licensed) return <span className="quiet">{t`Lifted by a licensed member of the team.`}</span>
  return (
    <Form className="safety-row" onSubmit={(event) => { event.preventDefault(); lift.mutate() }}>
      <Form.Control
        aria-label={t`What lifts it`}
        placeholder={doctor ? t`Medical clearance: who, when` : t`Healed: who saw it, when`}
        maxLength={300}
        value={words}
        onChange={(event) => { setWords(event.target.value) }}
      />
      <Form.Control
        type="password"
        aria-label={t`Your password`}
        placeholder={t`your password`}
        autoComplete="current-password"
        value={password}
        onChange={(event) => { setPassword(event.target.value) }}
      />
      <Press submit disabled={words.trim() === '' || password === '' || lift.isPending}>{t`Record`}</Press>
      {lift.error === null ? null : <ErrorNotice error={lift.error} />}
    </Form>
  )
}
