import { t } from '@lingui/core/macro'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import Form from 'react-bootstrap/Form'
import { useState } from 'react'
import { showDay } from '../../shared/format/time'
import { ErrorNotice } from '../../shared/ui/Notice'
import { OneOf } from '../../shared/ui/OneOf'
import { visit as visitQuery } from './api'
import { sayLasted } from './closeApi'
import type { Visit } from './shapes'

type Before = NonNullable<Visit['before']>

/** Asked where it can be known: at the next visit. It counts for the visit before. */
export function DidItLast({ visit, before }: { visit: Visit; before: Before }) {
  const queries = useQueryClient()
  const [weeks, setWeeks] = useState(before.weeks === null ? '' : String(before.weeks))
  const say = useMutation({
    mutationFn: (change: Partial<Pick<Before,
      | 'lasting'
      | 'greyShown'
      | 'weeks'>>) => sayLasted(visit.id, before.id, {
        lasting: before.lasting,
        greyShown: before.greyShown,
        weeks: before.weeks,
        ...change,
      }),
    onMutate: (change) => {
      queries.setQueryData(visitQuery(
        visit.id,
      ).queryKey, (old) => (old === undefined ? old : { ...old, before: { ...before, ...change } }))
    },
    onSettled: () => queries.invalidateQueries({ queryKey: visitQuery(visit.id).queryKey }),
  })
  const answer = (value: boolean | null) => (value === null ? null : value ? 'yes' : 'no')
  const read = (said: string | null) => (said === null ? null : said === 'yes')
  const typed = () => {
    const number = weeks.trim() === '' ? null : Number(weeks)
    if (number !== before.weeks
      && (number === null || (Number.isInteger(number) && number >= 0))) say.mutate({ weeks: number })
  }
  return (
    <div className="asked-row" id="did-it-last">
      <strong>{t`Of ${showDay(before.on)}, ${before.since} ${before.since === 1 ? t`week` : t`weeks`} ago:`}</strong>
      <OneOf
        label={t`Did the colour last`}
        all={[['yes', t`it lasted`], ['no', t`it did not last`]]}
        on={answer(before.lasting)}
        clears
        onChange={(said) => { say.mutate({ lasting: read(said) }) }}
      />
      <OneOf
        label={t`Did grey show`}
        all={[['no', t`no grey showed`], ['yes', t`grey showed`]]}
        on={answer(before.greyShown)}
        clears
        onChange={(said) => { say.mutate({ greyShown: read(said) }) }}
      />
      {before.lasting === false || before.greyShown === true ? (
        <Form.Control
          className="weeks"
          aria-label={t`After how many weeks`}
          placeholder={t`after … weeks`}
          inputMode="numeric"
          value={weeks}
          onChange={(event) => { setWeeks(event.target.value) }}
          onBlur={typed}
        />
      ) : null}
      {say.error === null ? null : <ErrorNotice error={say.error} />}
    </div>
  )
}
