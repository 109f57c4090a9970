import { t } from '@lingui/core/macro'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { clients, endMatch, matchWith, type Client } from './api'

/** Heads that are to look alike: twins, a mother and her daughter. Their target can be taken over in a visit. */
export function Matches({ file, formulates, onChanged }: { file: Client; formulates: boolean; onChanged: () => void }) {
  const [open, setOpen] = useState(false)
  const end = useMutation({ mutationFn: (id: number) => endMatch(file.id, id), onSuccess: onChanged })
  if (file.matches.length === 0 && !formulates) return null
  return (
    <section aria-labelledby="looks-like">
      <h2 id="looks-like">{t`To look alike`}</h2>
      <ul className="plain-rows">
        {file.matches.map((match) => (
          <li key={match.id}>
            <Link to={`/clients/${match.client}`}>
              <strong>{match.name}</strong>
            </Link> <span className="quiet">{match.how}</span>
            {formulates ? (
              <Press
                kind="quiet"
                label={t`${match.name} need not look alike any more`}
                onPress={() => { end.mutate(match.id) }}
              >{t`Take out`}</Press>
            ) : null}
          </li>
        ))}
      </ul>
      {end.error === null ? null : <ErrorNotice error={end.error} />}
      {!formulates
        ? null
        : open ? (
          <NewMatch file={file} onDone={() => { setOpen(false); onChanged() }} onLeave={() => { setOpen(false) }} />
        ) : (
          <Press kind="quiet" id="new-match" onPress={() => { setOpen(true) }}>{t`+ Must match somebody`}</Press>
        )}
    </section>
  )
}

function NewMatch({ file, onDone, onLeave }: { file: Client; onDone: () => void; onLeave: () => void }) {
  const [search, setSearch] = useState('')
  const [how, setHow] = useState('')
  const [chosen, setChosen] = useState<{ id: number; name: string } | null>(null)
  const found = useQuery({ ...clients(search), enabled: search.trim().length > 1 && chosen === null })
  const save = useMutation({ mutationFn: () => matchWith(file.id, chosen?.id ?? 0, how.trim()), onSuccess: onDone })
  return (
    <Form className="card-paper small-form" onSubmit={(event) => { event.preventDefault(); save.mutate() }}>
      {chosen === null ? (
        <>
          <Form.Control
            aria-label={t`Whom they must match`}
            placeholder={t`Whom they must match`}
            autoFocus
            value={search}
            onChange={(event) => { setSearch(event.target.value) }}
          />
          <div className="chips" role="group" aria-label={t`Found`}>
            {(search.trim().length > 1 ? found.data ?? [] : [])
              .filter((each) => each.id !== file.id)
              .slice(0, 5)
              .map((each) => <button key={each.id} type="button" className="chip" onClick={() => { setChosen(each) }}>
                {each.name}
              </button>)}
          </div>
        </>
      ) : (
        <p>
          <strong>{chosen.name}</strong>{' '}
          <button type="button" className="chip" onClick={() => { setChosen(null) }}>{t`another`}</button>
        </p>
      )}
      <Form.Control
        aria-label={t`How they belong together`}
        placeholder={t`twins; mother and daughter`}
        maxLength={120}
        value={how}
        onChange={(event) => { setHow(event.target.value) }}
      />
      {save.error === null ? null : <ErrorNotice error={save.error} />}
      <span className="notice-actions">
        <Press kind="main" submit id="save-match" disabled={chosen === null || how.trim() === '' || save.isPending}>
          {t`They must match`}
        </Press>
        <Press kind="quiet" onPress={onLeave}>{t`Leave it`}</Press>
      </span>
    </Form>
  )
}
