import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { LevelField, type Rung } from '../../shared/ui/LevelField'
import { OneOf } from '../../shared/ui/OneOf'
import { Tones } from '../../shared/ui/Tones'
import { problemAt } from './problems'
import type { Result, Visit } from './shapes'
import { toneNamed } from '../../shared/words/named'

const VERDICTS = [['good', t`✓ Good`], ['mixed', t`~ Mixed`], ['poor', t`✕ Poor`]] as const

export function VerdictChoice({ verdict, onChange }: { verdict: string; onChange: (verdict: string) => void }) {
  return (
    <div className="chips" role="radiogroup" aria-label={t`How did it come out?`}>
      {VERDICTS.map(([each, label]) => (
        <button
          key={each}
          type="button"
          role="radio"
          className="chip"
          aria-checked={verdict === each}
          onClick={() => { onChange(each) }}
        >{label}</button>
      ))}
    </div>
  )
}

type Judged = { id: string; zone: string; strand: string; name: string; wish: string; of?: string | undefined }

/** Where a result is kept while it is written. */
export const resultKey = (result: {
  zone: string
  strand: string
}) => (result.strand === '' ? result.zone : `${result.zone} ${result.strand}`)

/** The strands of a zone besides those that carry its wish: what lies on them can be judged by itself. */
export function otherStrands(visit: Visit): Judged[] {
  return visit.picture.zones.flatMap((zone) => zone.strands.filter((strand) =>
    !strand.main && strand.letters.length > 0,
  )
    .map((strand) => ({
      id: resultKey({ zone: zone.id, strand: strand.key }),
      zone: zone.id,
      strand: strand.key,
      name: `${zone.name}, ${strand.name}`,
      wish: '',
    })))
}

/** What can be judged: each zone, and by themselves the strands of which something else is wished. */
export function judgedZones(visit: Visit): Judged[] {
  return visit.canvas.canvas.zones.filter((zone) => !zone.offLimits).flatMap((zone) => {
    const name = (id: string) => visit.picture.zones.find((each) => each.id === id)?.name ?? zone.name
    const strands = (visit.picture.zones.find((each) => each.id === zone.id)?.strands ?? []).filter((strand) =>
      strand.letters.length > 0,
    )
    const main = {
      id: zone.id,
      zone: zone.id,
      strand: '',
      name: name(zone.id),
      of: strands.length < 2 ? undefined : strands.find((strand) => strand.main)?.name,
      wish: [zone.wish.level ?? '', toneNamed(zone.wish.tone)].join(' ').trim(),
    }
    return zone.also === null
      ? [main]
      : [
        main,
        {
          id: `${zone.id}-also`,
          zone: `${zone.id}-also`,
          strand: '',
          name: name(`${zone.id}-also`),
          wish: [zone.also.level ?? '', toneNamed(zone.also.tone)].join(' ').trim(),
        },
      ]
  })
}

/** A zone of which nothing was read is not sent. */
export const resultsToSend = (results: Record<string, Result>): Result[] => Object.values(results).filter((each) =>
  each.level !== null && each.level !== '',
)

/** What each zone came to, on the ladder and by its tones, with the wish beside it; even or not, and in words. */
export function ResultRows({
  zones,
  ladder,
  results,
  error,
  onChange,
}: {
  zones: Judged[]
  ladder: Rung[]
  results: Record<string, Result>
  error: Error | null
  onChange: (results: Record<string, Result>) => void
}) {
  const sent = resultsToSend(results)
  return zones.map((zone) => {
    const index = sent.findIndex((each) => resultKey(each) === zone.id)
    const result = results[zone.id]
      ?? {
        zone: zone.zone,
        strand: zone.strand,
        level: null,
        tone: [],
        even: null,
        covered: null,
        elasticity: null,
        words: '',
      }
    const put = (change: Partial<Result>) => { onChange({ ...results, [zone.id]: { ...result, ...change } }) }
    return (
      <fieldset key={zone.id} className="result-row">
        <legend>
          {zone.name} {zone.of === undefined ? null : <span className="quiet">{zone.of} </span>}
          {zone.wish === '' ? null : <span className="quiet">{t`wished ${zone.wish}`}</span>}
        </legend>
        <LevelField
          id={`result-${zone.id}`}
          label={t`Level ${zone.name} came to`}
          ladder={ladder}
          problem={problemAt(error, `/results/${index}/level`)}
          value={result.level}
          onChange={(level) => { put({ level }) }}
        />
        {result.level === null || result.level === '' ? null : (
          <>
            <Tones
              label={t`Tone of ${zone.name}, strongest first`}
              on={result.tone}
              onChange={(tone) => { put({ tone }) }}
            />
            <div className="field-row">
              <OneOf
                label={t`Was ${zone.name} even`}
                all={[['yes', t`even`], ['no', t`uneven`]]}
                on={result.even === null ? null : result.even ? 'yes' : 'no'}
                clears
                onChange={(even) => { put({ even: even === null ? null : even === 'yes' }) }}
              />
              <Form.Control
                aria-label={t`Words on ${zone.name}`}
                placeholder={t`in words`}
                maxLength={300}
                value={result.words}
                onChange={(event) => { put({ words: event.target.value }) }}
              />
            </div>
          </>
        )}
      </fieldset>
    )
  })
}

/**
 * The same of the strands that do not carry the wish: what lies between the foils, the second shade; folded away until
 * somebody looks.
 */
export function OtherResults({
  visit,
  ...rows
}: {
  visit: Visit
  ladder: Rung[]
  results: Record<string, Result>
  error: Error | null
  onChange: (results: Record<string, Result>) => void
}) {
  const others = otherStrands(visit)
  if (others.length === 0) return null
  return (
    <details
      className="why other-results"
      open={others.some((each) => rows.results[each.id] !== undefined) || undefined}
    >
      <summary>{t`The other strands`}</summary>
      <ResultRows zones={others} {...rows} />
    </details>
  )
}

/** The zone of a result, and which of its strands where it is of some. */
export function strandName(visit: Visit, result: Result): string {
  const zone = visit.picture.zones.find((each) => each.id === result.zone)
  const strand = result.strand === '' ? undefined : zone?.strands.find((each) => each.key === result.strand)
  return [zone?.name ?? result.zone, strand?.name].filter((name) => name !== undefined).join(', ')
}
