import { t } from '@lingui/core/macro'
import { Mass } from '../../shared/ui/Mass'
import { useState } from 'react'
import { Spoken } from '../../shared/ui/Spoken'
import { ScalePicker } from '../../shared/scale/ScalePicker'
import type { ScaleState } from './useScale'

const WORDS = {
  connecting: t`… finding the scale`,
  disconnected: t`✕ scale disconnected`,
  garbled: t`! scale sends garbage`,
  overload: t`! too heavy`,
  frozen: t`! scale stands still`,
} as const

/** What the scale shows, or that it is not there; pressed, another one is chosen. */
export function ScaleBadge({ scale }: { scale: ScaleState }) {
  const [choosing, setChoosing] = useState(false)
  return (
    <>
      <button
        type="button"
        className={`scale-badge scale-${scale.state}`}
        id="scale-badge"
        aria-label={t`Which scale`}
        onClick={() => { setChoosing(true) }}
      >
        <span>
          {scale.state === 'reading' ? (
            <>
              <span className="quiet">
                {t`scale`}
              </span> <span className="grams">
                <Mass of={scale.shown} />
              </span> <span aria-hidden="true">{scale.still ? '■' : '≈'}</span>
              <span className="visually-hidden">{scale.still ? t`still` : t`moving`}</span>
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
