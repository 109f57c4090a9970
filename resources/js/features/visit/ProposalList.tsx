import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { showDay } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { decide, visit as visitQuery } from './api'
import { triedChange } from './formulaApi'
import { ChangePreview } from './ChangePreview'
import type { Visit } from './shapes'
import type { Proposal } from './gateShapes'

const STATE = { open: t`○ waits`, applied: t`● done`, dismissed: t`– left`, said: t`› said` } as const

/** What was to change, what the repeat worked out, what was adjusted: each to be applied, left or taken back. */
export function ProposalList({
  visit,
  editable,
  proposals,
}: { visit: Visit; editable: boolean; proposals: Proposal[] }) {
  if (proposals.length === 0) return null
  return (
    <ul className="proposals" aria-label={t`Changes to this visit`}>
      {proposals.map((proposal) => (
        <One key={proposal.id} proposal={proposal} visit={visit} editable={editable} />
      ))}
    </ul>
  )
}

function One({ proposal, visit, editable }: { proposal: Proposal; visit: Visit; editable: boolean }) {
  const queries = useQueryClient()
  const bowls = visit.rounds.flatMap((round) => round.bowls)
  const [bowl, setBowl] = useState(proposal.bowl ?? '')
  const target = bowls.find((each) => each.id === (bowl === '' ? proposal.bowl : bowl))
  const act = useMutation({
    mutationFn: ({
      verb,
      of,
    }: {
      verb: string
      of?: string
    }) => decide(
      visit.id,
      proposal.id,
      {
        do: verb,
        ...(of === undefined ? {} : { of }),
        ...(target === undefined ? {} : { bowl: target.id, version: target.version }),
      },
      proposal.words,
    ),
    onSuccess: (changed) => { queries.setQueryData(visitQuery(visit.id).queryKey, changed) },
  })
  // Seen in grams before it is applied, on the bowl as it stands now.
  const shown = editable && proposal.state === 'open' && target !== undefined ? proposal.change : null
  const tried = useQuery({ ...triedChange(visit.id, target, shown), enabled: shown !== null })
  const needsBowl = proposal.state === 'open' && proposal.canApply && proposal.bowl === null
  return (
    <li className={`proposal proposal-${proposal.state}`}>
      <div className="proposal-words">
        <span className="proposal-state">{STATE[proposal.state]}</span>
        {proposal.letter === '' ? null : (
          <strong className="proposal-letter">{proposal.letter}</strong>
        )} <strong>{proposal.words}</strong>
        {proposal.before === '' && proposal.after === '' ? null : (
          <span className="grams"> {masses(
            proposal.before,
          )} {proposal.before === '' ? '' : '→'} {masses(proposal.after)}</span>
        )}
        {proposal.condition === '' ? null : <em> {t`only if ${proposal.condition}`}</em>}
        {proposal.rest === '' ? null : <em> {t`not understood: “${proposal.rest}”`}</em>}
        <span className="quiet">
          {' '}{proposal.reason} {proposal.source === 'review'
            ? t`Said on ${showDay(proposal.from.on)}.`
            : ''}{proposal.by === null ? '' : ` ${proposal.by}`}
        </span>
        {shown === null || tried.data === undefined ? null : (
          <ChangePreview
            tried={tried.data}
            take={t`Apply`}
            disabled={act.isPending}
            onTake={(way) => { act.mutate({ verb: 'apply', ...(way.of === 'ask' ? {} : { of: way.of }) }) }}
          />
        )}
        {shown === null || tried.error === null ? null : <ErrorNotice error={tried.error} />}
        {act.error === null ? null : <ErrorNotice error={act.error} />}
      </div>
      {editable ? (
        <div className="proposal-acts">
          {needsBowl ? (
            <Form.Select aria-label={t`Which bowl`} value={bowl} onChange={(event) => { setBowl(event.target.value) }}>
              <option value="">{t`which bowl?`}</option>
              {bowls.map((each) => (
                <option key={each.id} value={each.id}>{each.letter} {each.job}</option>
              ))}
            </Form.Select>
          ) : null}
          {proposal.state === 'open' ? (
            <>
              {shown !== null ? null : (
                <Press
                  kind="main"
                  disabled={act.isPending || (needsBowl && bowl === '')}
                  onPress={() => { act.mutate({ verb: 'apply' }) }}
                >{proposal.canApply ? t`Apply` : t`Done by hand`}</Press>
              )}
              <Press kind="quiet" disabled={act.isPending} onPress={() => { act.mutate({ verb: 'dismiss' }) }}>
                {t`Leave`}
              </Press>
            </>
          ) : null}
          {proposal.state === 'applied' && proposal.source !== 'adjust' && (proposal.canTakeBack || !proposal.canApply)
            ? (
              <Press kind="quiet" disabled={act.isPending} onPress={() => { act.mutate({ verb: 'take-back' }) }}>
                {t`Take back`}
              </Press>
            )
            : null}
          {proposal.state === 'dismissed' && proposal.source === 'review' ? (
            <Press kind="quiet" disabled={act.isPending} onPress={() => { act.mutate({ verb: 'take-back' }) }}>
              {t`Let it wait again`}
            </Press>
          ) : null}
        </div>
      ) : null}
    </li>
  )
}
