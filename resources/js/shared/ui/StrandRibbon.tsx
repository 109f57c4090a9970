import { named } from '../../shared/words/named'
import { t } from '@lingui/core/macro'
import { inkOf } from './ink'

export const SPANS = ['root', 'regrowth', 'mids', 'ends'] as const
export type Span = (typeof SPANS)[number]

/** Where each span lies along the drawn strand, as x and width of 400. */
const AT: Record<Span, readonly [number, number]> = {
  root: [14, 56],
  regrowth: [70, 74],
  mids: [144, 130],
  ends: [274, 112],
}

/** A strand from scalp to ends, each span filled with the bowls that go on it. */
export function StrandRibbon({
  bowls,
  compact = false,
}: { bowls: { letter: string; spans: string[] }[]; compact?: boolean }) {
  const words = bowls.map((bowl) =>
    t`${bowl.letter} on ${bowl.spans.length === 0 ? t`the whole strand` : bowl.spans.map(named).join(', ')}`,
  ).join('; ')
  return (
    <svg
      className="strand"
      viewBox={compact ? '0 0 400 66' : '0 0 400 78'}
      role="img"
      aria-label={words === '' ? t`Strand: nothing placed yet` : t`Strand: ${words}`}
    >
      <path d="M14 12Q10 34 14 56" stroke="var(--ink)" strokeWidth="5" fill="none" strokeLinecap="round" />
      {SPANS.map((span) => {
        const [x, width] = AT[span]
        const here = bowls.filter((bowl) => bowl.spans.length === 0 || bowl.spans.includes(span))
        const height = 40 / Math.max(1, here.length)
        return (
          <g key={span}>
            <rect x={x} y="14" width={width} height="40" fill="var(--bowl-inside)" stroke="var(--line)" />
            {here.map((bowl, index) => (
              <g key={bowl.letter}>
                <rect
                  x={x}
                  y={14 + index * height}
                  width={width}
                  height={height}
                  fill={`url(#ink-${inkOf(bowl.letter).pattern})`}
                  stroke="var(--card)"
                />
                <circle
                  cx={x + width / 2}
                  cy={14 + (index + 0.5) * height}
                  r={Math.min(compact ? 19 : 12, height / 2 - 1)}
                  fill="var(--card)"
                  stroke="var(--ink)"
                  strokeWidth="0.8"
                />
                <text
                  x={x + width / 2}
                  y={14 + (index + 0.5) * height + (compact ? 7 : 4)}
                  textAnchor="middle"
                  className={compact ? "strand-letter strand-letter-compact" : "strand-letter"}
                >
                  {bowl.letter}
                </text>
              </g>
            ))}
            {compact ? null : (
              <text x={x + width / 2} y="70" textAnchor="middle" className="strand-span">
                {named(span)}
              </text>
            )}
          </g>
        )
      })}
      <path d="M386 14L396 34L386 54Z" fill="var(--line)" />
    </svg>
  )
}
