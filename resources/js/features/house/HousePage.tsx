import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { useLocation } from 'react-router'
import { Refused } from '../../shared/api/http'
import { house as houseQuery, houseShape, type House } from '../../shared/house/house'
import { deviceKeep } from '../../shared/keep/keep'
import { typedSince } from '../../shared/keep/typedSince'
import { Field } from '../../shared/ui/Field'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { changeHouse } from './api'
import { allRules, keepHouseDraft, readHouseDraft, withRule, withTimezone, type HouseDraft } from './houseDraft'
import { JudgementChart } from './JudgementChart'
import { OwnCalendar } from './OwnCalendar'
import { OwnDevices } from './OwnDevices'
import { OwnLanguage } from './OwnLanguage'
import { OwnPassword } from './OwnPassword'
import { OwnSecondFactor } from './OwnSecondFactor'
import { Retention } from './Retention'
import { RuleRow } from './RuleRow'
import { OwnPin } from './team/OwnPin'
import { TeamSection } from './team/TeamSection'
import { Trail } from '../../shared/trail/Trail'

/** What this house does where good people disagree: set by the owner, readable by everybody. */
export function HousePage({ owns }: { owns: boolean }) {
  const loaded = useQuery(houseQuery)
  if (loaded.data === undefined) return loaded.error === null ? (
    <Waiting what={t`House rules`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  return <Rules house={loaded.data} owns={owns} />
}

function Rules({ house, owns }: { house: House; owns: boolean }) {
  const { hash } = useLocation()
  useEffect(() => {
    // What the address names is there only now.
    if (hash !== '') document.getElementById(hash.slice(1))?.scrollIntoView()
  }, [hash])
  const queries = useQueryClient()
  const [draft, setDraft] = useState(() => (owns ? readHouseDraft(deviceKeep) : null))
  const save = useMutation({
    mutationFn: ({ sent, version }: { sent: HouseDraft | null; version: number }) =>
      changeHouse(version, allRules(house, sent), sent?.timezone ?? house.timezone),
    onSuccess: async (saved, { sent }) => {
      setDraft((now) => keepHouseDraft(deviceKeep, typedSince(now, sent, saved.version)))
      queries.setQueryData(houseQuery.queryKey, saved)
      // Every computed number may rest on a rule.
      await queries.invalidateQueries()
    },
  })
  const change = (next: HouseDraft | null) => { setDraft(keepHouseDraft(deviceKeep, next)) }
  const edit = (next: HouseDraft) => {
    if (!save.isPending) save.reset()
    change(next)
  }
  const newer = save.error instanceof Refused && save.error.status === 409
    ? houseShape.safeParse(save.error.newer)
    : null
  const problem = (key: string) => (save.error instanceof Refused
    ? save.error.problems.find((each) => each.pointer === `/rules/${key}`)
    : undefined)
  return (
    <div className="page house">
      <h1>{t`House rules`}</h1>
      <p className="lead-line">
        {t`Where good people disagree, this is what ${house.name} does. Every suggestion, clock and caution follows it.`}{' '}
        {owns ? null : t`The owner sets them.`}
      </p>
      <nav className="house-jumps" aria-label={t`On this page`}>
        <a href="#house-team">{t`Team`}</a>
        {house.groups.map((group) => <a key={group.key} href={`#group-${group.key}`}>{group.words}</a>)}
        <a href="#house-clock">{t`Clock`}</a>
        {owns ? <a href="#house-keeps">{t`Keeping`}</a> : null}
        <a href="#house-own">{t`My own`}</a>
      </nav>
      {newer?.success === true ? (
        <Notice
          kind="warn"
          title={t`The house rules were changed on another device.`}
          action={
            <span className="notice-actions">
              <Press onPress={() => {
                save.reset()
                change(null)
                queries.setQueryData(houseQuery.queryKey, newer.data)
              }}>{t`Take the newer`}</Press>
              <Press kind="stop" onPress={() => { save.mutate({ sent: draft, version: newer.data.version }) }}>
                {t`Put mine in their place`}
              </Press>
            </span>
          }
        >
          {differences(newer.data, allRules(house, draft))}
        </Notice>
      ) : null}
      {save.error !== null && newer === null ? <ErrorNotice error={save.error} /> : null}
      {house.groups.map((group) => (
        <section key={group.key} aria-labelledby={`group-${group.key}`}>
          <h2 id={`group-${group.key}`}>{group.words}</h2>
          {group.rules.map((rule) => (
            <RuleRow
              key={rule.key}
              rule={rule}
              value={draft?.rules[rule.key] ?? rule.value}
              mayChange={owns}
              problem={problem(rule.key)}
              onChange={(value) => { edit(withRule(house, draft, rule.key, value)) }}
            />
          ))}
        </section>
      ))}
      <section aria-labelledby="house-clock">
        <h2 id="house-clock">{t`The clock on the wall`}</h2>
        {owns ? (
          <Field id="timezone" label={t`Time zone`}>
            <Form.Select
              value={draft?.timezone ?? house.timezone}
              onChange={(event) => { edit(withTimezone(house, draft, event.target.value)) }}
            >
              {[...new Set([
                house.timezone,
                'UTC',
                ...Intl.supportedValuesOf('timeZone'),
              ])].map((zone) => <option key={zone} value={zone}>{zone.replaceAll('_', ' ')}</option>)}
            </Form.Select>
          </Field>
        ) : <p>{house.timezone}</p>}
      </section>
      <Trail of="house" />
      <TeamSection owns={owns} />
      {owns ? <Retention /> : null}
      <JudgementChart />
      <h2 id="house-own">{t`My own`}</h2>
      <OwnLanguage />
      <OwnPassword />
      <OwnSecondFactor />
      <OwnPin />
      <OwnDevices />
      <OwnCalendar />
      {owns ? (
        <footer className="desk-foot">
          <span className="quiet" role="status">
            {save.isPending ? t`Saving…` : draft === null ? t`Saved` : t`Draft, kept here`}
          </span>
          {draft === null ? null : (
            <Press kind="quiet" onPress={() => { edit({ version: house.version, rules: {}, timezone: null }) }}>
              {t`Undo changes`}
            </Press>
          )}
          <Press
            id="save-house"
            kind="main"
            disabled={draft === null || save.isPending}
            onPress={() => { if (draft !== null) save.mutate({ sent: draft, version: draft.version }) }}
          >{t`Save rules`}</Press>
        </footer>
      ) : null}
    </div>
  )
}

/** What the other device set differently, rule by rule. */
function differences(newer: House, mine: Record<string, string>): string {
  const differ = newer.groups.flatMap((group) => group.rules).filter((rule) => mine[rule.key] !== rule.value)
  return differ.length === 0
    ? t`They are the same as yours.`
    : differ.map((rule) => `${rule.label}: ${rule.words}.`).join(' ')
}
