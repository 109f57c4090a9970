import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { showDay } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { decide, visit as visitQuery } from './api'
import type { Proposal, Visit } from './shapes'

const STATE = { open: '○ waits', applied: '● done', dismissed: '– left', said: '› said' } as const

/** What was to change, what the repeat worked out, what was adjusted: each to be applied, left or taken back. */
export function ProposalList({ visit, editable, proposals }: { visit: Visit; editable: boolean; proposals: Proposal[] }) {
  if (proposals.length === 0) return null
  return (
    <ul className="proposals" aria-label="Changes to this visit">
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
    mutationFn: (verb: string) => decide(visit.id, proposal.id, { do: verb, ...(target === undefined ? {} : { bowl: target.id, version: target.version }) }, proposal.words),
    onSuccess: (changed) => { queries.setQueryData(visitQuery(visit.id).queryKey, changed) },
  })
  const needsBowl = proposal.state === 'open' && proposal.canApply && proposal.bowl === null
  return (
    <li className={`proposal proposal-${proposal.state}`}>
      <div className="proposal-words">
        <span className="proposal-state">{STATE[proposal.state]}</span>
        {proposal.letter === '' ? null : <strong className="proposal-letter">{proposal.letter}</strong>} <strong>{proposal.words}</strong>
        {proposal.before === '' && proposal.after === '' ? null : (
          <span className="grams"> {proposal.before} {proposal.before === '' ? '' : '→'} {proposal.after}</span>
        )}
        {proposal.condition === '' ? null : <em> only if {proposal.condition}</em>}
        {proposal.rest === '' ? null : <em> not understood: “{proposal.rest}”</em>}
        <span className="quiet">
          {' '}{proposal.reason} {proposal.source === 'review' ? `Said on ${showDay(proposal.from.on)}.` : ''}{proposal.by === null ? '' : ` ${proposal.by}`}
        </span>
        {act.error === null ? null : <ErrorNotice error={act.error} />}
      </div>
      {editable ? (
        <div className="proposal-acts">
          {needsBowl ? (
            <Form.Select aria-label="Which bowl" value={bowl} onChange={(event) => { setBowl(event.target.value) }}>
              <option value="">which bowl?</option>
              {bowls.map((each) => (
                <option key={each.id} value={each.id}>{each.letter} {each.job}</option>
              ))}
            </Form.Select>
          ) : null}
          {proposal.state === 'open' ? (
            <>
              <Press kind="main" disabled={act.isPending || (needsBowl && bowl === '')} onPress={() => { act.mutate('apply') }}>{proposal.canApply ? 'Apply' : 'Done by hand'}</Press>
              <Press kind="quiet" disabled={act.isPending} onPress={() => { act.mutate('dismiss') }}>Leave</Press>
            </>
          ) : null}
          {proposal.state === 'applied' && proposal.source !== 'adjust' && (proposal.canTakeBack || !proposal.canApply) ? <Press kind="quiet" disabled={act.isPending} onPress={() => { act.mutate('take-back') }}>Take back</Press> : null}
          {proposal.state === 'dismissed' && proposal.source === 'review' ? <Press kind="quiet" disabled={act.isPending} onPress={() => { act.mutate('take-back') }}>Let it wait again</Press> : null}
        </div>
      ) : null}
    </li>
  )
}
