import { t } from '@lingui/core/macro'
import { Refused } from '../../shared/api/http'
import { Notice } from '../../shared/ui/Notice'

const FEW = 3

/** What is wrong in a bowl, each with its mend. */
export function ProblemList({ error }: { error: Refused }) {
  const more = error.problems.length - FEW
  return (
    <ul className="problem-list">
      {error.problems.slice(0, FEW).map((problem) => (
        <li key={problem.pointer}>{problem.message} {problem.mend}</li>
      ))}
      {more > 0 ? <li>{t`and ${more} more, each at its field`}</li> : null}
    </ul>
  )
}

/** Why it was not saved, beside the button that was pressed: its field may be far away, or folded. */
export function NotSaved({ error }: { error: Error | null }) {
  return error instanceof Refused && error.problems.length > 0
    ? <Notice kind="stop" title={t`Not saved.`}><ProblemList error={error} /></Notice>
    : null
}
