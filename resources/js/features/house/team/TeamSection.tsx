import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { showDay } from '../../../shared/format/time'
import { ErrorNotice, Notice } from '../../../shared/ui/Notice'
import { Press } from '../../../shared/ui/Press'
import { linkFor, takeBack, team as teamQuery, type Person, type Team } from './api'
import { Invite } from './Invite'
import { PersonEditor } from './PersonEditor'

const ROLE = {
  owner: t`plans, closes, sets the house rules`,
  colourist: t`plans, weighs and closes`,
  assistant: t`weighs, marks and watches`,
} as const

/** Who works here. The owner invites, changes and ends; who left keeps their name on what they did. */
export function TeamSection({ owns }: { owns: boolean }) {
  const queries = useQueryClient()
  const { data } = useQuery(teamQuery)
  const [open, setOpen] = useState<number | 'new' | null>(null)
  const [link, setLink] = useState<{ path: string; name: string } | null>(null)
  const keep = (next: Team, name?: string) => {
    queries.setQueryData(teamQuery.queryKey, next)
    void queries.invalidateQueries({ queryKey: ['house'] })
    setOpen(null)
    if (next.path !== undefined && name !== undefined) setLink({ path: next.path, name })
  }
  const again = useMutation({
    mutationFn: (person: Person) => linkFor(person.id),
    onSuccess: (next, person) => { keep(next, person.name) },
  })
  const back = useMutation({ mutationFn: takeBack, onSuccess: (next) => { keep(next) } })
  // Its heading is there at once: an address may lead to it.
  if (data === undefined) return <section><h2 id="house-team">{t`Team`}</h2></section>
  const here = data.people.filter((person) => person.ended === null)
  const left = data.people.filter((person) => person.ended !== null)
  const row = (person: Person) => (
    <li key={person.id}>
      <span className="initials" aria-hidden="true">
        {person.initials}
      </span> <strong>
        {person.name}
      </strong> <span>{person.ended === null ? person.role : t`left ${showDay(person.ended)}`}</span>
      <span className="quiet">
        {person.licence === '' ? ROLE[person.role] : t`licence ${person.licence}; ${ROLE[person.role]}`}
      </span>
      {owns ? (
        <Press
          kind="quiet"
          label={t`Change ${person.name}`}
          onPress={() => { setOpen(open === person.id ? null : person.id) }}
        >{t`Change`}</Press>
      ) : null}
      {open === person.id ? (
        <PersonEditor key={person.version} person={person} onDone={keep} onLink={() => { again.mutate(person) }} />
      ) : null}
    </li>
  )
  return (
    <section aria-labelledby="house-team">
      <h2 id="house-team">{t`Team`}</h2>
      {link === null ? null : <Link link={link} onDone={() => { setLink(null) }} />}
      {again.error === null ? null : <ErrorNotice error={again.error} />}
      <ul className="plain-rows">{here.map(row)}</ul>
      {data.invited.length === 0 ? null : (
        <ul className="plain-rows">
          {data.invited.map((each) => (
            <li key={each.id}>
              <span className="quiet">{each.known ? t`May set a new password` : t`Invited`}: </span>
              <strong>{each.name}</strong>{' '}
              <span className="quiet">{t`${each.email}, until ${showDay(each.ends)}`}</span>
              <Press
                kind="quiet"
                label={t`Take back the link of ${each.name}`}
                onPress={() => { back.mutate(each.id) }}
              >{t`Take back`}</Press>
            </li>
          ))}
        </ul>
      )}
      {owns
        ? (open === 'new' ? (
          <Invite onDone={keep} onLeave={() => { setOpen(null) }} />
        ) : (
          <Press id="invite" onPress={() => { setOpen('new') }}>{t`+ Invite somebody`}</Press>
        ))
        : null}
      {left.length === 0 ? null : (
        <details className="line-more">
          <summary>{t`${left.length} who left`}</summary>
          <ul className="plain-rows">{left.map(row)}</ul>
        </details>
      )}
    </section>
  )
}

/** The link, said once. */
function Link({ link, onDone }: { link: { path: string; name: string }; onDone: () => void }) {
  const address = `${location.origin}${link.path}`
  const [copied, setCopied] = useState(false)
  return (
    <Notice
      kind="good"
      title={t`Give this link to ${link.name}. It works once, for a week, and is not shown again.`}
      action={<span className="notice-actions">
        <Press onPress={() => {
          void navigator.clipboard.writeText(address).then(() => { setCopied(true) }).catch(() => null)
        }}>{copied ? t`Copied` : t`Copy`}</Press>
        <Press kind="quiet" onPress={onDone}>{t`Done`}</Press>
      </span>}
    >
      <code id="invite-link" className="invite-link">{address}</code>
    </Notice>
  )
}
