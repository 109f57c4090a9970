import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Refused } from '../../shared/api/http'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { Press } from '../../shared/ui/Press'
import { messages, setRules, type Rule } from '../../shared/messages/messages'

const TITLE = {
  'skin-test': t`A skin test is needed`,
  reading: t`A skin test is to be read`,
  appointment: t`The appointment`,
  'follow-up': t`How the colour wears`,
} as const
const DAYS = {
  'skin-test': t`days before the last moment for a test`,
  reading: '',
  appointment: t`days before the visit`,
  'follow-up': t`days after the visit`,
} as const
const MODES = [['offer', t`somebody sends it`], ['send', t`goes out by itself`], ['off', t`not at all`]] as const

/** What the owner lets go out, when, and in which words. Without a word of the owner nothing goes out by itself. */
export function MessageRules({ rules, version, owns }: { rules: Rule[]; version: number; owns: boolean }) {
  const queries = useQueryClient()
  const [draft, setDraft] = useState<Rule[] | null>(null)
  const now = draft ?? rules
  const set = (kind: Rule['kind'], change: Partial<Rule>) => {
    setDraft(now.map((rule) => (rule.kind === kind ? { ...rule, ...change } : rule)))
  }
  const save = useMutation({
    mutationFn: () => setRules(version, now),
    onSuccess: (outbox) => {
      setDraft(null)
      queries.setQueryData(messages.queryKey, outbox)
      void queries.invalidateQueries({ queryKey: ['house'] })
    },
  })
  const problem = (at: number, field: string) => (save.error instanceof Refused
    ? save.error.problems.find((each) =>
      each.pointer === `/rules/${String(at)}/${field}` || each.pointer === `rules.${String(at)}.${field}`,
    )
    : undefined)
  return (
    <section aria-labelledby="message-rules" className="message-rules">
      <h2 id="message-rules">{t`The house’s own words and rules`}</h2>
      <p className="quiet">
        {owns
          ? t`In the words can stand :first, :name, :day, :time, :service, :salon and :colourist.`
          : t`The owner sets them.`}
      </p>
      {now.map((rule, at) => (
        <details key={rule.kind} className="adjust">
          <summary>
            {TITLE[rule.kind]}: {MODES.find(([mode]) => mode === rule.mode)?.[1]}
            {DAYS[rule.kind] === ''
              ? ''
              : `, ${String(rule.days)} ${rule.days === 1 ? DAYS[rule.kind].replace('days', 'day') : DAYS[rule.kind]}`}
          </summary>
          <fieldset disabled={!owns}>
            <OneOf
              label={t`What becomes of it: ${TITLE[rule.kind]}`}
              all={MODES}
              on={rule.mode}
              onChange={(mode) => { if (mode !== null) set(rule.kind, { mode: mode as Rule['mode'] }) }}
            />
            {DAYS[rule.kind] === '' ? null : (
              <Field id={`days-${rule.kind}`} label={t`So many ${DAYS[rule.kind]}`} problem={problem(at, 'days')}>
                <Form.Control
                  type="number"
                  min={0}
                  max={30}
                  value={rule.days}
                  onChange={(event) => { set(rule.kind, { days: Number(event.target.value) }) }}
                />
              </Field>
            )}
            <Field id={`subject-${rule.kind}`} label={t`Subject`} problem={problem(at, 'subject')}>
              <Form.Control
                maxLength={120}
                value={rule.subject}
                onChange={(event) => { set(rule.kind, { subject: event.target.value }) }}
              />
            </Field>
            <Field id={`words-${rule.kind}`} label={t`Words`} problem={problem(at, 'words')}>
              <Form.Control
                as="textarea"
                rows={4}
                maxLength={1500}
                value={rule.words}
                onChange={(event) => { set(rule.kind, { words: event.target.value }) }}
              />
            </Field>
            {rule.own && owns ? (
              <Press kind="quiet" onPress={() => { set(rule.kind, { subject: '', words: '' }) }}>
                {t`Take the usual words`}
              </Press>
            ) : null}
          </fieldset>
        </details>
      ))}
      {now.some((rule) => rule.mode === 'send') ? (
        <p className="quiet">
          {t`By itself a message goes only to who agreed to messages, has a mail address, and does not want another way.`}
        </p>
      ) : null}
      {save.error === null ? null : <ErrorNotice error={save.error} />}
      {draft === null ? null : (
        <span className="notice-actions">
          <Press kind="main" id="save-message-rules" disabled={save.isPending} onPress={() => { save.mutate() }}>
            {t`Save`}
          </Press>
          <Press kind="quiet" onPress={() => { setDraft(null); save.reset() }}>{t`Undo changes`}</Press>
        </span>
      )}
    </section>
  )
}
