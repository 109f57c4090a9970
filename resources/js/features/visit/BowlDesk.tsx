import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import Form from 'react-bootstrap/Form'
import { useNavigate } from 'react-router'
import { Refused } from '../../shared/api/http'
import { Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { addBowl, changeBowl, removeBowl, visit as visitQuery } from './api'
import { BowlEditor } from './BowlEditor'
import { NotSaved } from './BowlProblems'
import type { Draft } from './drafts'
import type { Shelf } from '../../shared/shelf/shelf'
import { bowl as bowlShape, type Bowl, type Picture, type Sheet, type Visit } from './shapes'

/** One bowl under the hand: typed, kept as a draft, saved; a newer version is shown, never overwritten. */
export function BowlDesk(props: {
  visit: Visit
  shelf: Shelf
  bowl: Bowl | null
  draft: Draft
  dirty: boolean
  reason: string
  onReason: (reason: string) => void
  amount: Picture['amounts'][string]
  tools: ReactNode
  /** Only the foot: what is edited stands elsewhere. */
  footOnly?: boolean
  onDraft: (draft: Draft) => void
  onDrop: (id: string) => void
  /** Something has reached the server: what is still a draft is read anew. */
  onSettled: () => void
}) {
  const { draft, bowl } = props
  const queries = useQueryClient()
  const go = useNavigate()
  const refresh = () => queries.invalidateQueries({ queryKey: visitQuery(props.visit.id).queryKey })
  const save = useMutation({
    mutationFn: (version:
      | number
      | null) => (version === null
        ? addBowl(props.visit.id, draft.round, draft.id, draft.sheet)
        : changeBowl(props.visit.id, draft.id, version, draft.sheet, props.reason.trim())),
    onSuccess: async () => {
      await refresh()
      props.onReason('')
      props.onSettled()
    },
  })
  const remove = useMutation({
    mutationFn: async () => {
      if (draft.version !== null) await removeBowl(props.visit.id, draft.id, draft.version, draft.sheet.letter)
    },
    onSuccess: async () => {
      props.onDrop(draft.id)
      await refresh()
    },
  })
  const change = (sheet: Sheet) => {
    save.reset()
    props.onDraft({ ...draft, sheet })
  }
  const conflict = save.error instanceof Refused && save.error.status === 409
    ? bowlShape.safeParse(save.error.newer)
    : null
  return (
    <>
      {conflict?.success === true ? (
        <Notice
          kind="warn"
          title={t`This bowl was changed on another device.`}
          action={
            <span className="notice-actions">
              <Press onPress={() => { save.reset(); props.onDrop(draft.id); void refresh() }}>
                {t`Take the newer`}
              </Press>
              <Press kind="stop" onPress={() => { save.mutate(conflict.data.version) }}>
                {t`Put mine in its place`}
              </Press>
            </span>
          }
        >
          {t`The newer one: ${conflict.data.job}, ${conflict.data.worked?.total ?? t`no grams yet`}, ratio ${conflict.data.sheet.ratio}, ${conflict.data.sheet.amount.grams}. Yours is below, untouched.`}
        </Notice>
      ) : null}
      {props.footOnly === true
        ? (save.error !== null && conflict === null ? (
          <Notice kind="stop" title={save.error.message}>{problemsOf(save.error)}</Notice>
        ) : null)
        : <BowlEditor
          shelf={props.shelf}
          sheet={draft.sheet}
          visit={props.visit}
          amount={props.amount}
          saveError={conflict === null ? save.error : null}
          onChange={change}
          tools={props.tools}
        />}
      <footer className="desk-foot">
        {props.footOnly === true || conflict !== null ? null : <NotSaved error={save.error} />}
        <span className="quiet" role="status">
          {save.isPending ? t`Saving…` : props.dirty ? t`Draft, kept here` : t`Saved`}
        </span>
        {props.dirty && bowl !== null ? (
          <Form.Control
            className="reason"
            aria-label={t`Why it is changed`}
            placeholder={t`Why? (kept with the change)`}
            maxLength={500}
            value={props.reason}
            onChange={(event) => { props.onReason(event.target.value) }}
          />
        ) : null}
        {props.footOnly === true ? null : (
          <Press kind="quiet" onPress={() => { remove.mutate() }}>
            {t`Take bowl out`}
          </Press>
        )}
        {props.dirty && bowl !== null ? (
          <Press kind="quiet" onPress={() => { save.reset(); props.onDrop(draft.id) }}>{t`Undo changes`}</Press>
        ) : null}
        <Press
          kind={props.dirty ? 'main' : 'plain'}
          disabled={!props.dirty || save.isPending}
          onPress={() => { save.mutate(draft.version) }}
          id="save-bowl"
        >
          {t`Save bowl`}
        </Press>
        {props.footOnly === true ? null : (
        <Press
          kind={props.dirty ? 'plain' : 'main'}
          disabled={props.dirty || bowl === null}
          onPress={() => { void go(`/bench/${draft.id}`) }}
          id="weigh"
        >
          {t`Weigh`}
        </Press>
        )}
      </footer>
      {remove.error === null ? null : <Notice kind="stop" title={remove.error.message} />}
    </>
  )
}

const problemsOf = (error: Error) => (error instanceof Refused
  ? `${error.mend} ${error.problems.map((problem) => problem.message).join(' ')}`
  : '')
