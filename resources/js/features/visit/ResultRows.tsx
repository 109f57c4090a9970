import Form from 'react-bootstrap/Form'
import { FAMILIES } from '../../shared/ui/families'
import { OneOf } from '../../shared/ui/OneOf'
import { problemAt } from './problems'
import type { Result, Visit } from './shapes'

const VERDICTS = [['good', '✓ Good'], ['mixed', '~ Mixed'], ['poor', '✕ Poor']] as const

export function VerdictChoice({ verdict, onChange }: { verdict: string; onChange: (verdict: string) => void }) {
  return (
    <div className="chips" role="radiogroup" aria-label="How did it come out?">
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
    const main = { id: zone.id, name: name(zone.id), wish: zone.wish.level ?? '' }
    return zone.also === null ? [main] : [main, { id: `${zone.id}-also`, name: name(`${zone.id}-also`), wish: zone.also.level ?? '' }]
  })
}

/** A zone of which nothing was read is not sent. */
export const resultsToSend = (results: Record<string, Result>): Result[] => Object.values(results).filter((each) => each.level !== null && each.level !== '')

/** What each zone came to: level, tone, evenness, in words. */
export function ResultRows({ zones, results, error, onChange }: { zones: Judged[]; results: Record<string, Result>; error: Error | null; onChange: (results: Record<string, Result>) => void }) {
  const sent = resultsToSend(results)
  return zones.map((zone) => {
    const index = sent.findIndex((each) => each.zone === zone.id)
    const result = results[zone.id] ?? { zone: zone.id, level: null, tone: [], even: null, covered: null, elasticity: null, words: '' }
    const put = (change: Partial<Result>) => { onChange({ ...results, [zone.id]: { ...result, ...change } }) }
    return (
      <div key={zone.id} className="result-row">
        <strong>{zone.name}</strong>
        <Form.Control aria-label={`Level ${zone.name} came to`} placeholder={zone.wish === '' ? 'level' : zone.wish} inputMode="decimal" value={result.level ?? ''} isInvalid={problemAt(error, `/results/${index}/level`) !== undefined} onChange={(event) => { put({ level: event.target.value }) }} />
        {[0, 1].map((rank) => (
          <Form.Select key={rank} aria-label={`${rank === 0 ? 'Tone' : 'Second tone'} of ${zone.name}`} value={result.tone[rank] ?? ''} onChange={(event) => { put({ tone: [rank === 0 ? event.target.value : (result.tone[0] ?? ''), rank === 1 ? event.target.value : (result.tone[1] ?? '')].filter((each) => each !== '') }) }}>
            <option value="">{rank === 0 ? 'tone' : 'and'}</option>
            {FAMILIES.map((family) => <option key={family} value={family}>{family}</option>)}
          </Form.Select>
        ))}
        <OneOf label={`Was ${zone.name} even`} all={[['yes', 'even'], ['no', 'uneven']]} on={result.even === null ? null : result.even ? 'yes' : 'no'} clears onChange={(even) => { put({ even: even === null ? null : even === 'yes' }) }} />
        <Form.Control aria-label={`Words on ${zone.name}`} placeholder="in words" maxLength={300} value={result.words} onChange={(event) => { put({ words: event.target.value }) }} />
      </div>
    )
  })
}
