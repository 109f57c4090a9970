import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { namedAll } from '../../shared/words/named'
import type { ReactNode } from 'react'
import { showDay } from '../../shared/format/time'
import { isOver } from '../../shared/visits/visitLine'
import { RoundMap } from './RoundMap'
import { StrandRibbons } from './StrandRibbons'
import type { Caution, Picture, Visit } from './shapes'

/** What one change does to everything else: the painted head, what each zone is expected to become, what needs care. */
export function SidePanel({
  visit,
  picture,
  withMap,
  children,
}: { visit: Visit; picture: Picture; withMap: boolean; children?: ReactNode }) {
  return (
    <aside className="side-panel" aria-label={t`Head and outlook`}>
      {withMap ? <RoundMap visit={visit} picture={picture} /> : null}
      {children}
      {picture.unread.map(({ letter, saved }) => (
        <p key={letter} className="off-target" role="status">
          {saved
            ? t`${letter} as it was saved: what is typed in it cannot be worked yet.`
            : t`${letter} is not in it: what is typed of it cannot be worked yet.`}
        </p>
      ))}
      <div className="outlooks">
        {picture.zones.map((zone) => (
          <section key={zone.id} className="outlook" aria-label={t`Outlook for ${zone.name}`}>
            <h3>
              {zone.name} <span className="quiet">{zone.headline}</span>
            </h3>
            <div className="outlook-swatches">
              <Swatch label={t`now`} swatch={zone.now} />
              <Swatch label={t`wish`} swatch={zone.wish} />
              {zone.reached === null ? null : <Swatch label={t`reached`} swatch={zone.reached} />}
              {zone.reached?.last === true ? null : <Swatch label={t`expected`} swatch={zone.expected} sketch />}
            </div>
            {zone.lastTime === null || zone.reached?.last === true ? null : (
              <p className="outlook-words">
                <Trans>
                  <strong className="on-target">✓ {showDay(zone.lastTime.on)}</strong> the same bowls:{' '}
                  {zone.lastTime.words}, good
                </Trans>
              </p>
            )}
            {zone.reached?.last === true ? (
              <p className="outlook-words"><Against verdict={zone.verdict} /> {t`reached ${zone.reached.words}`}</p>
            ) : zone.expected === null ? null : (
              <p className="outlook-words">
                {zone.lastTime === null
                  ? null
                  : t`The model: `}<Against verdict={zone.verdict} /> <span className="quiet">
                    {zone.expected.sure}
                  </span>
              </p>
            )}
            {zone.reached?.last === true || zone.expected === null ? null : (
              <StrandRibbons strands={zone.strands} whole={zone.whole} />
            )}
          </section>
        ))}
        {picture.zones.length === 0 && !isOver(visit) ? (
          <p className="quiet">{t`Read the canvas, and what to expect appears here.`}</p>
        ) : null}
      </div>
      <CautionList cautions={picture.cautions} />
    </aside>
  )
}

function Against({ verdict }: { verdict: string }) {
  return (
    <strong className={verdict === 'on target' ? 'on-target' : 'off-target'}>
      {verdict === '' ? t`sketch` : `${verdict === 'on target' ? '✓' : '!'} ${namedAll(verdict)}`}
    </strong>
  )
}

function Swatch({
  label,
  swatch,
  sketch = false,
}: { label: string; swatch: { words: string; swatch: string } | null; sketch?: boolean }) {
  return (
    <figure className={sketch ? 'is-sketch' : ''}>
      <span style={swatch === null ? undefined : { background: swatch.swatch }} title={swatch?.words} />
      <figcaption>
        {label}
        {swatch === null ? ' –' : ` ${/\d+(?:[.,]\d+)?/.exec(swatch.words)?.[0] ?? ''}`}
      </figcaption>
    </figure>
  )
}

/** The caution that matters most in full; the others as a count that opens. */
export function CautionList({ cautions }: { cautions: Caution[] }) {
  const [first, ...others] = cautions
  if (first === undefined) return null
  return (
    <div className="caution-list">
      <ul className="cautions" aria-label={t`What matters most`}>
        <CautionRow caution={first} />
      </ul>
      {others.length === 0 ? null : (
        <details>
          <summary>{others.length === 1 ? t`one more caution` : t`${String(others.length)} more cautions`}</summary>
          <ul className="cautions" aria-label={t`Cautions over the whole visit`}>
            {others.map((caution) => <CautionRow key={caution.key + caution.reason} caution={caution} />)}
          </ul>
        </details>
      )}
    </div>
  )
}

function CautionRow({ caution }: { caution: Caution }) {
  return (
    <li>
      <strong>
        ! {caution.zones.length === 0 ? '' : `${caution.zones.join(', ')}: `}{caution.reason}
      </strong> {caution.mend}
    </li>
  )
}
