import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Mass } from '../../shared/ui/Mass'
import { masses } from '../../shared/format/mass'
import { Press } from '../../shared/ui/Press'
import type { Over } from './api'

/**
 * What can be done once too much is in: keep the proportion, steer what is still to come, accept it, or start again;
 * each with what it costs.
 */
export function OverChoices({
  over,
  busy,
  onKeep,
  onAccept,
  onSteer,
  onDiscard,
}: {
  over: Over
  busy: boolean
  onKeep: () => void
  onAccept: () => void
  onSteer: () => void
  onDiscard: () => void
}) {
  const { steer } = over
  return (
    <section className="over" aria-labelledby="over-title" role="alert">
      <h2 id="over-title">
        <Trans>▲ {over.label} is <span className="grams"><Mass of={over.by} /></span> over</Trans>
      </h2>
      <div className={`over-choices ${steer === null ? '' : 'over-four'}`}>
        <div className="over-choice">
          <h3>{t`Keep the proportion`}</h3>
          <Cost total={over.keep.total} extra={over.keep.extra} />
          <ToPour lines={over.keep.toPour} />
          <Press kind="main" size="bench" hint="1" disabled={busy} onPress={onKeep} id="keep">
            {t`Keep proportion`}
          </Press>
        </div>
        {steer === null ? null : (
          <div className="over-choice">
            <h3>{t`Steer back`}</h3>
            <Cost total={steer.total} extra={steer.extra} />
            <ToPour lines={steer.toPour} />
            <Changes changes={steer.changes} />
            <Press size="bench" hint="4" disabled={busy} onPress={onSteer} id="steer">{t`Steer back`}</Press>
          </div>
        )}
        <div className="over-choice">
          <h3>{t`Accept it`}</h3>
          <Changes changes={over.accept} />
          <Press size="bench" hint="2" disabled={busy} onPress={onAccept} id="accept">{t`Accept`}</Press>
        </div>
        <div className="over-choice">
          <h3>{t`Discard the bowl`}</h3>
          <p>{t`Nothing of it is used; the record keeps what was poured, and why.`}</p>
          <Press kind="stop" size="bench" hint="3" disabled={busy} onPress={onDiscard} id="discard">
            {t`Discard…`}
          </Press>
        </div>
      </div>
    </section>
  )
}

function Cost({ total, extra }: { total: string; extra: string }) {
  return (
    <p>
      <Trans>
        New total <strong className="grams"><Mass of={total} /></strong>,{' '}
        <span className="grams"><Mass of={extra} /></span> more
      </Trans>
    </p>
  )
}

function ToPour({ lines }: { lines: Over['keep']['toPour'] }) {
  return (
    <ul>
      {lines.map((each) => (
        <li key={each.label}>
          {each.topUp ? t`top up ` : t`pour `}
          {each.label} <span className="grams"><Mass of={each.grams} /></span>
        </li>
      ))}
    </ul>
  )
}

function Changes({ changes }: { changes: Over['accept'] }) {
  return (
    <ul className="over-changes">
      {changes.map((each) => <li key={each.what}>
        {each.what}: <span className="quiet">{masses(each.planned)}</span> → <strong>{masses(each.now)}</strong>
      </li>)}
    </ul>
  )
}
