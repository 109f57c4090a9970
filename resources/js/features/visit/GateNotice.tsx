import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { newId } from '../../shared/api/newId'
import { useKept } from '../../shared/keep/useKept'
import { useMember } from '../../shared/session/member'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { visit as visitQuery, waive } from './api'
import { isOver } from '../../shared/visits/visitLine'
import type { Visit } from './shapes'

/** What stands before the first touch: why the gate is shut and what opens it, or by whom a test was waived. */
export function GateNotice({ visit }: { visit: Visit }) {
  const member = useMember()
  const queries = useQueryClient()
  const [reason, setReason, arrived] = useKept(`waiver.${visit.id}`)
  const [password, setPassword] = useState('')
  const [id, setId] = useState(newId)
  const sign = useMutation({
    mutationFn: (why: string) => waive(visit.id, id, why, password),
    onSuccess: (changed, why) => {
      setId(newId())
      arrived(why)
      queries.setQueryData(visitQuery(visit.id).queryKey, changed)
    },
    onSettled: () => { setPassword('') },
  })
  const { gate } = visit
  if (isOver(visit)) return null
  const waived = gate.waived === '' ? null : (
    <Notice kind="warn" title={t`Going on without a clear skin test: ${gate.waived}`}>
      {gate.waivers.map((waiver) =>
        t`${waiver.by}, licence ${waiver.licence}`,
      ).join('; ')}{t`. The maker’s instructions and local rules come first.`}
    </Notice>
  )
  if (gate.open) {
    if (waived !== null) return waived
    return Object.keys(gate.states).length === 0 ? null : (
      <Notice kind="good" title={t`Skin tests are clear for what is planned.`}>
        {t`Gloves on; follow the maker’s instructions and local rules.`}
      </Notice>
    )
  }
  return (
    <div className="gate" id="gate">
      {waived}
      <Notice kind="stop" title={t`Oxidative colour may not go on yet.`}>
        <ul>
          {gate.reasons.map((each) => (
            <li key={each.key + each.reason}>{each.reason} {each.mend}</li>
          ))}
        </ul>
        {gate.ahead ? (
          <p className="gate-ahead">{t`This house may weigh ahead; nothing goes on before the gate is open.`}</p>
        ) : null}
      </Notice>
      {!gate.waivable
        ? null
        : !member.licensed
        ? <p className="quiet">{t`Where local rules permit, a licensed member of the team may record a reason.`}</p>
        : (
          <>
          <p className="quiet">
            {t`Where local rules permit, your reason may stand for a test of what is planned now. It is on record with your name and licence.`}
          </p>
          <Form className="gate-waive" onSubmit={(event) => { event.preventDefault(); sign.mutate(reason) }}>
            <Form.Control
              aria-label={t`Reason of a licensed person`}
              placeholder={t`your reason, in a few words`}
              maxLength={300}
              value={reason}
              onChange={(event) => { setReason(event.target.value) }}
            />
            <Form.Control
              type="password"
              aria-label={t`Your password`}
              placeholder={t`your password`}
              autoComplete="current-password"
              className="gate-password"
              value={password}
              onChange={(event) => { setPassword(event.target.value) }}
            />
            <Press kind="stop" submit disabled={reason.trim().length < 10 || password === '' || sign.isPending}>
              {t`Record and go on`}
            </Press>
          </Form>
          </>
        )}
      {sign.error === null ? null : <ErrorNotice error={sign.error} />}
    </div>
  )
}
