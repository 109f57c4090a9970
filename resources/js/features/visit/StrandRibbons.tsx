import { t } from '@lingui/core/macro'
import { namedAll } from '../../shared/words/named'
import { inkOf } from '../../shared/ui/ink'
import { ribbons } from './ribbons'
import type { Strand } from './shapes'

/**
 * A zone's hair as ribbons side by side, from what it was at the scalp to what each kind of strand is expected to
 * become.
 */
export function StrandRibbons({
  strands,
  whole,
}: { strands: Strand[]; whole: { words: string; swatch: string } | null }) {
  const laid = ribbons(strands.map((strand) => Number(strand.share)))
  return (
    <div className="strands">
      <div className="strand-hair" aria-hidden="true">
        {laid.map((kind, at) => {
          const strand = strands[kind]
          return strand === undefined ? null : (
            <i key={at} style={{ background: `linear-gradient(${strand.was} 8%, ${strand.swatch} 45%)` }} />
          )
        })}
        {whole === null ? null : <b style={{ background: whole.swatch }} title={t`from some steps away`} />}
      </div>
      {whole === null ? null : <p className="outlook-words">{whole.words}</p>}
      <ul className="strand-list">
        {strands.map((strand, at) => (
          <li key={at}>
            <StrandRow strand={strand} alone={strands.length === 1} />
          </li>
        ))}
      </ul>
    </div>
  )
}

/** One kind of strand: its share, what lies on it, what it becomes; opened, why. */
function StrandRow({ strand, alone }: { strand: Strand; alone: boolean }) {
  const head = (
    <>
      <span className="strand-swatch" style={{ background: strand.swatch }} />
      {alone ? null : <strong>{strand.share} %</strong>}
      {alone ? null : <span>{strand.name}</span>}
      {strand.letters.map((letter) => <b key={letter} className={`sign ink-${inkOf(letter).name}`}>{letter}</b>)}
      {strand.words === '' ? <span className="quiet">{t`nothing on it`}</span> : <span>{strand.words}</span>}
      {strand.verdict === '' || alone || !strand.main ? null : (
        <span className={strand.verdict === 'on target' ? 'on-target' : 'off-target'}>
          {strand.verdict === 'on target' ? '✓' : `! ${namedAll(strand.verdict)}`}
        </span>
      )}
    </>
  )
  if (strand.steps.length === 0) return <p className="strand-row">{head}</p>
  return (
    <details>
      <summary className="strand-row">{head}</summary>
      <ol className="strand-why">
        {strand.steps.map((step) => (
          <li key={`${String(step.round)} ${step.letter}`}>
            <span
              className="strand-swatch"
              style={{ background: step.swatch }}
            /> <strong>{step.letter}: {step.words}</strong>
            <ul>{step.why.map((why) => <li key={why}>{why}</li>)}</ul>
          </li>
        ))}
      </ol>
    </details>
  )
}
