import { t } from '@lingui/core/macro'
import { namedAll } from '../../shared/words/named'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { newId } from '../../shared/api/newId'
import { ErrorNotice } from '../../shared/ui/Notice'
import { visit as visitQuery } from './api'
import { planRounds } from './timesApi'
import { waysTo } from './formulaApi'
import type { Picture, Visit, Way } from './shapes'

const WHAT = { lift: t`Lighten`, fill: t`Fill`, tone: t`Tone`, colour: t`Colour` } as const

/**
 * From a wish back to formulas: the nearest the shelf can make, one bowl or several in turn, each planned with one
 * press.
 */
export function WaysToWish({
  visit,
  picture,
  letters,
  onAdded,
}: { visit: Visit; picture: Picture; letters: string[]; onAdded: (id: string) => void }) {
  const [zone, setZone] = useState('')
  const wished = picture.zones.filter((each) => each.wish !== null && each.now !== null)
  if (wished.length === 0) return null
  return (
    <details className="why ways">
      <summary>{t`A formula for a wish:`} {wished.map((each) => each.name).join(', ')}</summary>
      <div className="chips" role="group" aria-label={t`Wish of which zone`}>
        {wished.map((each) => (
          <button
            key={each.id}
            type="button"
            className="chip"
            aria-pressed={zone === each.id}
            onClick={() => { setZone(zone === each.id ? '' : each.id) }}
          >
            {each.name} <span className="quiet">{each.wish?.words}</span>
          </button>
        ))}
      </div>
      {zone === '' ? null : (
        <Ways
          visit={visit}
          zone={zone}
          now={wished.find((each) => each.id === zone)?.now?.swatch ?? ''}
          letters={letters}
          onAdded={onAdded}
        />
      )}
    </details>
  )
}

function Ways({
  visit,
  zone,
  now,
  letters,
  onAdded,
}: { visit: Visit; zone: string; now: string; letters: string[]; onAdded: (id: string) => void }) {
  const queries = useQueryClient()
  const found = useQuery(waysTo(visit.id, zone, visit.canvas.version))
  const plan = useMutation({
    mutationFn: (way: Way) => planRounds(
      visit.id,
      way.rounds,
      newId(),
      way.steps.map((step) => step.shades).join(', '),
    ),
    onSuccess: (changed) => {
      queries.setQueryData(visitQuery(visit.id).queryKey, changed)
      const first = changed.rounds.flatMap((each) => each.bowls).find((bowl) => !letters.includes(bowl.letter))
      if (first !== undefined) onAdded(first.id)
    },
  })
  if (found.error !== null) return <ErrorNotice error={found.error} />
  if (found.data === undefined) return <p className="quiet">{t`Looking along the shelf…`}</p>
  if (found.data.ways.length === 0) return (
    <p className="quiet">
      {t`Nothing on the shelf gets there. Read the zone’s level and say its wish, and look again.`}
    </p>
  )
  return (
    <ol className="way-list">
      {found.data.ways.map((way, at) => (
        <li key={at} className="way">
          <div className="way-swatches" aria-hidden="true">
            <i style={{ background: now }} />
            {way.steps.map((step, step_) => <i
              key={step_}
              className="is-sketch"
              style={{ background: step.swatch }}
            />)}
            <i className="way-wish" style={{ background: found.data.wish ?? '' }} />
          </div>
          <div>
            {way.steps.map((step) => (
              <details key={step.kind + step.shades} className="why">
                <summary>
                  <strong>{WHAT[step.kind]}</strong> {step.shades}{' '}
                  <span className="quiet">
                    {t`${step.line} ${step.ratio}${step.strength === '' ? '' : `, ${step.strength}`}, ${step.minutes} min`}
                  </span>
                </summary>
                {step.why.map((why) => <p key={why}>{why}</p>)}
              </details>
            ))}
            <p className="outlook-words">
              <strong className={way.verdict === 'on target' ? 'on-target' : 'off-target'}>
                {way.verdict === 'on target' ? t`✓ on target` : `! ${namedAll(way.verdict)}`}
              </strong> {way.words} · {way.away} · {way.sure}
            </p>
          </div>
          <button type="button" className="chip" disabled={plan.isPending} onClick={() => { plan.mutate(way) }}>
            {way.steps.length === 1 ? t`Plan it` : t`Plan all ${String(way.steps.length)}`}
          </button>
        </li>
      ))}
      {plan.error === null ? null : <li><ErrorNotice error={plan.error} /></li>}
    </ol>
  )
}
