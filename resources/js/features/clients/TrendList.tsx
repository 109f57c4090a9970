import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { showDay } from '../../shared/format/time'
import type { Client } from './api'

/** Grams used, strength and level of each job from visit to visit; a drift is said, not only drawn. */
export function TrendList({ jobs }: { jobs: Client['trends'] }) {
  if (jobs.length === 0) return (
    <p className="quiet">{t`After three closed visits of a job, its line is drawn here.`}</p>
  )
  return (
    <div className="trends">
      {jobs.map((job) => (
        <section key={job.job} aria-label={t`Trend of ${job.job}`}>
          <h3>{job.job}</h3>
          {job.trends.filter((trend, index) =>
            index === 0 || trend.points.some((point) => point.value !== trend.points[0]?.value),
          ).map((trend) => (
            <div key={trend.what} className="trend">
              <svg
                viewBox="0 0 200 44"
                role="img"
                aria-label={`${trend.what}: ${trend.points.map((point) => `${showDay(point.at)} ${masses(`${point.value} ${trend.unit}`)}`).join(', ')}`}
              >
                <polyline
                  className="trend-line"
                  points={trend.points.map((point, index) =>
                    `${8 + (index * 184) / Math.max(1, trend.points.length - 1)},${40 - point.height * 34}`,
                  ).join(' ')}
                />
                {trend.points.map((point, index) => <circle
                  key={point.at}
                  className="trend-dot"
                  cx={8 + (index * 184) / Math.max(1, trend.points.length - 1)}
                  cy={40 - point.height * 34}
                  r="3"
                />)}
              </svg>
              <span className="trend-words">
                {trend.what.toLowerCase()} <strong className="grams">
                  {masses(`${trend.points[trend.points.length - 1]?.value ?? ''} ${trend.unit}`)}
                </strong>
              </span>
              {trend.drift === '' ? null : <p className="trend-drift">! {trend.drift}</p>}
            </div>
          ))}
        </section>
      ))}
    </div>
  )
}
