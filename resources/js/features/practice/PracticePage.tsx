import { t } from '@lingui/core/macro'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { newId } from '../../shared/api/newId'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Waiting } from '../../shared/ui/Waiting'
import { newHead, practice } from './api'

/** Practice heads: invented hair and a wish; formulate, place and time, and see what it comes to. */
export function PracticePage() {
  const loaded = useQuery(practice)
  const queries = useQueryClient()
  const go = useNavigate()
  const make = useMutation({
    mutationFn: (lesson: string) => newHead(newId(), lesson),
    onSuccess: async (visit) => {
      await queries.invalidateQueries({ queryKey: practice.queryKey })
      await go(`/visits/${visit}?at=canvas`)
    },
  })
  if (loaded.data === undefined) return loaded.error === null ? (
    <Waiting what={t`Practice`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  const { lessons, heads, progress } = loaded.data
  return (
    <div className="page practice">
      <h1>{t`Practice`}</h1>
      <p className="lead-line">
        {t`Invented heads with a canvas and a wish. Plan the bowls as for a client, put them on, and see what comes of it. Nothing of it stands in the salon’s records.`}
      </p>
      <section aria-labelledby="new-head">
        <h2 id="new-head">{t`A new head`}</h2>
        <div className="chips">
          {lessons.map((lesson) => <button
            key={lesson.key}
            type="button"
            className="chip"
            disabled={make.isPending}
            onClick={() => { make.mutate(lesson.key) }}
          >{lesson.words}</button>)}
        </div>
        {make.error === null ? null : <ErrorNotice error={make.error} />}
      </section>
      {progress.length < 2 ? null : <Progress of={progress} />}
      <section aria-labelledby="own-heads">
        <h2 id="own-heads">{t`Your heads`}</h2>
        {heads.length === 0 ? <p className="quiet">{t`None yet. Begin with grey.`}</p> : (
          <ul className="practice-heads">
            {heads.map((head) => (
              <li key={head.name}>
                {head.visit === null ? head.name : (
                  <Link to={`/visits/${head.visit}`}>{head.name}</Link>
                )} <span>{head.lesson}</span>
                <span className={head.onTarget ? 'on-target' : 'quiet'}>
                  {head.tries === 0
                    ? t`not tried`
                    : head.onTarget ? t`✓ on target` : t`nearest ΔE ${String(head.best ?? '')}`}
                </span>
                <span className="quiet">
                  {head.tries === 0 ? '' : head.tries === 1 ? t`one try` : t`${String(head.tries)} tries`}
                </span>
              </li>
            ))}
          </ul>
        )}
      </section>
    </div>
  )
}

/** Every try in its order; lower is nearer to the wish. */
function Progress({ of }: { of: number[] }) {
  const most = Math.max(...of, 1)
  return (
    <section aria-labelledby="progress">
      <h2 id="progress">{t`How near you came`}</h2>
      <ol
        className="practice-progress"
        aria-label={t`From ΔE ${String(of[0] ?? 0)} to ΔE ${String(of.at(-1) ?? 0)} over ${String(of.length)} tries`}
      >
        {of.map((each, at) => <li
          key={at}
          style={{ height: `${String(Math.max(4, (100 * each) / most))}%` }}
          title={t`ΔE ${String(each)}`}
        />)}
      </ol>
      <p className="quiet">{t`Each bar is a try: the shorter, the nearer to the wish.`}</p>
    </section>
  )
}
