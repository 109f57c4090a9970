import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { encode } from 'uqr'
import { Refused } from '../../shared/api/http'
import { qrPath } from '../../shared/ui/qrPath'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { dropSecond, secondFactor, takeSecond, trySecond } from './api'

/** A code beside the password: a password that somebody looked over a shoulder for opens nothing. */
export function OwnSecondFactor() {
  const queries = useQueryClient()
  const [open, setOpen] = useState(false)
  const [password, setPassword] = useState('')
  const [code, setCode] = useState('')
  const forget = () => { setPassword(''); setCode('') }
  const { data, error } = useQuery({ ...secondFactor, enabled: open })
  const on = data?.on === true
  const attempt = useMutation({
    mutationFn: () => trySecond(password, on ? code : undefined),
    onSuccess: forget,
    onError: () => { setCode('') },
  })
  const drop = useMutation({
    mutationFn: () => dropSecond(password, code),
    onSuccess: (now) => {
      queries.setQueryData(secondFactor.queryKey, now)
      forget()
    },
    onError: () => { setCode('') },
  })
  const failed = error ?? attempt.error ?? drop.error
  const unsaid = password === '' || (on && code === '')
  return (
    <details
      className="adjust own-password"
      id="own-second"
      onToggle={(event) => { setOpen(event.currentTarget.open) }}
    >
      <summary>{t`A code beside my password`}</summary>
      <p className="quiet">
        {t`An application on your telephone shows six digits that change every half minute. With your password alone nobody signs in as you any more; a shared tablet is still taken over by your PIN.`}
      </p>
      {data === undefined || attempt.data !== undefined
        ? null
        : on ? (
          <p role="status">
            {t`It is asked for when you sign in.`}{' '}
            {data.left === 1 ? t`One code on paper is left.` : t`Codes on paper that are left: ${data.left}.`}
          </p>
        ) : (
          <p>{t`It is not asked for.`}</p>
        )}
      {data !== undefined && data.paper.length > 0 ? <Paper codes={data.paper} /> : null}
      {failed === null ? null : <ErrorNotice error={failed} />}
      {attempt.data === undefined ? (
        <Form onSubmit={(event) => { event.preventDefault(); drop.reset(); attempt.mutate() }}>
          <Field id="second-password" label={t`Your password`}>
            <Form.Control
              type="password"
              autoComplete="current-password"
              value={password}
              onChange={(event) => { setPassword(event.target.value) }}
            />
          </Field>
          {on ? (
            <Field id="second-now" label={t`A code as it is asked for now, or one from paper`}>
              <Form.Control
                autoComplete="one-time-code"
                maxLength={20}
                value={code}
                onChange={(event) => { setCode(event.target.value) }}
              />
            </Field>
          ) : null}
          <div className="notice-actions">
            <Press
              submit
              kind={on ? 'plain' : 'main'}
              id="second-begin"
              disabled={unsaid || attempt.isPending}
            >{on ? t`Set it up for another telephone` : t`Set it up`}</Press>
            {on ? (
              <Press
                kind="stop"
                id="second-drop"
                disabled={unsaid || drop.isPending}
                onPress={() => { attempt.reset(); drop.mutate() }}
              >{t`Ask for it no more`}</Press>
            ) : null}
          </div>
        </Form>
      ) : <TakeIn secret={attempt.data.secret} address={attempt.data.address} onTaken={() => { attempt.reset() }} />}
    </details>
  )
}

function TakeIn({ secret, address, onTaken }: { secret: string; address: string; onTaken: () => void }) {
  const queries = useQueryClient()
  const [code, setCode] = useState('')
  const take = useMutation({
    mutationFn: () => takeSecond(code),
    onSuccess: (now) => {
      queries.setQueryData(secondFactor.queryKey, now)
      onTaken()
    },
    onError: () => { setCode('') },
  })
  const problem = take.error instanceof Refused
    ? take.error.problems.find((each) => each.pointer === '/code')
    : undefined
  const qr = encode(address, { ecc: 'M', border: 2 })
  return (
    <Form onSubmit={(event) => { event.preventDefault(); take.mutate() }}>
      <p>{t`Let the application read this, or type it there:`}</p>
      <code id="second-secret" className="second-secret">{secret}</code>
      <svg
        className="second-qr"
        viewBox={`0 0 ${qr.size} ${qr.size}`}
        role="img"
        aria-label={t`QR code for the application`}
      >
        <rect width={qr.size} height={qr.size} fill="#ffffff" />
        <path d={qrPath(qr.data)} fill="#000000" />
      </svg>
      <Field id="second-code" label={t`The code it shows now`} problem={problem}>
        <Form.Control
          inputMode="numeric"
          autoComplete="one-time-code"
          maxLength={20}
          value={code}
          onChange={(event) => { setCode(event.target.value) }}
        />
      </Field>
      {take.error === null || problem !== undefined ? null : <ErrorNotice error={take.error} />}
      <div className="notice-actions">
        <Press submit kind="main" id="second-take" disabled={code === '' || take.isPending}>
          {t`Ask for it from now on`}
        </Press>
        <Press kind="quiet" onPress={onTaken}>{t`Leave it as it was`}</Press>
      </div>
    </Form>
  )
}

/** Shown once, when they are made. */
function Paper({ codes }: { codes: string[] }) {
  return (
    <Notice kind="warn" title={t`Write these down now: they are not shown again.`}>
      <span>
        {t`Each signs you in once, on the day the telephone is lost. Keep them where you keep keys, not on the telephone.`}
      </span>
      <ul className="second-paper">{codes.map((each) => <li key={each}><code>{each}</code></li>)}</ul>
    </Notice>
  )
}
