import { Press } from '../../shared/ui/Press'
import type { Over } from './api'

/** What can be done once too much is in: keep the proportion, accept it, or start again; each with what it costs. */
export function OverChoices({ over, busy, onKeep, onAccept, onDiscard }: {
  over: Over
  busy: boolean
  onKeep: () => void
  onAccept: () => void
  onDiscard: () => void
}) {
  return (
    <section className="over" aria-labelledby="over-title" role="alert">
      <h2 id="over-title">
        ▲ {over.label} is <span className="grams">{over.by}</span> over
      </h2>
      <div className="over-choices">
        <div className="over-choice">
          <h3>Keep the proportion</h3>
          <p>
            New total <strong className="grams">{over.keep.total}</strong>, <span className="grams">{over.keep.extra}</span> more
          </p>
          <ul>
            {over.keep.toPour.map((each) => (
              <li key={each.label}>
                {each.topUp ? 'top up ' : 'pour '}
                {each.label} <span className="grams">{each.grams}</span>
              </li>
            ))}
          </ul>
          <Press kind="main" size="bench" hint="1" disabled={busy} onPress={onKeep} id="keep">
            Keep proportion
          </Press>
        </div>
        <div className="over-choice">
          <h3>Accept it</h3>
          <ul>
            {over.accept.map((each) => (
              <li key={each.what}>
                {each.what}: <span className="quiet">{each.planned}</span> → <strong>{each.now}</strong>
              </li>
            ))}
          </ul>
          <Press size="bench" hint="2" disabled={busy} onPress={onAccept} id="accept">
            Accept
          </Press>
        </div>
        <div className="over-choice">
          <h3>Discard the bowl</h3>
          <p>Nothing of it is used; the record keeps what was poured, and why.</p>
          <Press kind="stop" size="bench" hint="3" disabled={busy} onPress={onDiscard} id="discard">
            Discard…
          </Press>
        </div>
      </div>
    </section>
  )
}
