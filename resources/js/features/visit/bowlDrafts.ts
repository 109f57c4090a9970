import { newId } from '../../shared/api/newId'
import { emptySheet, freeLetter, type Draft } from './drafts'
import type { Shelf, ShelfLine } from '../../shared/shelf/shelf'
import type { Picture, Visit } from './shapes'
import { isTried, tried, type Filler, type Trial } from './whatIf'

/** The drafts with what is tried on one bowl; nothing of it is kept. */
export function withTrial(
  visit: Visit,
  shelf: Shelf,
  drafts: Record<string, Draft>,
  { id, trial }: { id: string; trial: Trial },
): Record<string, Draft> {
  if (!isTried(trial)) return drafts
  const round = visit.rounds.find((each) => each.bowls.some((bowl) => bowl.id === id))
  const bowl = round?.bowls.find((each) => each.id === id)
  const draft = drafts[id]
    ?? (bowl === undefined || round === undefined
      ? undefined
      : { id, round: round.id, version: bowl.version, sheet: bowl.sheet })
  const line = shelf.lines.find((each) => each.id === draft?.sheet.line)
  if (draft === undefined || line === undefined) return drafts
  const filler = trial.filler === undefined ? null : suggestedDraft(visit, [draft.sheet.letter], trial.filler)
  return {
    ...drafts,
    [id]: { ...draft, sheet: tried(draft.sheet, line, trial) },
    ...(filler === null ? {} : { tried: { ...filler, id: 'tried' } }),
  }
}

/** The bowl of that letter as it is being written, kept or not. */
export function draftOf(visit: Visit, drafts: Record<string, Draft>, letter: string | undefined): Draft | null {
  for (const round of visit.rounds) {
    const bowl = round.bowls.find((each) => each.letter === letter)
    if (bowl !== undefined) return drafts[bowl.id]
      ?? { id: bowl.id, round: round.id, version: bowl.version, sheet: bowl.sheet }
  }
  return Object.values(drafts).find((draft) => draft.version === null && draft.sheet.letter === letter) ?? null
}

/** What is suggested, as a draft: in the first round where it goes before what is there. */
export function suggestedDraft(visit: Visit, letters: string[], { sheet, first }: Pick<Filler, 'sheet' | 'first'>): Draft {
  const round = first ? visit.rounds[0] : visit.rounds.at(-1)
  return {
    id: newId(),
    round: round?.id ?? '',
    version: null,
    sheet: {
      ...sheet,
      letter: freeLetter([...letters, ...visit.rounds.flatMap((each) => each.bowls.map((bowl) => bowl.letter))]),
    },
  }
}

/** A bowl that nobody has written anything of yet. */
export const newBowl = (round: string, letters: string[], line: ShelfLine): Draft =>
  ({ id: newId(), round, version: null, sheet: emptySheet(freeLetter(letters), line) })

/** What can be laid first, of what the outlook suggests. */
export const fillersOf = (picture: Picture) => picture.suggestions.flatMap(({ key, words, sheet, first }) =>
  (key.startsWith('fill-') && sheet !== null ? [{ words, sheet, first }] : []))
