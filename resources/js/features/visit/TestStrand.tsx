import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useNavigate } from 'react-router'
import { newId } from '../../shared/api/newId'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { carryTrial, recordTrial, visit as visitQuery } from './api'
import { freeLetter } from './drafts'
import { isOver } from '../../shared/visits/visitLine'
import type { Bowl, Visit } from './shapes'

/** The strand's result, then its formula carried into the real bowl with what it taught. */
export function Trial({
  bowl,
  visit,
  formulates,
  letters,
}: { bowl: Bowl; visit: Visit; formulates: boolean; letters: string[] }) {
  const queries = useQueryClient()
  const go = useNavigate()
  const [result, setResult] = useState({
    level: bowl.trial?.level ?? '',
    tone: bowl.trial?.tone ?? '',
    words: bowl.trial?.words ?? '',
    minutes: '',
  })
  const [carry, setCarry] = useState({ round: visit.rounds[0]?.id ?? '', grams: '60 g', kind: '', value: '' })
  const refresh = () => queries.invalidateQueries({ queryKey: visitQuery(visit.id).queryKey })
  const save = useMutation({
    mutationFn: () => recordTrial(visit.id, bowl.id, {
      version: bowl.version,
      ...result,
      minutes: result.minutes === '' ? null : result.minutes,
      elasticity: null,
    }),
    onSuccess: refresh,
  })
  const take = useMutation({
    mutationFn: async () => {
      const id = newId()
      await carryTrial(visit.id, bowl.id, {
        id,
        round: carry.round,
        letter: freeLetter(letters),
        grams: carry.grams,
        corrections: carry.kind === '' ? [] : [{ kind: carry.kind, value: carry.value }],
        reason: t`the test strand said so`,
      })

      return id
    },
    onSuccess: async (made) => {
      await refresh()
      void go(`/visits/${visit.id}?at=formulate&bowl=${made}`)
    },
  })
  return (
    <div className="trial">
      <h3>
        {t`Test strand ${bowl.trial === null ? '' : t`came to level ${bowl.trial.level} ${bowl.trial.tone}. ${bowl.trial.words}`}`}
      </h3>
      {isOver(visit) ? null : (
        <div className="detail-row">
          <Form.Control
            aria-label={t`Level reached`}
            placeholder={t`level`}
            inputMode="decimal"
            value={result.level}
            onChange={(event) => { setResult({ ...result, level: event.target.value }) }}
          />
          <Form.Control
            aria-label={t`Tone reached`}
            placeholder={t`tone`}
            value={result.tone}
            onChange={(event) => { setResult({ ...result, tone: event.target.value }) }}
          />
          <Form.Control
            aria-label={t`What it taught`}
            placeholder={t`what it taught`}
            value={result.words}
            onChange={(event) => { setResult({ ...result, words: event.target.value }) }}
          />
          <Press disabled={result.level.trim() === '' || save.isPending} onPress={() => { save.mutate() }}>
            {t`Record result`}
          </Press>
        </div>
      )}
      {save.error === null ? null : <ErrorNotice error={save.error} />}
      {bowl.trial !== null && formulates ? (
        <div className="detail-row">
          <Form.Select
            aria-label={t`Into which round`}
            value={carry.round}
            onChange={(event) => { setCarry({ ...carry, round: event.target.value }) }}
          >
            {visit.rounds.map((round) => <option key={round.id} value={round.id}>{round.name}</option>)}
          </Form.Select>
          <Form.Control
            aria-label={t`Colour of the real bowl`}
            value={carry.grams}
            onChange={(event) => { setCarry({ ...carry, grams: event.target.value }) }}
          />
          <Form.Select
            aria-label={t`Correction`}
            value={`${carry.kind} ${carry.value}`}
            onChange={(event) => {
              const [kind = '', ...rest] = event.target.value.split(' ')
              setCarry({ ...carry, kind, value: rest.join(' ') })
            }}
          >
            <option value=" ">{t`as it was`}</option>
            <option value="level -0.5">{t`half a level deeper`}</option>
            <option value="level -1">{t`a level deeper`}</option>
            <option value="level +1">{t`a level lighter`}</option>
            <option value="warmer ">{t`warmer`}</option>
            <option value="cooler ">{t`cooler`}</option>
            <option value="minutes +5 min">{t`5 min longer`}</option>
            <option value="minutes -5 min">{t`5 min shorter`}</option>
          </Form.Select>
          <Press kind="main" disabled={take.isPending} onPress={() => { take.mutate() }}>
            {t`Carry into ${freeLetter(letters)}`}
          </Press>
        </div>
      ) : null}
      {take.error === null ? null : <ErrorNotice error={take.error} />}
    </div>
  )
}
