import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { newId } from '../../shared/api/newId'
import { wordsSince } from '../../shared/keep/typedSince'
import { BowlGlyph } from '../../shared/ui/BowlGlyph'
import { Press } from '../../shared/ui/Press'
import { addRound, visit as visitQuery } from './api'
import { wedgesOf } from './BowlTotals'
import type { Draft } from './drafts'
import { RoundHead } from './RoundHead'
import type { Shelf } from '../../shared/shelf/shelf'
import { isOver } from '../../shared/visits/visitLine'
import type { Bowl, Visit } from './shapes'

const STATE: Record<Bowl['state'], string> = { planned: t`○ planned`, weighing: t`◐ weighing`, mixed: t`● mixed` }

/** The rounds of a visit and their bowls, to choose from. */
export function RoundList(props: {
  visit: Visit
  shelf: Shelf
  fresh: Draft[]
  drafts: Record<string, Draft>
  chosen: string | null
  editable: boolean
  onChoose: (id: string) => void
  onAdd: (round: string) => void
}) {
  const { visit, shelf } = props
  return (
    <>
      {visit.rounds.map((round) => (
        <section key={round.id} aria-label={t`Round ${round.name}`} className="round">
          <RoundHead
            visit={visit.id}
            round={round}
            editable={props.editable}
            removable={props.editable
              && visit.rounds.length > 1
              && round.bowls.length === 0
              && !props.fresh.some((draft) => draft.round === round.id)}
          />
          <ul>
            {round.bowls.map((bowl) => (
              <li key={bowl.id} className={bowl.id === props.chosen ? 'is-chosen' : ''}>
                <button
                  type="button"
                  className="bowl-choice"
                  aria-current={bowl.id === props.chosen}
                  onClick={() => { props.onChoose(bowl.id) }}
                >
                  <BowlGlyph
                    letter={bowl.letter}
                    wedges={wedgesOf(bowl.worked, shelf.lines.find((line) => line.id === bowl.line.id), shelf)}
                    size={52}
                    label={t`Bowl ${bowl.letter}`}
                  />
                  <span className="bowl-choice-words">
                    <strong>{bowl.job === '' ? t`Bowl ${bowl.letter}` : bowl.job}</strong>
                    <span className="quiet">
                      {bowl.worked?.total ?? bowl.problem} · {bowl.line.name}
                    </span>
                    <span className={`state state-${bowl.state}`}>
                      {STATE[bowl.state]}
                      {props.drafts[bowl.id] === undefined ? '' : t` · draft`}
                    </span>
                  </span>
                </button>
                {bowl.state === 'planned' && isOver(visit) ? null : (
                  <Link to={`/bench/${bowl.id}`} className="weigh-link" aria-label={t`Bench, bowl ${bowl.letter}`}>
                    ⚖
                  </Link>
                )}
              </li>
            ))}
            {props.fresh
              .filter((draft) => draft.round === round.id)
              .map((draft) => (
                <li key={draft.id} className={draft.id === props.chosen ? 'is-chosen' : ''}>
                  <button
                    type="button"
                    className="bowl-choice"
                    aria-current={draft.id === props.chosen}
                    onClick={() => { props.onChoose(draft.id) }}
                  >
                    <BowlGlyph
                      letter={draft.sheet.letter}
                      wedges={[]}
                      size={52}
                      label={t`New bowl ${draft.sheet.letter}`}
                    />
                    <span className="bowl-choice-words">
                      <strong>{draft.sheet.job === '' ? t`New bowl` : draft.sheet.job}</strong>
                      <span className="state">{t`draft, not saved`}</span>
                    </span>
                  </button>
                </li>
              ))}
          </ul>
          {props.editable ? (
            <Press kind="quiet" onPress={() => { props.onAdd(round.id) }} label={t`Add a bowl to ${round.name}`}>
              {t`+ bowl`}
            </Press>
          ) : null}
        </section>
      ))}
      {props.editable ? <NewRound visit={visit.id} /> : null}
    </>
  )
}

function NewRound({ visit }: { visit: string }) {
  const [name, setName] = useState('')
  const [id, setId] = useState(newId)
  const queries = useQueryClient()
  const add = useMutation({
    mutationFn: (called: string) => addRound(visit, id, called.trim()),
    onSuccess: (changed, called) => {
      queries.setQueryData(visitQuery(visit).queryKey, changed)
      setName((now) => wordsSince(now, called))
      setId(newId())
    },
  })
  return (
    <Form
      className="new-round"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate(name)
      }}
    >
      <Form.Control
        aria-label={t`New round`}
        placeholder={t`Next round: gloss, tone…`}
        maxLength={80}
        value={name}
        onChange={(event) => { setName(event.target.value) }}
      />
      <Press kind="quiet" submit disabled={name.trim() === '' || add.isPending}>
        {t`+ round`}
      </Press>
    </Form>
  )
}
