import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import Form from 'react-bootstrap/Form'
import { useKept } from '../../shared/keep/useKept'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { visit as visitQuery } from './api'
import { endVisit } from './closeApi'
import type { Visit } from './shapes'

const WHY = [
  ['cancelled', t`Cancelled`],
  ['no-show', t`Did not come`],
  ['without-colour', t`Ends without colour`],
] as const

function useEnding(visit: Visit) {
  const queries = useQueryClient()
  const [reason, setReason, arrived] = useKept(`ended.${visit.id}`)
  const end = useMutation({
    mutationFn: ({ why, said }: { why: string | null; said: string }) => endVisit(visit.id, visit.version, why, said),
    onSuccess: (changed, { said }) => {
      arrived(said)
      queries.setQueryData(visitQuery(visit.id).queryKey, changed)
    },
  })
  return { end, reason, setReason }
}

/** A visit that does not take place, with its reason: it stays on record, and can be taken up again. */
export function EndVisit({ visit }: { visit: Visit }) {
  const { end, reason, setReason } = useEnding(visit)
  return (
    <div className="chips end-visit">
      <Form.Control
        aria-label={t`Why it does not take place`}
        placeholder={t`why, where it does not take place`}
        maxLength={280}
        value={reason}
        onChange={(event) => { setReason(event.target.value) }}
      />
      {WHY.map(([why, label]) => <Press
        key={why}
        kind="plain"
        disabled={end.isPending}
        onPress={() => { end.mutate({ why, said: reason }) }}
      >{label}</Press>)}
      {end.error === null ? null : <ErrorNotice error={end.error} />}
    </div>
  )
}

export function TakeUpAgain({ visit, formulates }: { visit: Visit; formulates: boolean }) {
  const { end } = useEnding(visit)
  return (
    <p className="wish" id="ended">
      {visit.endedReason} {formulates ? (
        <Press kind="quiet" disabled={end.isPending} onPress={() => { end.mutate({ why: null, said: '' }) }} id="take-up-again">
          {t`Take it up again`}
        </Press>
      ) : null}
      {end.error === null ? null : <ErrorNotice error={end.error} />}
    </p>
  )
}
