import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../shared/api/http'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { removeRound, renameRound, visit as visitQuery } from './api'
import { visit as visitShape, type Visit } from './shapes'

type Round = Visit['rounds'][number]

/** A round's name, changed where it stands; one without bowls can go. What another device changed first is shown. */
export function RoundHead({
  visit,
  round,
  editable,
  removable,
}: { visit: string; round: Round; editable: boolean; removable: boolean }) {
  const queries = useQueryClient()
  const [typed, setTyped] = useState<string | null>(null)
  const show = (changed: Visit) => { queries.setQueryData(visitQuery(visit).queryKey, changed) }
  const onError = (error: Error) => {
    const newer = error instanceof Refused ? visitShape.safeParse(error.newer) : null
    if (newer?.success === true) show(newer.data)
  }
  const rename = useMutation({
    mutationFn: (name: string) => renameRound(visit, round.id, round.version, name),
    onSuccess: (changed) => {
      show(changed)
      setTyped(null)
    },
    onError,
  })
  const remove = useMutation({
    mutationFn: () => removeRound(visit, round.id, round.version),
    onSuccess: show,
    onError,
  })
  if (typed !== null)
    return (
      <Form className="new-round" onSubmit={(event) => { event.preventDefault(); rename.mutate(typed.trim()) }}>
        <Form.Control
          autoFocus
          aria-label={t`New name of the round ${round.name}`}
          maxLength={80}
          value={typed}
          onChange={(event) => { setTyped(event.target.value) }}
          onKeyDown={(event) => { if (event.key === 'Escape') setTyped(null) }}
        />
        <Press kind="quiet" submit disabled={typed.trim() === '' || rename.isPending}>{t`Name it`}</Press>
        {rename.error === null ? null : <ErrorNotice error={rename.error} />}
      </Form>
    )
  return (
    <>
      <h2>
        {editable ? (
          <button
            type="button"
            className="round-name"
            title={t`Rename the round ${round.name}`}
            onClick={() => { rename.reset(); setTyped(round.name) }}
          >{round.name}</button>
        ) : round.name}
        {removable ? (
          <button
            type="button"
            className="chip round-out"
            aria-label={t`Take the round ${round.name} out`}
            onClick={() => { remove.mutate() }}
          >✕</button>
        ) : null}
      </h2>
      {remove.error === null ? null : <ErrorNotice error={remove.error} />}
    </>
  )
}
