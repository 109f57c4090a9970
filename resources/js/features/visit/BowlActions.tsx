import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { newId } from '../../shared/api/newId'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { moveBowl, splitBowl, visit as visitQuery } from './api'
import { keepBlend, mergeBowls } from './formulaApi'
import { freeLetter } from './drafts'
import type { Bowl, Visit } from './shapes'

/** Copy it, split it, mix another into it, move it: among the bowls of its round, or into another. */
export function BowlActions({ visit, bowl, letters }: { visit: Visit; bowl: Bowl; letters: string[] }) {
  const queries = useQueryClient()
  const [percent, setPercent] = useState('50')
  const keep = (changed: Visit) => { queries.setQueryData(visitQuery(visit.id).queryKey, changed) }
  const move = useMutation({
    mutationFn: ({
      round,
      place,
    }: { round: string; place: number }) => moveBowl(visit.id, bowl.id, bowl.version, round, place),
    onSuccess: keep,
  })
  const split = useMutation({
    mutationFn: (share:
      | number
      | null) => splitBowl(visit.id, bowl.id, bowl.version, newId(), freeLetter(letters), share),
    onSuccess: keep,
  })
  const merge = useMutation({ mutationFn: (other: Bowl) => mergeBowls(visit.id, bowl, other), onSuccess: keep })
  // Only what nothing was poured of can still become one bowl.
  const others = bowl.batches.length > 0
    ? []
    : visit.rounds.flatMap((each) => each.bowls).filter((each) =>
      each.id !== bowl.id && each.sheet.line === bowl.sheet.line && each.batches.length === 0,
    )
  const round = visit.rounds.find((each) => each.bowls.some((other) => other.id === bowl.id))
  const place = round?.bowls.findIndex((each) => each.id === bowl.id) ?? 0
  const error = move.error ?? split.error ?? merge.error
  return (
    <details className="adjust">
      <summary>{t`Copy, split, merge, move`}</summary>
      <div className="chips">
        <Press kind="plain" id="copy-bowl" onPress={() => { split.mutate(null) }}>
          {t`Copy as ${freeLetter(letters)}`}
        </Press>
        {bowl.written === '' ? null : <CopyLine written={bowl.written} />}
        <span className="split">
          <Form.Control
            aria-label={t`Percent that moves into the new bowl`}
            inputMode="numeric"
            value={percent}
            onChange={(event) => { setPercent(event.target.value) }}
          />
          <Press
            kind="plain"
            id="split-bowl"
            disabled={bowl.batches.length > 0 || !(Number(percent) >= 1 && Number(percent) <= 99)}
            onPress={() => { split.mutate(Number(percent)) }}
          >{t`% split off as ${freeLetter(letters)}`}</Press>
        </span>
        {others.map((other) => (
          <Press key={other.id} kind="plain" disabled={merge.isPending} onPress={() => { merge.mutate(other) }}>
            {t`mix ${other.letter} into ${bowl.letter}`}
          </Press>
        ))}
        <Press
          kind="plain"
          disabled={place <= 0}
          onPress={() => { if (round !== undefined) move.mutate({ round: round.id, place: place - 1 }) }}
        >{t`↑ earlier`}</Press>
        <Press
          kind="plain"
          disabled={round === undefined || place >= round.bowls.length - 1}
          onPress={() => { if (round !== undefined) move.mutate({ round: round.id, place: place + 1 }) }}
        >{t`↓ later`}</Press>
        {visit.rounds.filter((each) => each.id !== round?.id).map((each) => (
          <Press
            key={each.id}
            kind="plain"
            onPress={() => { move.mutate({ round: each.id, place: each.bowls.length }) }}
          >{t`to ${each.name}`}</Press>
        ))}
      </div>
      <KeepBlend bowl={bowl} />
      {error === null ? null : <ErrorNotice error={error} />}
    </details>
  )
}

/** The bowl in one line, for a card, a message, or another visit. */
function CopyLine({ written }: { written: string }) {
  const [copied, setCopied] = useState(false)
  return (
    <Press
      kind="plain"
      id="copy-line"
      label={t`Copy: ${written}`}
      onPress={() => { void navigator.clipboard.writeText(written).then(() => { setCopied(true) }, () => null) }}
    >{copied ? t`✓ copied` : t`Copy as a line`}</Press>
  )
}

/** The colour of this bowl under a nickname of the house; the next version where the name is taken. */
function KeepBlend({ bowl }: { bowl: Bowl }) {
  const queries = useQueryClient()
  const [name, setName] = useState('')
  const keep = useMutation({
    mutationFn: () => keepBlend(name.trim(), bowl.sheet),
    onSuccess: () => { void queries.invalidateQueries({ queryKey: shelfQuery.queryKey }) },
  })
  return (
    <Form className="detail-row" onSubmit={(event) => { event.preventDefault(); keep.mutate() }}>
      <Form.Control
        aria-label={t`Nickname of this blend`}
        placeholder={t`keep its colour as a house blend: nickname`}
        maxLength={80}
        value={name}
        onChange={(event) => { setName(event.target.value) }}
      />
      <Press kind="quiet" submit disabled={name.trim() === '' || keep.isPending}>{t`Keep`}</Press>
      {keep.data === undefined || keep.data === null ? null : (
        <span role="status">{t`Kept as ${keep.data.name}, version ${keep.data.version}.`}</span>
      )}
      {keep.error === null ? null : <ErrorNotice error={keep.error} />}
    </Form>
  )
}
