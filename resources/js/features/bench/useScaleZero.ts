import { useState } from 'react'
import { deviceKeep } from '../../shared/keep/keep'
import type { ScaleState } from './useScale'

/**
 * Whether the scale still has the zero that was set under this bowl. One that was switched off, or that never was set for this
 * bowl on this device, shows the bowl itself: nothing it says is a pour until it is set to zero again.
 */
export function useScaleZero(batch: string | null, scale: ScaleState) {
  const key = `scale.${batch ?? ''}`
  const [, draw] = useState(0)
  const kept = batch === null ? undefined : deviceKeep.read(key)
  return {
    isKnown: scale.state !== 'reading' || kept === scale.since,
    /** The zero was set for this batch, on the scale as it runs now. */
    set: (of: string) => {
      if (scale.state !== 'reading' || of === '') return
      deviceKeep.write(`scale.${of}`, scale.since)
      draw((count) => count + 1)
    },
  }
}
