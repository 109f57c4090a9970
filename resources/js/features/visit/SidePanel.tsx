import { HeadMap } from '../../shared/ui/HeadMap'
import { isOver } from '../../shared/visits/visitLine'
import type { Caution, Picture, Visit } from './shapes'

/** What one change does to everything else: the painted head, what each zone is expected to become, what needs care. */
export function SidePanel({ visit, picture, withMap }: { visit: Visit; picture: Picture; withMap: boolean }) {
  return (
    <aside className="side-panel" aria-label="Head and outlook">
      {withMap ? <HeadMap cells={picture.cells} uncovered={picture.uncovered} doubled={picture.doubled} /> : null}
      <div className="outlooks">
        {picture.zones.map((zone) => (
          <section key={zone.id} className="outlook" aria-label={`Outlook for ${zone.name}`}>
            <h3>
              {zone.name} <span className="quiet">{zone.headline}</span>
            </h3>
            <div className="outlook-swatches">
              <Swatch label="now" swatch={zone.now} />
              <Swatch label="wish" swatch={zone.wish} />
              {zone.reached === null ? null : <Swatch label="reached" swatch={zone.reached} />}
              {zone.reached?.last === true ? null : <Swatch label="expected" swatch={zone.expected} sketch />}
            </div>
            {zone.reached?.last === true ? (
              <p className="outlook-words"><Against verdict={zone.verdict} /> reached {zone.reached.words}</p>
            ) : zone.expected === null ? null : (
              <p className="outlook-words">
                <Against verdict={zone.verdict} /> {zone.expected.words}
                {zone.expected.calibrated ? ' · by this client’s own visits' : ''}
              </p>
            )}
          </section>
        ))}
        {picture.zones.length === 0 && !isOver(visit) ? <p className="quiet">Read the canvas, and what to expect appears here.</p> : null}
      </div>
      <CautionList cautions={[...picture.cautions, ...picture.zones.flatMap((zone) => zone.cautions.map((caution) => ({ ...caution, reason: `${zone.name}: ${caution.reason}` })))]} />
    </aside>
  )
}

function Against({ verdict }: { verdict: string }) {
  return <strong className={verdict === 'on target' ? 'on-target' : 'off-target'}>{verdict === '' ? 'sketch' : `${verdict === 'on target' ? '✓' : '!'} ${verdict}`}</strong>
}

function Swatch({ label, swatch, sketch = false }: { label: string; swatch: { words: string; swatch: string } | null; sketch?: boolean }) {
  return (
    <figure className={sketch ? 'is-sketch' : ''}>
      <span style={swatch === null ? undefined : { background: swatch.swatch }} title={swatch?.words} />
      <figcaption>
        {label}
        {swatch === null ? ' –' : ` ${/level ([\d.]+)/.exec(swatch.words)?.[1] ?? ''}`}
      </figcaption>
    </figure>
  )
}

export function CautionList({ cautions }: { cautions: Caution[] }) {
  if (cautions.length === 0) return null
  return (
    <ul className="cautions" aria-label="Cautions over the whole visit">
      {cautions.map((caution) => (
        <li key={caution.key + caution.reason}>
          <strong>! {caution.reason}</strong> {caution.mend}
        </li>
      ))}
    </ul>
  )
}
