import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { newId } from '../../shared/api/newId'
import { wordsSince } from '../../shared/keep/typedSince'
import { showDay } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { addBowl, visit as visitQuery } from './api'
import { dropService, keepService, takeService } from './closeApi'
import { freeLetter } from './drafts'
import { bowlsToTake } from './formulaApi'
import type { Sheet, Visit } from './shapes'
import { usePaused } from './usePaused'

/** Bowls with one press: of the last visit, of another client, of a service or a blend of the house. */
export function TakeBowls({
  visit,
  letters,
  round,
  onAdded,
}: { visit: Visit; letters: string[]; round: string; onAdded: (id: string) => void }) {
  const queries = useQueryClient()
  const [name, setName] = useState('')
  const [service, setService] = useState('')
  const settle = async () => { await queries.invalidateQueries({ queryKey: visitQuery(visit.id).queryKey }) }
  const take = useMutation({
    mutationFn: async (sheet: Sheet) => {
      const id = newId()
      await addBowl(visit.id, round, id, {
        ...sheet,
        letter: letters.includes(sheet.letter) ? freeLetter(letters) : sheet.letter,
      })
      return id
    },
    onSuccess: async (id) => {
      await settle()
      onAdded(id)
    },
  })
  const plan = useMutation({
    mutationFn: ({ id, called }: { id: number; called: string }) => takeService(visit.id, id, newId(), called),
    onSuccess: (changed) => {
      queries.setQueryData(visitQuery(visit.id).queryKey, changed)
      const first = changed.rounds.flatMap((each) => each.bowls).find((bowl) => !letters.includes(bowl.letter))
      if (first !== undefined) onAdded(first.id)
    },
  })
  const again = () => { void queries.invalidateQueries({ queryKey: ['to-take'] }) }
  const keep = useMutation({
    mutationFn: (called: string) => keepService(visit.id, called.trim()),
    onSuccess: (_, called) => { setService((now) => wordsSince(now, called)); again() },
  })
  const drop = useMutation({
    mutationFn: ({ id, called }: { id: number; called: string }) => dropService(id, called),
    onSuccess: again,
  })
  const wanted = usePaused(name.trim(), 300)
  const found = useQuery(bowlsToTake(visit.id, wanted.length > 1 ? wanted : ''))
  const busy = take.isPending || plan.isPending
  const { bowls = [], services = [], blends = [] } = found.data ?? {}
  const error = take.error ?? plan.error ?? keep.error ?? drop.error
  return (
    <details className="why to-take">
      <summary>
        {t`Take a bowl: of ${visit.before === null ? t`another client` : t`${showDay(visit.before.on)}, of another client`}, a service or a blend of the house`}
      </summary>
      {services.length === 0 ? null : (
        <div className="chips" role="group" aria-label={t`Services of the house`}>
          <span className="zone-what">{t`Services`}</span>
          {services.map((each) => (
            <span key={each.id} className="chip-pair">
              <button
                type="button"
                className="chip"
                disabled={busy}
                onClick={() => { plan.mutate({ id: each.id, called: each.name }) }}
              ><strong>
                {each.name}
              </strong> <span className="quiet">
                {each.bowls === 1 ? t`one bowl` : t`${each.bowls} bowls`}
              </span></button>
              <button
                type="button"
                className="chip chip-out"
                aria-label={t`Forget the service ${each.name}`}
                disabled={drop.isPending}
                onClick={() => { drop.mutate({ id: each.id, called: each.name }) }}
              >✕</button>
            </span>
          ))}
        </div>
      )}
      {blends.length === 0 ? null : (
        <div className="chips" role="group" aria-label={t`Blends of the house`}>
          <span className="zone-what">{t`Blends`}</span>
          {blends.map((blend) => <button
            key={blend.id}
            type="button"
            className="chip"
            disabled={busy}
            onClick={() => { take.mutate(blend.sheet) }}
          >{blend.name}</button>)}
        </div>
      )}
      <Form.Control
        aria-label={t`Another client’s bowls`}
        placeholder={t`another client’s name`}
        value={name}
        onChange={(event) => { setName(event.target.value) }}
      />
      <div className="chips" role="group" aria-label={t`Bowls of visits`}>
        {bowls.length === 0 ? null : <span className="zone-what">{t`Bowls`}</span>}
        {bowls.map((bowl) => (
          <button
            key={bowl.id}
            type="button"
            className="chip"
            disabled={busy}
            title={bowl.written}
            onClick={() => { take.mutate(bowl.sheet) }}
          >
            <strong>
              {bowl.letter}
            </strong> {bowl.job} {wanted.length > 1 ? <span className="quiet">{bowl.client}</span> : null}
          </button>
        ))}
        {bowls.length === 0 && wanted.length > 1 && found.data !== undefined ? (
          <span className="quiet">{t`No closed visit of such a client.`}</span>
        ) : null}
      </div>
      {visit.rounds.every((each) => each.bowls.length === 0) ? null : (
        <Form className="detail-row" onSubmit={(event) => { event.preventDefault(); keep.mutate(service) }}>
          <Form.Control
            aria-label={t`Name of a service of the house`}
            placeholder={t`keep this visit’s bowls as a service of the house`}
            maxLength={80}
            value={service}
            onChange={(event) => { setService(event.target.value) }}
          />
          <Press submit disabled={service.trim() === '' || keep.isPending} id="keep-service">{t`Keep`}</Press>
        </Form>
      )}
      {error === null ? null : <ErrorNotice error={error} />}
    </details>
  )
}
