import { t } from '@lingui/core/macro'
import { masses, readMass } from '../../shared/format/mass'
import type { Live } from './api'

type Place = 'bowl-missing' | 'waiting' | 'under' | 'inside' | 'over'

/** The pour against its band: a long bar with the band marked, readable from a metre away. */
export function Gauge({ live, at, place }: { live: Live; at: number; place: Place }) {
  const x = (part: number) => 10 + part * 780
  return (
    <svg
      className={`gauge gauge-${place}`}
      viewBox="0 0 800 96"
      role="img"
      aria-label={t`Target band ${masses(live.lowShown)} to ${masses(live.highShown)}`}
    >
      <rect x="10" y="22" width="780" height="44" rx="6" className="gauge-back" />
      <rect x={x(live.lowAt)} y="12" width={x(live.highAt) - x(live.lowAt)} height="64" rx="4" className="gauge-band" />
      <rect x="10" y="26" width={Math.max(0, x(at) - 10)} height="36" rx="4" className="gauge-fill" />
      <path d={`M${x(live.targetAt)} 6v76`} className="gauge-target" />
      <text x={Math.min(x(live.lowAt) - 6, 700)} y="92" textAnchor="end" className="gauge-edge">
        {readMass(live.lowShown)[0]}
      </text>
      <text x={x(live.highAt) + 6} y="92" className="gauge-edge">
        {readMass(live.highShown)[0]}
      </text>
    </svg>
  )
}
