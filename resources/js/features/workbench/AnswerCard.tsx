import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { Link } from 'react-router'
import { Notice } from '../../shared/ui/Notice'
import type { Answer } from './api'

/** What an instrument answers: large, with its swatches, its facts, and why. */
export function AnswerCard({ answer, stale }: { answer: Answer; stale: boolean }) {
  return (
    <section className={`answer card-paper ${stale ? 'is-stale' : ''}`} aria-live="polite">
      <h2 className="answer-headline">{masses(answer.headline)}</h2>
      {answer.alarms.map((alarm) => (
        <Notice key={alarm} kind="warn" title={alarm} />
      ))}
      {answer.swatches.length === 0 ? null : (
        <div className="answer-swatches">
          {answer.swatches.map((swatch) => (
            <figure key={swatch.label}>
              <span style={{ background: swatch.hex }} />
              <figcaption>{swatch.label}</figcaption>
            </figure>
          ))}
        </div>
      )}
      {answer.ingredients.length === 0 ? null : (
        <p className="answer-formula">
          {answer.ingredients.map((each) => t`${masses(each.share)} of ${each.label}`).join(' + ')}
        </p>
      )}
      <dl className="answer-facts">
        {answer.facts.map((fact) => (
          <div key={fact.label}>
            <dt>{fact.label}</dt>
            <dd>{masses(fact.value)}</dd>
          </div>
        ))}
      </dl>
      {answer.cautions.map((caution) => (
        <Notice key={caution.reason} kind="warn" title={caution.reason}>
          {caution.mend}
        </Notice>
      ))}
      {answer.fragment === null ? null : (
        <p>
          <Link
            className="btn btn-primary press"
            id="to-formula"
            to={`/workbench/formula?fragment=${encodeURIComponent(JSON.stringify(answer.fragment))}`}
          >
            {t`Put into a formula`}
          </Link>
        </p>
      )}
      <h3>{t`Why`}</h3>
      <ul className="answer-why">
        {answer.why.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  )
}
