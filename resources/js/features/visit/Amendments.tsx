import { t } from '@lingui/core/macro'
import { showClock, showDay } from '../../shared/format/time'
import type { Amendment } from './shapes'

/** What was corrected after the visit was closed, with what stood there before. */
export function Amendments({ all }: { all: Amendment[] }) {
  if (all.length === 0) return null
  return (
    <section aria-label={t`Corrected`} className="amendments">
      <h2>{t`Corrected`}</h2>
      <ul>
        {all.map((each) => (
          <li key={each.at + each.why}>
            <span className="quiet">{showDay(each.at)} {showClock(each.at)}, {each.by}: “{each.why}”</span>
            {each.what.map((what) => (
              <div key={what.field}>
                {what.field}: <del>{what.was === '' ? t`nothing` : what.was}</del> →{' '}
                <strong>{what.is === '' ? t`nothing` : what.is}</strong>
              </div>
            ))}
          </li>
        ))}
      </ul>
    </section>
  )
}
