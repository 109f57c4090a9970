import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { Press } from '../../shared/ui/Press'
import { beginning, leaveForLater, type Step } from './api'

const WORDS: Record<Step['key'], { title: string; what: string; to: string }> = {
  developers: {
    title: t`Developers`,
    what: t`Every strength on the shelf, with one press each.`,
    to: '/shelf/developers',
  },
  line: { title: t`The first line`, what: t`Ratio, minutes and legend, as they stand on its packs.`, to: '/shelf/new' },
  products: { title: t`Its products`, what: t`Paste the codes, or bring in your own table.`, to: '/shelf' },
  people: { title: t`People`, what: t`A link for each; it works once.`, to: '/house#house-team' },
  rules: { title: t`House rules`, what: t`Where good people disagree: look once, and save.`, to: '/house' },
  client: { title: t`The first client`, what: t`A name is enough.`, to: '/clients' },
  bowl: {
    title: t`The first bowl`,
    what: t`A walk-in, a bowl, weigh. Colour with peroxide asks for a skin test first.`,
    to: '/',
  },
}

/** What a new salon is led through: what is next stands first; each can wait and be come back to. */
export function Steps() {
  const queries = useQueryClient()
  const { data } = useQuery(beginning)
  const change = useMutation({
    mutationFn: ({ later, aside }: { later: string[]; aside?: boolean }) => leaveForLater(later, aside),
    onSuccess: (next) => { queries.setQueryData(beginning.queryKey, next) },
  })
  if (data?.shown !== true) return null
  const later = data.steps.filter((step) => step.later).map((step) => step.key)
  const open = data.steps.filter((step) => !step.done)
  const next = open.find((step) => !step.later)
  const to = (step: Step) => (step.key === 'products' && data.line !== null
    ? `/shelf/${data.line}`
    : WORDS[step.key].to)
  return (
    <section className="begin-steps card-paper" aria-labelledby="begin-title">
      <div className="page-head">
        <h2 id="begin-title">{open.length === 0 ? t`This is your salon now` : t`To begin with`}</h2>
        <span className="quiet">{t`${data.steps.length - open.length} of ${data.steps.length} done`}</span>
        <Press kind="quiet" onPress={() => { change.mutate({ later, aside: true }) }}>
          {open.length === 0 ? t`Put this away` : t`I know my way`}
        </Press>
      </div>
      <ol>
        {data.steps.map((step) => (
          <li key={step.key} className={step.done ? 'step-done' : step.key === next?.key ? 'step-next' : undefined}>
            <span className="step-sign" aria-hidden="true">{step.done ? '✓' : step.key === next?.key ? '›' : '·'}</span>
            {step.done ? (
              <span>{WORDS[step.key].title}<span className="visually-hidden">{t`, done`}</span></span>
            ) : (
              <Link to={to(step)}>{WORDS[step.key].title}</Link>
            )}
            {step.done ? null : <span className="quiet">{step.later ? t`later` : WORDS[step.key].what}</span>}
            {step.done ? null : (
              <Press
                kind="quiet"
                label={`${WORDS[step.key].title}: ${step.later ? t`now` : t`later`}`}
                onPress={() => {
                  change.mutate({ later: step.later ? later.filter((key) => key !== step.key) : [...later, step.key] })
                }}
              >{step.later ? t`Now` : t`Later`}</Press>
            )}
          </li>
        ))}
      </ol>
    </section>
  )
}
