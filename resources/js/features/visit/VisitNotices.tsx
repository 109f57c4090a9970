import { t } from '@lingui/core/macro'
import { Link } from 'react-router'
import type { Shelf } from '../../shared/shelf/shelf'
import { ErrorNotice, Notice } from '../../shared/ui/Notice'
import { PracticeBar } from './PracticeBar'
import type { Visit } from './shapes'

/** What is said above the stations of a visit. */
export function VisitNotices({ visit, shelf, errors }: { visit: Visit; shelf: Shelf; errors: (Error | null)[] }) {
  return (
    <>
      {errors.map((error, at) => (error === null ? null : <ErrorNotice key={at} error={error} />))}
      {shelf.lines.some((line) => !line.withdrawn) ? null : (
        <Notice
          kind="note"
          title={t`Nothing stands on the shelf yet.`}
          action={<Link className="btn btn-primary press" to="/shelf">{t`To the shelf`}</Link>}
        >{t`A bowl is mixed from a line: write the first one, or bring in its table.`}</Notice>
      )}
      {visit.client.cautions === '' ? null : (
        <Notice kind="warn" title={visit.client.cautions}>{t`Follow the maker’s instructions and local rules.`}</Notice>
      )}
      {visit.client.practice ? <PracticeBar visit={visit} /> : null}
    </>
  )
}
