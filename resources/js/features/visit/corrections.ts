import { resultKey, resultsToSend } from './ResultRows'
import type { Result, Visit } from './shapes'

export type Words = {
  verdict: string
  outcome: string
  keep: string
  change: string
  note: string
  nextOn: string
  results: Record<string, Result>
  bowls: Record<string, { minutes: string; note: string }>
  why: string
}

export const bowlsOf = (visit: Visit) => visit.rounds.flatMap((round) => round.bowls)

export function asItStands(visit: Visit): Words {
  const { outcome, keep, change, note } = visit
  return {
    verdict: visit.verdict ?? '', outcome, keep, change, note, nextOn: visit.nextOn ?? '', why: '',
    results: Object.fromEntries(visit.results.map((result) => [resultKey(result), result])),
    bowls: Object.fromEntries(
      bowlsOf(visit).map((bowl) => [bowl.id, { minutes: String(bowl.sheet.minutes ?? ''), note: bowl.note }]),
    ),
  }
}

/** Only what differs from what stands there is sent. */
export function corrections(visit: Visit, words: Words) {
  const was = asItStands(visit)
  const fields = Object.fromEntries(
    (['verdict', 'outcome', 'keep', 'change', 'note'] as const).filter((key) =>
      words[key] !== was[key],
    ).map((key) => [key, words[key]]),
  )
  const bowls = Object.entries(words.bowls).flatMap(([id, now]) => {
    const before = was.bowls[id]
    if (before === undefined || (before.minutes === now.minutes && before.note === now.note)) return []
    return [{
      id,
      ...(before.minutes === now.minutes ? {} : { minutes: now.minutes }),
      ...(before.note === now.note ? {} : { note: now.note }),
    }]
  })
  return {
    ...fields,
    ...(words.nextOn === was.nextOn ? {} : { nextOn: words.nextOn === '' ? null : words.nextOn }),
    ...(JSON.stringify(words.results) === JSON.stringify(was.results) ? {} : { results: resultsToSend(words.results) }),
    ...(bowls.length === 0 ? {} : { bowls }),
  }
}
