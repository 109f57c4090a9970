import { t } from '@lingui/core/macro'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { deviceKeep } from '../../shared/keep/keep'
import { newId } from '../../shared/api/newId'
import { onSent } from '../../shared/outbox/kept'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Waiting } from '../../shared/ui/Waiting'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { picture as pictureQuery, retimeBowl, tryChange, visit as visitQuery } from './api'
import { canvasDrafts, type CanvasDraft } from './canvasDraft'
import { CanvasStation } from './CanvasStation'
import { CloseStation } from './CloseStation'
import { dropDraft, emptySheet, freeLetter, readDrafts, writeDraft, type Draft } from './drafts'
import { FormulateStation } from './FormulateStation'
import { PlaceStation } from './PlaceStation'
import { ReadStation } from './ReadStation'
import { RoundList } from './RoundList'
import { RunStation } from './RunStation'
import { SidePanel } from './SidePanel'
import { STATION_WORDS, STATIONS, stationOf, Stations } from './Stations'
import type { Shelf } from '../../shared/shelf/shelf'
import type { Picture, Visit } from './shapes'
import { useKeys } from '../../shared/ui/useKeys'
import { PracticeBar } from './PracticeBar'
import { usePaused } from './usePaused'
import { WhatIf } from './WhatIf'
import { isTried, tried, type Filler, type Trial } from './whatIf'
import { isOver } from '../../shared/visits/visitLine'
import { VisitHead } from './VisitHead'

export function VisitPage({ formulates }: { formulates: boolean }) {
  const { id = '' } = useParams()
  const loaded = useQuery(visitQuery(id))
  const shelf = useQuery(shelfQuery)
  const error = loaded.error ?? shelf.error
  if (loaded.data === undefined || shelf.data === undefined) return error === null ? <Waiting what={t`the visit`} /> : <ErrorNotice error={error} />
  return <Workspace key={id} visit={loaded.data} shelf={shelf.data} formulates={formulates || loaded.data.client.practice} error={error} />
}

/** Whoever waited longer than this for a save may not be looking any more. */
const LATE_MS = 4_000

