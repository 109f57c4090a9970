import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { visit as visitQuery } from './api'
import { retimeBowl } from './timesApi'
import { tryChange } from './formulaApi'
import { canvasDrafts, type CanvasDraft } from './canvasDraft'
import { CanvasStation } from './CanvasStation'
import { CloseStation } from './CloseStation'
import type { Draft } from './drafts'
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
import { WhatIf } from './WhatIf'
import type { Trial } from './whatIf'
import { isOver } from '../../shared/visits/visitLine'
import { VisitHead } from './VisitHead'
import { draftOf, fillersOf, newBowl, suggestedDraft, withTrial } from './bowlDrafts'
import { useDrafts } from './useDrafts'
import { usePicture } from './usePicture'
import { useSettledLate } from './useSettledLate'
import { VisitNotices } from './VisitNotices'

/** Bowls on the left, the station under the hand in the middle, head and outlook on the right: always together. */
export function Workspace({
  visit,
  shelf,
  formulates,
  error,
}: { visit: Visit; shelf: Shelf; formulates: boolean; error: Error | null }) {
  const { drafts, onDraft, onDrop, readAgain } = useDrafts(visit.id)
  const [canvasDraft, setCanvasDraft] = useState<CanvasDraft | null>(() => canvasDrafts.read(visit.id))
  const queries = useQueryClient()
  const [params, setParams] = useSearchParams()
  const station = stationOf(params.get('at'), visit)
  const bowls = visit.rounds.flatMap((round) => round.bowls)
  const fresh = Object.values(drafts).filter((draft) =>
    !bowls.some((bowl) => bowl.id === draft.id) && draft.version === null,
  )
  const chosen = params.get('bowl')
    ?? bowls.find((bowl) => bowl.state !== 'mixed')?.id
    ?? bowls[0]?.id
    ?? fresh[0]?.id
    ?? null
  const go = (next: { at?: string; bowl?: string }) => {
    setParams((now) => ({ ...Object.fromEntries(now), ...next }), { replace: true })
  }
  useKeys((event) => {
    const at = STATIONS[Number(event.key) - 1]
    if (/^[1-6]$/.test(event.key) && at !== undefined) go({ at })
  })
  const editable = formulates && !isOver(visit)
  const onSettled = () => {
    readAgain()
    setCanvasDraft(canvasDrafts.read(visit.id))
  }
  useSettledLate(visit.id, onSettled)
  const add = (round: string) => {
    const line = shelf.lines[0]
    if (line === undefined) return
    const draft = newBowl(round, [...bowls.map((each) => each.letter), ...fresh.map((each) => each.sheet.letter)], line)
    onDraft(draft)
    go({ bowl: draft.id, at: station === 'place' ? 'place' : 'formulate' })
  }
  const [tries, setTrial] = useState<{ id: string; trial: Trial }>({ id: '', trial: {} })
  // Only beside what is tried: from another bowl nobody would see that the outlook is of a trial.
  const asks = editable && station !== 'read' && station !== 'close'
  const trial = tries.id === chosen && asks ? tries : { id: '', trial: {} }
  const picture = usePicture(
    visit,
    withTrial(visit, shelf, drafts, trial),
    canvasDraft,
    trial.trial.without === true ? trial.id : null,
  )
  const [refused, setRefused] = useState<Error | null>(null)
  const retime = useMutation({
    mutationFn: (draft: Draft) => retimeBowl(
      visit.id,
      draft.id,
      draft.version ?? 0,
      { minutes: draft.sheet.minutes },
      draft.sheet.letter,
    ),
    onSuccess: (now) => { queries.setQueryData(visitQuery(visit.id).queryKey, now) },
    onError: setRefused,
  })
  // A suggestion is a draft like any other: seen, changed, saved, or dropped.
  const takeSuggested = (suggestion: Picture['suggestions'][number]) => {
    const target = draftOf(visit, drafts, suggestion.change?.letter)
    if (suggestion.sheet !== null) {
      const letters = fresh.map((each) => each.sheet.letter)
      const draft = suggestedDraft(visit, letters, { sheet: suggestion.sheet, first: suggestion.first })
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
  const round = freshChosen?.round
    ?? visit.rounds.find((each) => each.bowls.some((other) => other.id === bowl?.id))?.id
    ?? ''
  const draft = (chosen === null ? undefined : drafts[chosen])
    ?? freshChosen
    ?? (bowl === null ? null : { id: bowl.id, round, version: bowl.version, sheet: bowl.sheet })
  const desk = {
    visit,
    shelf,
    bowl,
    draft,
    dirty: chosen !== null && drafts[chosen] !== undefined,
    editable,
    picture,
    onDraft,
    onDrop,
    onSettled,
    onAdded: (id: string) => { go({ bowl: id }) },
  }
  const mixed = bowl !== null && bowl.batches.length > 0
  const letters = [...bowls.map((each) => each.letter), ...fresh.map((each) => each.sheet.letter)]
  return (
    <div className="page visit">
      <VisitHead visit={visit} formulates={formulates} onClose={() => { go({ at: 'close' }) }} />
      <VisitNotices visit={visit} shelf={shelf} errors={[error, refused]} />
      <Stations now={station} visit={visit} onGo={(at) => { go({ at }) }} />
      <div className="workspace">
        <nav aria-label={t`Bowls`} className="visit-rail">
          <RoundList
            visit={visit}
            shelf={shelf}
            fresh={fresh}
            drafts={drafts}
            chosen={chosen}
            editable={editable}
            onChoose={(id) => { go({ bowl: id }) }}
            onAdd={add}
          />
        </nav>
        <section className="card-paper desk" aria-label={STATION_WORDS[station]}>
          {station === 'read' ? <ReadStation visit={visit} formulates={formulates} /> : null}
          {station === 'canvas' ? (
            <CanvasStation
              visit={visit}
              ladder={shelf.ladder}
              picture={picture}
              draft={canvasDraft}
              editable={editable}
              onSettled={onSettled}
              onDraft={(next) => { setCanvasDraft(canvasDrafts.write(visit.id, next)) }}
            />
          ) : null}
          {station === 'formulate' ? (
            <FormulateStation {...desk} letters={letters} onSuggested={takeSuggested} />
          ) : null}
          {station === 'place' ? <PlaceStation {...desk} letters={letters} /> : null}
          {station === 'run' ? (
            <RunStation visit={visit} ladder={shelf.ladder} formulates={formulates} letters={letters} />
          ) : null}
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
              fillers={fillersOf(picture)}
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
