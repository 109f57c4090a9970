import { named } from '../../shared/words/named'
import { t } from '@lingui/core/macro'
import { inkOf } from './ink'
import { SPANS } from './StrandRibbon'

export const REGIONS = ['hairline', 'fringe', 'top', 'crown', 'left', 'right', 'back', 'nape', 'underlayer'] as const
export type Region = (typeof REGIONS)[number]

/** Our own plan of the head, seen from above, face up: each region's outline, and where its strand is drawn. */
const DRAWN: Record<Region, { d: string; at: readonly [number, number]; label: string }> = {
  hairline: {
    d: 'M28 92Q36 14 134 10Q232 14 240 92L214 92Q206 44 134 40Q62 44 54 92Z',
    at: [104, 22],
    label: named('hairline'),
  },
  fringe: { d: 'M84 94L84 60Q134 36 184 60L184 94Z', at: [104, 72], label: named('fringe') },
  top: { d: 'M84 97L184 97L184 142L84 142Z', at: [104, 119], label: named('top') },
  crown: { d: 'M84 145L184 145L184 190Q134 204 84 190Z', at: [104, 168], label: named('crown') },
  left: { d: 'M81 95L12 95Q4 134 20 176Q36 206 81 190Z', at: [15, 140], label: named('left') },
  right: { d: 'M187 95L256 95Q264 134 248 176Q232 206 187 190Z', at: [193, 140], label: named('right') },
  back: {
    d: 'M42 203Q62 208 82 195Q134 210 186 195Q206 208 226 203Q214 240 134 246Q54 240 42 203Z',
    at: [104, 220],
    label: named('back'),
  },
  nape: { d: 'M62 246Q134 256 206 246Q196 280 134 284Q72 280 62 246Z', at: [104, 263], label: named('nape') },
  underlayer: { d: 'M84 290L184 290L184 322L84 322Z', at: [104, 305], label: named('underlayer') },
}

const CELL = 15
const HIGH = 13

/**
 * The head with its bowls: in each region a strand from root to ends, each span with the letters of the bowls that go
 * there. Where onRegion is given, a region is pressed to paint it.
 */
export function HeadMap(props: {
  cells: Record<string, string[]>
  uncovered: string[]
  doubled: string[]
  chosen?: readonly string[]
  onRegion?: (region: Region) => void
}) {
  const words = REGIONS.map((region) => `${named(region)}: ${SPANS.map((span) => `${named(span)} ${props.cells[`${region}/${span}`]?.join(t` and `) ?? t`bare`}`).join(', ')}`).join('; ')
  return (
    <svg
      className={`head-map ${props.onRegion === undefined ? '' : 'head-map-paint'}`}
      viewBox="0 0 268 326"
      role={props.onRegion === undefined ? 'img' : 'group'}
      aria-label={props.onRegion === undefined ? t`Head: ${words}` : t`Head: press a region to paint it`}
    >
      <path d="M124 11L134 1L144 11" className="head-nose" />
      {REGIONS.map((region) => (
        <RegionDrawn key={region} region={region} {...props} />
      ))}
    </svg>
  )
}

function RegionDrawn(
  { region, cells, uncovered, doubled, chosen, onRegion }: { region: Region } & Parameters<typeof HeadMap>[0],
) {
  const { d, at, label } = DRAWN[region]
  const isChosen = chosen?.includes(region) === true
  const bare = SPANS.some((span) => uncovered.includes(`${region}/${span}`))
  const twice = SPANS.some((span) => doubled.includes(`${region}/${span}`))
  const pressing =
    onRegion === undefined
      ? {}
      : {
          role: 'button',
          tabIndex: 0,
          'aria-pressed': isChosen,
          'aria-label': label,
          onClick: () => { onRegion(region) },
          onKeyDown: (event: { key: string; preventDefault: () => void }) => {
            if (event.key === 'Enter' || event.key === ' ') {
              event.preventDefault()
              onRegion(region)
            }
          },
        }
  return (
    <g
      className={`head-region ${isChosen ? 'is-chosen' : ''} ${bare ? 'is-bare' : ''} ${twice ? 'is-doubled' : ''}`}
      {...pressing}
    >
      <path d={d} className="head-shape" />
      {SPANS.map((span, index) => (
        <Cell
          key={span}
          letters={cells[`${region}/${span}`] ?? []}
          x={at[0] + index * CELL}
          y={at[1]}
          bare={uncovered.includes(`${region}/${span}`)}
          doubled={doubled.includes(`${region}/${span}`)}
        />
      ))}
      <text x={at[0] + 2 * CELL} y={at[1] - 2.5} className="head-label" textAnchor="middle">{label}</text>
    </g>
  )
}

/** One span: the ink and letter of its bowl; two bowls share it, more are counted. */
function Cell({
  letters,
  x,
  y,
  bare,
  doubled,
}: { letters: string[]; x: number; y: number; bare: boolean; doubled: boolean }) {
  const shown = letters.length > 2 ? letters.slice(0, 1) : letters
  const width = CELL / Math.max(1, shown.length)
  return (
    <g>
      <rect x={x} y={y} width={CELL} height={HIGH} className={`head-cell ${bare ? 'is-bare' : ''}`} />
      {shown.map((letter, index) => (
        <g key={letter}>
          <rect
            x={x + index * width}
            y={y}
            width={width}
            height={HIGH}
            style={{ fill: `var(--ink-${inkOf(letter).name})` }}
            stroke="var(--card)"
            strokeWidth="0.6"
          />
          <text
            x={x + (index + 0.5) * width}
            y={y + 9.8}
            className={`head-letter ${shown.length > 1 ? 'head-letter-half' : ''}`}
            textAnchor="middle"
          >{letters.length > 2 ? `${letter}+` : letter}</text>
        </g>
      ))}
      {bare ? (
        <text x={x + CELL / 2} y={y + 10} className="head-letter head-letter-bare" textAnchor="middle">?</text>
      ) : null}
      {doubled ? (
        <rect x={x + 0.8} y={y + 0.8} width={CELL - 1.6} height={HIGH - 1.6} className="head-doubled" />
      ) : null}
    </g>
  )
}