/** Bowls on the left, the station under the hand in the middle, head and outlook on the right: always together. */
function Workspace({ visit, shelf, formulates, error }: { visit: Visit; shelf: Shelf; formulates: boolean; error: Error | null }) {
  const [drafts, setDrafts] = useState(() => readDrafts(deviceKeep, visit.id))
  const [canvasDraft, setCanvasDraft] = useState<CanvasDraft | null>(() => canvasDrafts.read(visit.id))
  const queries = useQueryClient()
  const [params, setParams] = useSearchParams()
  const station = stationOf(params.get('at'), visit)
  const bowls = visit.rounds.flatMap((round) => round.bowls)
  const fresh = Object.values(drafts).filter((draft) => !bowls.some((bowl) => bowl.id === draft.id) && draft.version === null)
  const chosen = params.get('bowl') ?? bowls.find((bowl) => bowl.state !== 'mixed')?.id ?? bowls[0]?.id ?? fresh[0]?.id ?? null
  const go = (next: { at?: string; bowl?: string }) => {
    setParams((now) => ({ ...Object.fromEntries(now), ...next }), { replace: true })
  }
  useKeys((event) => {
    const at = STATIONS[Number(event.key) - 1]
    if (/^[1-6]$/.test(event.key) && at !== undefined) go({ at })
  })
  const editable = formulates && !isOver(visit)
  const onDraft = (draft: Draft) => { setDrafts(writeDraft(deviceKeep, visit.id, draft)) }
  const onDrop = (id: string) => { setDrafts(dropDraft(deviceKeep, visit.id, id)) }
  const onSettled = () => {
    setDrafts(readDrafts(deviceKeep, visit.id))
    setCanvasDraft(canvasDrafts.read(visit.id))
  }
  // Also for what has waited, and reaches the server while nobody on this page waits for it.
  useEffect(() => onSent((entry) => {
    if (entry.stream === `visit:${visit.id}` && Date.now() - entry.madeAt > LATE_MS) void queries.invalidateQueries({ queryKey: visitQuery(visit.id).queryKey }).then(onSettled)
  }))
  const add = (round: string) => {
    const line = shelf.lines[0]
    if (line === undefined) return
    const draft = { id: newId(), round, version: null, sheet: emptySheet(freeLetter([...bowls.map((each) => each.letter), ...fresh.map((each) => each.sheet.letter)]), line) }
    onDraft(draft)
    go({ bowl: draft.id, at: station === 'place' ? 'place' : 'formulate' })
  }
  const [tries, setTrial] = useState<{ id: string; trial: Trial }>({ id: '', trial: {} })
  // Only beside what is tried: from another bowl nobody would see that the outlook is of a trial.
  const asks = editable && station !== 'read' && station !== 'close'
  const trial = tries.id === chosen && asks ? tries : { id: '', trial: {} }
  const picture = usePicture(visit, withTrial(visit, shelf, drafts, trial), canvasDraft, trial.trial.without === true ? trial.id : null)
  const [refused, setRefused] = useState<Error | null>(null)
  const retime = useMutation({
    mutationFn: (draft: Draft) => retimeBowl(visit.id, draft.id, draft.version ?? 0, { minutes: draft.sheet.minutes }, draft.sheet.letter),
    onSuccess: (now) => { queries.setQueryData(visitQuery(visit.id).queryKey, now) },
    onError: setRefused,
  })
  // A suggestion is a draft like any other: seen, changed, saved, or dropped.
  const takeSuggested = (suggestion: Picture['suggestions'][number]) => {
    const target = draftOf(visit, drafts, suggestion.change?.letter)
    if (suggestion.sheet !== null) {
      const draft = suggestedDraft(visit, fresh.map((each) => each.sheet.letter), { sheet: suggestion.sheet, first: suggestion.first })
      onDraft(target === null ? draft : { ...draft, round: target.round })
      go({ bowl: draft.id })
    }
    if (suggestion.change !== null && target !== null) {
      if (suggestion.sheet === null) go({ bowl: target.id })
      const { kind, value } = suggestion.change
      setRefused(null)
      tryChange(target.sheet, { change: { kind, value } }, visit.id).then(
        ({ ways: [made] }) => { if (made !== undefined) onDraft({ ...target, sheet: made.sheet }) },
        (reason: unknown) => { setRefused(reason instanceof Error ? reason : new Error(String(reason))) },
      )
    }
  }
  const bowl = bowls.find((each) => each.id === chosen) ?? null
  const freshChosen = fresh.find((each) => each.id === chosen) ?? null
  const round = freshChosen?.round ?? visit.rounds.find((each) => each.bowls.some((other) => other.id === bowl?.id))?.id ?? ''
  const draft = (chosen === null ? undefined : drafts[chosen]) ?? freshChosen ?? (bowl === null ? null : { id: bowl.id, round, version: bowl.version, sheet: bowl.sheet })
  const desk = { visit, shelf, bowl, draft, dirty: chosen !== null && drafts[chosen] !== undefined, editable, picture, onDraft, onDrop, onSettled, onAdded: (id: string) => { go({ bowl: id }) } }
  const mixed = bowl !== null && bowl.batches.length > 0
  const letters = [...bowls.map((each) => each.letter), ...fresh.map((each) => each.sheet.letter)]
  return (
    <div className="page visit">
      <VisitHead visit={visit} formulates={formulates} onClose={() => { go({ at: 'close' }) }} />
      {error === null ? null : <ErrorNotice error={error} />}
      {refused === null ? null : <ErrorNotice error={refused} />}
      {shelf.lines.some((line) => !line.withdrawn) ? null : <Notice kind="note" title={t`Nothing stands on the shelf yet.`} action={<Link className="btn btn-primary press" to="/shelf">{t`To the shelf`}</Link>}>{t`A bowl is mixed from a line: write the first one, or bring in its table.`}</Notice>}
      {visit.client.cautions === '' ? null : <Notice kind="warn" title={visit.client.cautions}>{t`Follow the maker’s instructions and local rules.`}</Notice>}
      {visit.client.practice ? <PracticeBar visit={visit} /> : null}
      <Stations now={station} visit={visit} onGo={(at) => { go({ at }) }} />
      <div className="workspace">
        <nav aria-label={t`Bowls`} className="visit-rail">
          <RoundList visit={visit} shelf={shelf} fresh={fresh} drafts={drafts} chosen={chosen} editable={editable} onChoose={(id) => { go({ bowl: id }) }} onAdd={add} />
        </nav>
        <section className="card-paper desk" aria-label={STATION_WORDS[station]}>
          {station === 'read' ? <ReadStation visit={visit} formulates={formulates} /> : null}
          {station === 'canvas' ? <CanvasStation visit={visit} ladder={shelf.ladder} picture={picture} draft={canvasDraft} editable={editable} onSettled={onSettled} onDraft={(next) => { setCanvasDraft(canvasDrafts.write(visit.id, next)) }} /> : null}
          {station === 'formulate' ? <FormulateStation {...desk} letters={letters} onSuggested={takeSuggested} /> : null}
          {station === 'place' ? <PlaceStation {...desk} letters={letters} /> : null}
          {station === 'run' ? <RunStation visit={visit} ladder={shelf.ladder} formulates={formulates} letters={letters} /> : null}
          {station === 'close' ? <CloseStation visit={visit} ladder={shelf.ladder} formulates={formulates} /> : null}
        </section>
        <SidePanel visit={visit} picture={picture} withMap={station !== 'place' && station !== 'canvas'}>
          {draft !== null && asks && (bowl === null || bowl.clock.state !== 'rinsed') ? (
            <WhatIf
              draft={draft}
              shelf={shelf}
              trial={trial.id === draft.id ? trial.trial : {}}
              onTry={(next) => { setTrial({ id: draft.id, trial: next }) }}
              mixed={mixed}
              fillers={picture.suggestions.flatMap(({ key, words, sheet, first }) => (key.startsWith('fill-') && sheet !== null ? [{ words, sheet, first }] : []))}
              onKeep={(next, filler) => {
                if (mixed) retime.mutate(next)
                else onDraft(next)
                if (filler !== undefined) onDraft(suggestedDraft(visit, letters, filler))
                setTrial({ id: '', trial: {} })
              }}
            />
          ) : null}
        </SidePanel>
      </div>
    </div>
  )
}

