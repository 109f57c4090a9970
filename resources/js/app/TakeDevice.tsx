import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { forgetOffline } from '../shared/keep/offlineCache'
import { peopleHere, takeDevice, type Session } from '../shared/session/session'
import { touch } from '../shared/session/touch'
import { Field } from '../shared/ui/Field'
import { ErrorNotice } from '../shared/ui/Notice'
import { Press } from '../shared/ui/Press'

/** A shared device changes hands: who, and their PIN. What waits on it goes out under its author's name, later. */
export function TakeDevice({ member, onDone }: { member: Session; onDone?: () => void }) {
  const { data = [] } = useQuery(peopleHere)
  const [who, setWho] = useState<number | null>(null)
  const [pin, setPin] = useState('')
  const queries = useQueryClient()
  const take = useMutation({
    mutationFn: () => takeDevice(who ?? 0, pin),
    onSuccess: async () => {
      touch()
      await forgetOffline()
      queries.clear()
      // The page is drawn anew for whom it is now; drafts of bowls stay on the device.
      location.reload()
    },
    onSettled: () => { setPin('') },
  })
  const others = data.filter((each) => each.id !== member.id || member.locked)
  if (others.length === 0) return (
    <p className="quiet take-none">
      {t`Nobody else has a PIN on this device yet: each signs in here once, and sets one under House.`}
    </p>
  )
  const chosen = others.find((each) => each.id === who)
  return (
    <Form className="take-device" onSubmit={(event) => { event.preventDefault(); take.mutate() }}>
      <div className="chips" role="group" aria-label={t`Who takes this device`}>
        {others.map((each) => <button
          key={each.id}
          type="button"
          className="chip"
          aria-pressed={who === each.id}
          onClick={() => { take.reset(); setWho(each.id) }}
        >{each.name}</button>)}
      </div>
      {chosen === undefined ? null : (
        <>
          <Field id="take-pin" label={t`PIN of ${chosen.name}`}>
            <Form.Control
              key={chosen.id}
              type="password"
              inputMode="numeric"
              autoComplete="off"
              autoFocus
              maxLength={8}
              value={pin}
              onChange={(event) => { setPin(event.target.value) }}
            />
          </Field>
          {take.error === null ? null : <ErrorNotice error={take.error} />}
          <div className="notice-actions">
            <Press submit kind="main" id="take-device" disabled={pin === '' || take.isPending}>{t`Take it`}</Press>
            {onDone === undefined ? null : <Press kind="quiet" onPress={onDone}>{t`Leave it`}</Press>}
          </div>
        </>
      )}
    </Form>
  )
}
