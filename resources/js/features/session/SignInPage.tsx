import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useEffectEvent, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { language } from '../../shared/words/i18n'
import { CALLED, LANGUAGES, speak } from '../../shared/words/language'
import { BowlGlyph } from '../../shared/ui/BowlGlyph'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Refused } from '../../shared/api/http'
import { pressedAtDoor, typedAtDoor, wasAtDoor } from '../../shared/session/atDoor'
import { session, signIn } from '../../shared/session/session'

const MARK = [
  { key: '1', wedge: 0.42, colour: '#a4442c' },
  { key: '2', wedge: 0.26, colour: '#d9a441' },
  { key: '3', wedge: 0.32, colour: '#f3e7cf' },
]

export function SignInPage({ onBegin }: { onBegin?: () => void }) {
  const [email, setEmail] = useState(() => typedAtDoor('email'))
  const [password, setPassword] = useState(() => typedAtDoor('password'))
  const [atPassword] = useState(() => wasAtDoor('password'))
  const [code, setCode] = useState('')
  // Once a code was asked for it stays asked for: a wrong one is typed again.
  const [wantsCode, setWantsCode] = useState(false)
  const queries = useQueryClient()
  const enter = useMutation({
    mutationFn: (typed: string) => signIn(email, password, typed),
    onSuccess: (member) => {
      queries.setQueryData(session.queryKey, member)
    },
    onError: (error) => {
      if (error instanceof Refused && error.problems.some((each) => each.pointer === '/code')) setWantsCode(true)
      setCode('')
    },
  })
  const carryOn = useEffectEvent(() => {
    if (pressedAtDoor() && email !== '' && password !== '') enter.mutate('')
  })
  useEffect(() => { carryOn() }, [])
  return (
    <main className="sign-in">
      <div className="sign-in-card">
        <BowlGlyph letter="T" wedges={MARK} size={92} label="Tinta" />
        <h1>{t`Tinta`}</h1>
        <p className="quiet">{t`Weigh it, write it, repeat it.`}</p>
        <Form
          onSubmit={(event) => {
            event.preventDefault()
            enter.mutate(code)
          }}
        >
          <Field id="email" label={t`Mail address`}>
            <Form.Control
              inputMode="email"
              autoCapitalize="none"
              autoComplete="username"
              required
              autoFocus={!atPassword}
              value={email}
              onChange={(event) => { setEmail(event.target.value) }}
            />
          </Field>
          <Field id="password" label={t`Password`}>
            <Form.Control
              type="password"
              autoComplete="current-password"
              required
              autoFocus={atPassword}
              value={password}
              onChange={(event) => { setPassword(event.target.value) }}
            />
          </Field>
          {wantsCode ? (
            <Field id="code" label={t`Code`}>
              <Form.Control
                inputMode="text"
                autoComplete="one-time-code"
                autoCapitalize="none"
                maxLength={20}
                required
                autoFocus
                value={code}
                onChange={(event) => { setCode(event.target.value) }}
              />
            </Field>
          ) : null}
          {enter.error === null ? null : wantsCode && enter.variables === '' && enter.error instanceof Refused ? (
            // Nothing was wrong: it is asked for now.
            <Notice kind="note" title={enter.error.message}>{enter.error.mend}</Notice>
          ) : <ErrorNotice error={enter.error} />}
          <Press kind="main" submit disabled={enter.isPending} id="sign-in">
            {enter.isPending ? t`Signing in…` : t`Sign in`}
          </Press>
          <p className="quiet forgotten">
            {t`Forgotten your password? The owner gives you a link for a new one, under House; an owner finds one on the machine: ./tinta password.`}
          </p>
          <p className="languages">
            {LANGUAGES.filter((each) =>
              each !== language,
            ).map((each) => <button
              key={each}
              type="button"
              lang={each}
              className="btn btn-link"
              onClick={() => { speak(each) }}
            >{CALLED[each]}</button>)}
          </p>
          {onBegin === undefined ? null : <Press kind="quiet" onPress={onBegin}>{t`Begin a new salon here`}</Press>}
        </Form>
      </div>
    </main>
  )
}