/** The drafts with what is tried on one bowl; nothing of it is kept. */
function withTrial(visit: Visit, shelf: Shelf, drafts: Record<string, Draft>, { id, trial }: { id: string; trial: Trial }): Record<string, Draft> {
  if (!isTried(trial)) return drafts
  const round = visit.rounds.find((each) => each.bowls.some((bowl) => bowl.id === id))
  const bowl = round?.bowls.find((each) => each.id === id)
  const draft = drafts[id] ?? (bowl === undefined || round === undefined ? undefined : { id, round: round.id, version: bowl.version, sheet: bowl.sheet })
  const line = shelf.lines.find((each) => each.id === draft?.sheet.line)
  if (draft === undefined || line === undefined) return drafts
  const filler = trial.filler === undefined ? null : suggestedDraft(visit, [draft.sheet.letter], trial.filler)
  return { ...drafts, [id]: { ...draft, sheet: tried(draft.sheet, line, trial) }, ...(filler === null ? {} : { tried: { ...filler, id: 'tried' } }) }
}

/** The bowl of that letter as it is being written, kept or not. */
function draftOf(visit: Visit, drafts: Record<string, Draft>, letter: string | undefined): Draft | null {
  for (const round of visit.rounds) {
    const bowl = round.bowls.find((each) => each.letter === letter)
    if (bowl !== undefined) return drafts[bowl.id] ?? { id: bowl.id, round: round.id, version: bowl.version, sheet: bowl.sheet }
  }
  return Object.values(drafts).find((draft) => draft.version === null && draft.sheet.letter === letter) ?? null
}

/** What is suggested, as a draft: in the first round where it goes before what is there. */
function suggestedDraft(visit: Visit, letters: string[], { sheet, first }: Pick<Filler, 'sheet' | 'first'>): Draft {
  const round = first ? visit.rounds[0] : visit.rounds.at(-1)
  return { id: newId(), round: round?.id ?? '', version: null, sheet: { ...sheet, letter: freeLetter([...letters, ...visit.rounds.flatMap((each) => each.bowls.map((bowl) => bowl.letter))]) } }
}

/** The picture of the visit with what is being typed in it; the last one stays until the next is there. */
function usePicture(visit: Visit, drafts: Record<string, Draft>, canvasDraft: CanvasDraft | null, without: string | null) {
  const typed = useMemo(() => ({ drafts: Object.values(drafts).map((draft) => ({ id: draft.id, round: draft.round, bowl: draft.sheet })), canvas: canvasDraft?.canvas ?? null, without: without === null ? [] : [without] }), [drafts, canvasDraft, without])
  const paused = usePaused(typed, 200)
  const version = `${visit.canvas.version}.${visit.rounds.flatMap((round) => round.bowls.map((bowl) => `${bowl.letter}${bowl.version}`)).join('.')}`
  const dirty = paused.drafts.length > 0 || paused.canvas !== null || paused.without.length > 0
  const live = useQuery({ ...pictureQuery(visit.id, version, paused.canvas, paused.drafts, paused.without), enabled: dirty, placeholderData: keepPreviousData })
  return dirty ? (live.data ?? visit.picture) : visit.picture
}
