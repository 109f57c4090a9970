import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link } from 'react-router'
import { useMember } from '../../shared/session/member'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { bothFiles, clients, mergeFiles, type Client } from './api'

const FIELDS = [
  ['name', t`Name`],
  ['phone', t`Phone`],
  ['email', t`Mail`],
  ['about', t`About`],
  ['cautions', t`Cautions`],
  ['bornOn', t`Born on`],
  ['contactBy', t`Reached by`],
  ['preferred', t`Likes to come to`],
] as const

/** Two files that may be of one person: said where they look alike, looked for where somebody knows. */
export function Alike({ file, onMerged }: { file: Client; onMerged: () => void }) {
  const [other, setOther] = useState<{ id: number; name: string } | null>(null)
  const [search, setSearch] = useState<string | null>(null)
  const found = useQuery({ ...clients(search ?? ''), enabled: search !== null && search.trim().length > 1 })
  if (other !== null) return (
    <OneOfBoth
      file={file}
      other={other.id}
      onDone={() => { setOther(null); onMerged() }}
      onLeave={() => { setOther(null) }}
    />
  )
  return (
    <>
      {file.alike.map((each) => (
        <Notice
          key={each.id}
          kind="note"
          title={t`Is this ${each.name} too?`}
          action={<Press onPress={() => { setOther(each) }}>{t`Make one file of both`}</Press>}
        >
          <Trans><Link to={`/clients/${each.id}`}>Another file</Link> has {each.by}.</Trans>
        </Notice>
      ))}
      <details className="adjust">
        <summary>{t`The same person has another file`}</summary>
        <Form.Control
          aria-label={t`Name of the other file`}
          placeholder={t`Name on the other file`}
          value={search ?? ''}
          onChange={(event) => { setSearch(event.target.value) }}
        />
        <div className="chips" role="group" aria-label={t`Found`}>
          {((search ?? '').trim().length > 1 ? found.data ?? [] : [])
            .filter((each) => each.id !== file.id)
            .slice(0, 6)
            .map((each) => <button key={each.id} type="button" className="chip" onClick={() => { setOther(each) }}>
              {each.name}
            </button>)}
        </div>
      </details>
    </>
  )
}

function OneOfBoth({
  file,
  other,
  onDone,
  onLeave,
}: { file: Client; other: number; onDone: () => void; onLeave: () => void }) {
  const member = useMember()
  const both = useQuery(bothFiles(file.id, other))
  const [taken, setTaken] = useState<readonly string[]>([])
  const [reason, setReason] = useState('')
  const merge = useMutation({
    mutationFn: () => mergeFiles(file.id, {
      other,
      version: both.data?.keep.version ?? 0,
      otherVersion: both.data?.other.version ?? 0,
      taken,
      reason: reason.trim(),
    }),
    onSuccess: onDone,
    onError: () => { void both.refetch() },
  })
  if (both.data === undefined) return both.error === null ? (
    <Waiting what={t`both files`} />
  ) : (
    <ErrorNotice error={both.error} />
  )
  const { keep, other: second } = both.data
  const differ = FIELDS.filter(([field]) => keep.fields[field] !== second.fields[field])
  return (
    <Form className="card-paper merge-files" onSubmit={(event) => { event.preventDefault(); merge.mutate() }}>
      <h3>{t`One file of both`}</h3>
      <p>
        {t`${second.visits === 1 ? t`One visit` : t`${String(second.visits)} visits`}, photographs, skin tests and notes of the other file come into this one. Whoever opens the other is led here. It cannot be taken apart again.`}
      </p>
      {differ.length === 0 ? <p className="quiet">{t`Their particulars are the same.`}</p> : (
        <table className="merge-table">
          <thead>
            <tr>
              <th scope="col">{t`What differs`}</th><th scope="col">{t`This file`}</th>
              <th scope="col">{t`The other`}</th>
            </tr>
          </thead>
          <tbody>
            {differ.map(([field, words]) => (
              <tr key={field}>
                <th scope="row">{words}</th>
                {[false, true].map((theirs) => (
                  <td key={String(theirs)}>
                    <button
                      type="button"
                      className="chip"
                      aria-pressed={taken.includes(field) === theirs}
                      onClick={() => {
                        setTaken(
                          theirs
                            ? [...taken.filter((each) => each !== field), field]
                            : taken.filter((each) => each !== field),
                        )
                      }}
                    >
                      {(theirs ? second : keep).fields[field] || t`nothing`}
                    </button>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {differ.some(([field]) => field === 'cautions') && !taken.includes('cautions') ? (
        <p className="quiet">{t`Cautions of either are cautions of the person: both stay.`}</p>
      ) : null}
      <Form.Control
        aria-label={t`Why the files become one`}
        placeholder={t`Why: written twice at the desk`}
        maxLength={300}
        value={reason}
        disabled={!member.vouches}
        onChange={(event) => { setReason(event.target.value) }}
      />
      {member.vouches ? null : <p className="quiet">{t`Files are made one by the owner or a licensed person.`}</p>}
      {merge.error === null ? null : <ErrorNotice error={merge.error} />}
      <span className="notice-actions">
        <Press kind="main" submit id="merge" disabled={!member.vouches || reason.trim().length < 10 || merge.isPending}>
          {t`Make one file of both`}
        </Press>
        <Press kind="quiet" onPress={onLeave}>{t`Leave them`}</Press>
      </span>
    </Form>
  )
}
