import { t } from '@lingui/core/macro'
import Form from 'react-bootstrap/Form'
import { LevelField, type Rung } from '../../shared/ui/LevelField'
import { OneOf } from '../../shared/ui/OneOf'
import { Tones } from '../../shared/ui/Tones'
import { problemAt } from './problems'
import type { Result, Visit } from './shapes'

const VERDICTS = [['good', t`✓ Good`], ['mixed', t`~ Mixed`], ['poor', t`✕ Poor`]] as const

export function VerdictChoice({ verdict, onChange }: { verdict: string; onChange: (verdict: string) => void }) {
  return (
    <div className="chips" role="radiogroup" aria-label={t`How did it come out?`}>
      {VERDICTS.map(([each, label]) => (
        <button key={each} type="button" role="radio" className="chip" aria-checked={verdict === each} onClick={() => { onChange(each) }}>{label}</button>
      ))}
    </div>
  )
}

type Judged = { id: string; name: string; wish: string }

/** What can be judged: each zone, and by themselves the strands of which something else is wished. */
export function judgedZones(visit: Visit): Judged[] {
  return visit.canvas.canvas.zones.filter((zone) => !zone.offLimits).flatMap((zone) => {
    const name = (id: string) => visit.picture.zones.find((each) => each.id === id)?.name ?? zone.name
    const main = { id: zone.id, name: name(zone.id), wish: [zone.wish.level ?? '', zone.wish.tone.join('-')].join(' ').trim() }
    return zone.also === null ? [main] : [main, { id: `${zone.id}-also`, name: name(`${zone.id}-also`), wish: [zone.also.level ?? '', zone.also.tone.join('-')].join(' ').trim() }]
  })
}

/** A zone of which nothing was read is not sent. */
export const resultsToSend = (results: Record<string, Result>): Result[] => Object.values(results).filter((each) => each.level !== null && each.level !== '')

/** What each zone came to, on the ladder and by its tones, with the wish beside it; even or not, and in words. */
export function ResultRows({ zones, ladder, results, error, onChange }: { zones: Judged[]; ladder: Rung[]; results: Record<string, Result>; error: Error | null; onChange: (results: Record<string, Result>) => void }) {
  const sent = resultsToSend(results)
  return zones.map((zone) => {
    const index = sent.findIndex((each) => each.zone === zone.id)
    const result = results[zone.id] ?? { zone: zone.id, level: null, tone: [], even: null, covered: null, elasticity: null, words: '' }
    const put = (change: Partial<Result>) => { onChange({ ...results, [zone.id]: { ...result, ...change } }) }
    return (
      <fieldset key={zone.id} className="result-row">
        <legend>{zone.name} {zone.wish === '' ? null : <span className="quiet">{t`wished ${zone.wish}`}</span>}</legend>
        <LevelField id={`result-${zone.id}`} label={t`Level ${zone.name} came to`} ladder={ladder} problem={problemAt(error, `/results/${index}/level`)} value={result.level} onChange={(level) => { put({ level }) }} />
        {result.level === null || result.level === '' ? null : (
          <>
            <Tones label={t`Tone of ${zone.name}, strongest first`} on={result.tone} onChange={(tone) => { put({ tone }) }} />
            <div className="field-row">
              <OneOf label={t`Was ${zone.name} even`} all={[['yes', t`even`], ['no', t`uneven`]]} on={result.even === null ? null : result.even ? 'yes' : 'no'} clears onChange={(even) => { put({ even: even === null ? null : even === 'yes' }) }} />
              <Form.Control aria-label={t`Words on ${zone.name}`} placeholder={t`in words`} maxLength={300} value={result.words} onChange={(event) => { put({ words: event.target.value }) }} />
            </div>
          </>
        )}
      </fieldset>
    )
  })
}
