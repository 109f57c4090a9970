import { inkOf } from './ink'

export type Wedge = { key: string; wedge: number; colour: string }

/** A point on a circle; turn 0 is at the top, 1 is once around. */
function point(radius: number, turn: number): string {
  const angle = 2 * Math.PI * turn - Math.PI / 2
  return `${(50 + radius * Math.cos(angle)).toFixed(2)} ${(50 + radius * Math.sin(angle)).toFixed(2)}`
}

function slice(from: number, to: number): string {
  if (to - from >= 0.9999) return `M50 16a34 34 0 1 1 0 68a34 34 0 1 1 0 -68z`
  const large = to - from > 0.5 ? 1 : 0
  return `M50 50L${point(34, from)}A34 34 0 ${large} 1 ${point(34, to)}Z`
}

/** A bowl from above: its ink on the rim, what is in it as wedges by weight, its letter in the middle. */
export function BowlGlyph({
  letter,
  wedges,
  size,
  label,
}: { letter: string; wedges: Wedge[]; size: number; label: string }) {
  const ink = inkOf(letter)
  const slices = wedges.reduce<{ at: number; drawn: { wedge: Wedge; from: number; to: number }[] }>(
    ({ at, drawn }, wedge) => ({ at: at + wedge.wedge, drawn: [...drawn, { wedge, from: at, to: at + wedge.wedge }] }),
    { at: 0, drawn: [] },
  ).drawn
  return (
    <svg className="bowl-glyph" width={size} height={size} viewBox="0 0 100 100" role="img" aria-label={label}>
      <circle cx="50" cy="50" r="48" fill={`url(#ink-${ink.pattern})`} stroke="var(--ink)" strokeWidth="1.5" />
      <circle cx="50" cy="50" r="36" fill="var(--bowl-inside)" stroke="var(--ink)" strokeWidth="1" />
      {slices
        .filter(({ wedge }) => wedge.wedge > 0)
        .map(({ wedge, from, to }) => (
          <path key={wedge.key} d={slice(from, to)} fill={wedge.colour} stroke="var(--bowl-inside)" strokeWidth="0.8" />
        ))}
      <circle cx="50" cy="50" r="20" fill="var(--card)" stroke="var(--ink)" strokeWidth="1" />
      <text x="50" y="60" textAnchor="middle" className="bowl-letter">
        {letter}
      </text>
    </svg>
  )
}
