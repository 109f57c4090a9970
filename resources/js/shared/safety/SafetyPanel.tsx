import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { newId } from '../api/newId'
import { useKept } from '../keep/useKept'
import { showClock, showDay } from '../format/time'
import { ErrorNotice, Notice } from '../ui/Notice'
import { Press } from '../ui/Press'
import { LiftNote } from './LiftNote'
import { PlaceTest } from './PlaceTest'
import { noteContraindication, readTest, type Safety, type SafetyState } from './safety'

const SIGN: Record<SafetyState, string> = {
  reaction: '✕',
  missing: '✕',
  expired: '!',
  waiting: '…',
  due: '!',
  clear: '✓',
}
const KINDS = [
  ['earlier-reaction', t`Earlier reaction to hair colour`],
  ['henna-tattoo', t`Reaction to a black henna tattoo`],
  ['sensitive-scalp', t`Sensitive or damaged scalp`],
  ['face-rash', t`Rash on the face`],
] as const

/** Skin tests by line and what speaks against colouring: state on top, recording under it. */
export function SafetyPanel({
  client,
  safety,
  formulates,
  onChanged,
}: { client: number; safety: Safety; formulates: boolean; onChanged: () => void }) {
  const open = safety.contraindications.filter((note) => note.liftedAt === null)
  return (
    <section className="safety" aria-label={t`Skin and safety`}>
      <ul className="safety-states">
        {safety.lines.map((line) => (
          <li key={line.id} className={`safety-state safety-${line.state}`}>
            <span aria-hidden="true">{SIGN[line.state]}</span> <strong>{line.name}</strong> {line.words}
          </li>
        ))}
      </ul>
      {open.map((note) => (
        <Notice
          key={note.id}
          kind="stop"
          title={`${note.words}${note.note === '' ? '' : `: ${note.note}`}`}
          action={formulates ? <LiftNote note={note.id} doctor={note.needsDoctor} onChanged={onChanged} /> : null}
        >
          {note.mend}
        </Notice>
      ))}
      {safety.tests.filter((test) => test.result === null).map((test) => (
        <ReadTest key={test.id} client={client} test={test} readers={safety.readers} onChanged={onChanged} />
      ))}
      <details className="safety-more">
        <summary>{t`Place a skin test, note a contraindication, look back`}</summary>
        <PlaceTest client={client} safety={safety} onChanged={onChanged} />
        <NoteOne client={client} onChanged={onChanged} />
        <ul className="safety-past">
          {safety.tests.filter((test) => test.result !== null).map((test) => (
            <li key={test.id}>
              {t`${test.result === 'reaction' ? t`✕ reaction` : t`✓ clear`}: ${test.lines.join(', ')}, ${test.spot}, placed ${showDay(test.placedAt)} by ${test.placedBy}, read ${test.readAt === null ? '' : showDay(test.readAt)} by ${test.readBy ?? ''}. ${test.note}`}
            </li>
          ))}
          {safety.contraindications.filter((note) => note.liftedAt !== null).map((note) => (
            <li key={note.id}>
              {t`${note.words}, lifted ${note.liftedAt === null ? '' : showDay(note.liftedAt)} by ${note.liftedBy ?? ''}: ${note.clearance}`}
            </li>
          ))}
        </ul>
      </details>
      <p className="small-print">
        {t`Usual cautions only. The maker’s instructions, local rules and licensed practice come first.`}
      </p>
    </section>
  )
}

function ReadTest({
  client,
  test,
  readers,
  onChanged,
}: { client: number; test: Safety['tests'][number]; readers: string; onChanged: () => void }) {
  const [note, setNote, arrived] = useKept(`skin.${test.id}`)
  const read = useMutation({
    mutationFn: ({ result, shows }: { result: string; shows: string }) => readTest(client, test.id, result, shows),
    onSuccess: (_, { shows }) => {
      arrived(shows)
      onChanged()
    },
  })
  return (
    <div className="safety-read">
      <p>
        <Trans>
          Skin test
          of {test.lines.join(', ')}, {test.spot}, placed {showDay(test.placedAt)} {showClock(test.placedAt)}{' '}
          by {test.placedBy}{test.recordedBy === null ? '' : t`, recorded by ${test.recordedBy}`}.{' '}
          <strong>Read it from {showDay(test.readFrom)} {showClock(test.readFrom)}, by {readers}.</strong> A reaction is
          recorded at any time, by anybody.
        </Trans>
      </p>
      <div className="safety-row">
        <Form.Control
          aria-label={t`What the skin shows`}
          placeholder={t`What the skin shows`}
          maxLength={300}
          value={note}
          onChange={(event) => { setNote(event.target.value) }}
        />
        <Press onPress={() => { read.mutate({ result: 'clear', shows: note }) }} id="read-clear">{t`✓ Clear`}</Press>
        <Press kind="stop" onPress={() => { read.mutate({ result: 'reaction', shows: note }) }} id="read-reaction">{t`✕ Reaction`}</Press>
      </div>
      {read.error === null ? null : <ErrorNotice error={read.error} />}
    </div>
  )
}

function NoteOne({ client, onChanged }: { client: number; onChanged: () => void }) {
  const [kind, setKind] = useState('')
  const [words, setWords, arrived] = useKept(`against.${client}`)
  const [id, setId] = useState(newId)
  const note = useMutation({
    mutationFn: (said: string) => noteContraindication(client, { id, kind, note: said }),
    onSuccess: (_, said) => {
      setId(newId())
      setKind('')
      arrived(said)
      onChanged()
    },
  })
  return (
    <div className="safety-form">
      <div className="safety-row">
        <Form.Select
          aria-label={t`What speaks against colouring`}
          value={kind}
          onChange={(event) => { setKind(event.target.value) }}
        >
          <option value="">{t`Note what speaks against colouring…`}</option>
          {KINDS.map(([value, label]) => (
            <option key={value} value={value}>{label}</option>
          ))}
        </Form.Select>
        <Form.Control
          aria-label={t`In words`}
          placeholder={t`In words`}
          maxLength={300}
          value={words}
          onChange={(event) => { setWords(event.target.value) }}
        />
        <Press kind="stop" disabled={kind === '' || note.isPending} onPress={() => { note.mutate(words) }}>
          {t`Note it`}
        </Press>
      </div>
      {note.error === null ? null : <ErrorNotice error={note.error} />}
    </div>
  )
}
