import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { Refused } from '../../shared/api/http'
import { deviceKeep } from '../../shared/keep/keep'
import { typedSince } from '../../shared/keep/typedSince'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { line as lineQuery } from './api'
import { importTable, makeLine, saveLine } from './lineApi'
import { lineShape, type Line } from './shapes'
import { Legend } from './Legend'
import { codesOf, draftOf, EMPTY, jsonOf, keepLineDraft, readLineDraft, type LineDraft } from './lineDraft'
import { LineRules } from './LineRules'
import { Products } from './Products'
import { useTried } from './useTried'
import { Trail } from '../../shared/trail/Trail'

/** One line: its rules and legend on the left, everything they read on the right. */
export function LinePage({ id, writes }: { id?: null; writes: boolean }) {
  const { line: named = '' } = useParams()
  const open = id === null ? null : named
  const loaded = useQuery({ ...lineQuery(named), enabled: open !== null })
  if (open === null) return <Desk key="new" line={null} writes={writes} />
  if (loaded.data === undefined) return loaded.error === null ? (
    <Waiting what={t`The line`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  return <Desk key={open} line={loaded.data} writes={writes} />
}

function Desk({ line, writes }: { line: Line | null; writes: boolean }) {
  const name = line?.id ?? 'new'
  const queries = useQueryClient()
  const go = useNavigate()
  const [draft, setDraft] = useState(() => (writes ? readLineDraft(deviceKeep, name) : null))
  const shown = draft ?? (line === null ? EMPTY : draftOf(line))
  const change = (next: LineDraft | null) => { setDraft(keepLineDraft(deviceKeep, name, next)) }
  const save = useMutation({
    mutationFn: async ({ of, version }: { of: LineDraft; version: number }) => {
      const written = { version, line: jsonOf(of), about: of.about, withdrawn: of.withdrawn }
      if (line !== null) return saveLine(line.id, written)
      const made = await makeLine(written)
      // From here on it is that line: pressed again, it is not made twice.
      keepLineDraft(deviceKeep, name, null)
      const codes = codesOf(of.codes)
      return codes.length === 0
        ? made
        : importTable(made.id, [
          'code',
          ...codes.map((code) => `"${code.replaceAll('"', '""')}"`),
        ].join('\n'), ['code']).then(
          (done) => done.line,
          () => made,
        )
    },
    onSuccess: async (saved, { of }) => {
      setDraft((now) => {
        const left = typedSince(now, of, saved.version)
        // What was typed of a new line goes on at the line it has become.
        if (line === null) keepLineDraft(deviceKeep, saved.id, left)
        return keepLineDraft(deviceKeep, name, line === null ? null : left)
      })
      queries.setQueryData(lineQuery(saved.id).queryKey, saved)
      await queries.invalidateQueries({ queryKey: shelfQuery.queryKey })
      if (line === null) await go(`/shelf/${saved.id}`, { replace: true })
    },
  })
  const edit = (next: Partial<LineDraft>) => {
    if (!save.isPending) save.reset()
    change({ ...shown, ...next })
  }
  const tried = useTried(
    line?.id ?? null,
    shown,
    line === null ? codesOf(shown.codes) : line.products.map((product) => product.said.code),
    draft !== null,
  )
  const newer = save.error instanceof Refused && save.error.status === 409
    ? lineShape.safeParse(save.error.newer)
    : null
  const faults = save.error instanceof Refused && save.error.problems.length > 0
    ? save.error.problems
    : (tried?.problems ?? [])
  const problem = (at: string) => faults.find((each) =>
    each.pointer === `/line/${at}` || each.pointer.startsWith(`/line/${at}/`),
  )
  // What is simply not typed yet is no fault while somebody types.
  const mild = save.error === null && line === null
    ? (at: string) => (isEmpty(shown, at) ? undefined : problem(at))
    : problem
  return (
    <div className="line-desk">
      <section className="line-rules card-paper" aria-label={t`Rules and legend`}>
        <h1>{shown.name === '' ? t`A new line` : shown.name}</h1>
        {newer?.success === true ? (
          <Notice
            kind="warn"
            title={t`This line was changed on another device.`}
            action={(
              <span className="notice-actions">
                <Press onPress={() => {
                  save.reset()
                  change(null)
                  queries.setQueryData(lineQuery(newer.data.id).queryKey, newer.data)
                }}>{t`Take the newer`}</Press>
                <Press kind="stop" onPress={() => { save.mutate({ of: shown, version: newer.data.version }) }}>
                  {t`Put mine in its place`}
                </Press>
              </span>
            )}
          >{t`Its version now: ${newer.data.line.name}, ${newer.data.line.ratio}, ${newer.data.line.window.min} to ${newer.data.line.window.max} min.`}</Notice>
        ) : save.error === null ? null : <ErrorNotice error={save.error} />}
        <fieldset disabled={!writes} className="plain-fieldset">
          <LineRules draft={shown} edit={edit} problem={mild} />
          <Legend draft={shown} edit={edit} problem={mild} />
        </fieldset>
        {line === null ? null : <Trail of={`lines/${line.id.replace('line-', '')}`} />}
        {writes ? (
          <footer className="desk-foot">
            <span className="quiet" role="status">
              {save.isPending
                ? t`Saving…`
                : draft === null ? (line === null ? t`Nothing written yet` : t`Saved`) : t`Draft, kept here`}
            </span>
            {line === null ? null : (
              <Press kind="quiet" onPress={() => { edit({ withdrawn: !shown.withdrawn }) }}>
                {shown.withdrawn ? t`Take it up again` : t`Withdraw`}
              </Press>
            )}
            {line === null || draft !== null ? null : (
              <Press
                kind="quiet"
                onPress={() => {
                  keepLineDraft(deviceKeep, 'new', {
                    ...shown,
                    version: 0,
                    withdrawn: false,
                    name: t`${shown.name} copy`,
                    codes: line.products
                      .filter((each) => each.said.kind === 'shade')
                      .map((each) => each.said.code)
                      .join('\n'),
                  })
                  void go('/shelf/new')
                }}
              >{t`Copy`}</Press>
            )}
            {draft === null ? null : (
              <Press kind="quiet" onPress={() => { save.reset(); change(null) }}>{t`Undo changes`}</Press>
            )}
            <Press
              id="save-line"
              kind="main"
              disabled={draft === null || save.isPending}
              onPress={() => { save.mutate({ of: shown, version: shown.version }) }}
            >{line === null ? t`Make the line` : t`Save line`}</Press>
          </footer>
        ) : null}
      </section>
      <Products line={line} draft={shown} tried={tried} writes={writes} edit={edit} />
    </div>
  )
}

function isEmpty(draft: LineDraft, at: string): boolean {
  if (at === 'name') return draft.name === ''
  if (at === 'window') return Object.values(draft.window).some((each) => each === '')
  return false
}
