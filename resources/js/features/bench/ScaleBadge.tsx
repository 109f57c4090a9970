import { Mass } from '../../shared/ui/Mass'
import { useState } from 'react'
import { Spoken } from '../../shared/ui/Spoken'
import { ScalePicker } from '../../shared/scale/ScalePicker'
import type { ScaleState } from './useScale'

const WORDS = { connecting: '… finding the scale', disconnected: '✕ scale disconnected', garbled: '! scale sends garbage', overload: '! too heavy', frozen: '! scale stands still' } as const

/** What the scale shows, or that it is not there; pressed, another one is chosen. */
export function ScaleBadge({ scale }: { scale: ScaleState }) {
  const [choosing, setChoosing] = useState(false)
  return (
    <>
      <button type="button" className={`scale-badge scale-${scale.state}`} id="scale-badge" aria-label="Which scale" onClick={() => { setChoosing(true) }}>
        <span>
          {scale.state === 'reading' ? (
            <>
              <span className="quiet">scale</span> <span className="grams"><Mass of={scale.shown} /></span> <span aria-hidden="true">{scale.still ? '■' : '≈'}</span>
              <span className="visually-hidden">{scale.still ? 'still' : 'moving'}</span>
            </>
          ) : (
            WORDS[scale.state]
          )}
        </span>
      </button>
      <Spoken text={scale.state === 'reading' ? '' : WORDS[scale.state]} />
      {choosing ? <ScalePicker onClose={() => { setChoosing(false) }} /> : null}
    </>
  )
}
