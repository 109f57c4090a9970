import type { ScaleState } from './useScale'

const WORDS = { connecting: '… finding the scale', disconnected: '✕ scale disconnected', garbled: '! scale sends garbage', overload: '! too heavy' } as const

/** What the scale shows, or that it is not there. */
export function ScaleBadge({ scale }: { scale: ScaleState }) {
  return (
    <div className={`scale-badge scale-${scale.state}`} role="status" id="scale-badge">
      {scale.state === 'reading' ? (
        <>
          <span className="quiet">scale</span> <span className="grams">{scale.shown}</span> <span aria-hidden="true">{scale.still ? '■' : '≈'}</span>
          <span className="visually-hidden">{scale.still ? 'still' : 'moving'}</span>
        </>
      ) : (
        WORDS[scale.state]
      )}
    </div>
  )
}
