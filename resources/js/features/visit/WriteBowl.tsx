import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { deviceKeep } from '../../shared/keep/keep'
import { wordsSince } from '../../shared/keep/typedSince'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { addLines } from './addLines'
import { addBowl, visit as visitQuery } from './api'
import { readWritten } from './formulaApi'
import type { Visit } from './shapes'
import type { WrittenBowl } from './formulaShapes'
import { TakeBowls } from './TakeBowls'
import { usePaused } from './usePaused'

/**
 * A bowl as it is written on a card, read while it is typed; several lines are several bowls. What is not understood
 * stays in the field.
 */
export function WriteBowl({
  visit,
  letters,
  round,
  onAdded,
}: { visit: Visit; letters: string[]; round: string; onAdded: (id: string) => void }) {
  const queries = useQueryClient()
  const kept = deviceKeep.read(`written.${visit.id}`)
  const [text, setText] = useState(typeof kept === 'string' ? kept : '')
  const latest = useRef(text)
  const set = (next: string) => {
    latest.current = next
    setText(next)
    if (next === '') deviceKeep.drop(`written.${visit.id}`)
    else deviceKeep.write(`written.${visit.id}`, next)
  }
  const paused = usePaused(text, 250).trim()
  const version = letters.join('')
  const read = useQuery({
    ...readWritten(visit.id, paused, version),
    enabled: paused !== '',
    placeholderData: keepPreviousData,
  })
  const bowls = text.trim() === '' ? [] : (read.data ?? [])
  const settle = async () => { await queries.invalidateQueries({ queryKey: visitQuery(visit.id).queryKey }) }
  const add = useMutation({
    mutationFn: async (sent: string) => {
      // As it stands at the press, not as it stood at the last pause.
      const now = await queries.fetchQuery(readWritten(visit.id, sent.trim(), version))
      const { added, left, error } = await addLines(sent, now, (id, sheet) => addBowl(visit.id, round, id, sheet))
      set(wordsSince(latest.current, sent, left))
      if (error !== null) throw error
      return { last: added.at(-1) }
    },
    onSuccess: async ({ last }) => {
      await settle()
      if (last !== undefined) onAdded(last)
    },
  })
  const error = add.error ?? (text.trim() === '' ? null : read.error)
  return (
    <div className="write-bowl">
      <Form onSubmit={(event) => { event.preventDefault(); add.mutate(text) }}>
        <Form.Control
          as="textarea" id="write-bowl" aria-label={t`A bowl in one line`} rows={Math.min(
            6,
            Math.max(1, text.split('\n').length),
          )} value={text} maxLength={4000} spellCheck={false}
          placeholder={t`30 6N + 15 6G, 1:1.5 20 vol, root, 35 min`}
          onChange={(event) => { set(event.target.value) }}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || event.shiftKey) return
            event.preventDefault()
            if (text.trim() !== '' && !add.isPending) add.mutate(text)
          }}
        />
        <Press
          kind="main"
          submit
          id="add-written"
          disabled={add.isPending || bowls.every((each) => each.sheet === null)}
        >{bowls.length > 1 ? t`Add ${bowls.length} bowls` : t`Add it`}</Press>
      </Form>
      {bowls.map((each, at) => <Read key={at} bowl={each} />)}
      {error === null ? null : <ErrorNotice error={error} />}
      <TakeBowls visit={visit} letters={letters} round={round} onAdded={onAdded} />
    </div>
  )
}

/** What was understood, as the bowl it makes; and what was not. */
function Read({ bowl }: { bowl: WrittenBowl }) {
  const rows = bowl.worked === null
    ? []
    : [...bowl.worked.parts.flatMap((part) => part.ingredients), ...bowl.worked.additives]
  return (
    <p className="written-read">
      {bowl.sheet === null ? null : <strong>{bowl.sheet.letter}</strong>}{' '}
      {rows.map((row) => <span key={row.product} className="grams"><Mass of={row.grams} /> {row.label}</span>)}
      {bowl.worked === null ? null : (
        <span className="quiet">
          {bowl.worked.ratio} · {masses(bowl.worked.total)}
          {bowl.worked.strength === null ? '' : ` · ${masses(bowl.worked.strength.developer)}`}
          {bowl.sheet?.minutes === null || bowl.sheet === null ? '' : t` · ${bowl.sheet.minutes} min`}
          {bowl.place === '' ? '' : ` · ${bowl.place}`}
        </span>
      )}
      {bowl.problem === null ? null : <span className="off-target">! {bowl.problem}</span>}
      {bowl.rest.length === 0 ? null : (
        <span className="off-target">{t`not understood: “${bowl.rest.join(', ')}”`}</span>
      )}
    </p>
  )
}
