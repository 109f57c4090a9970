import { useState } from 'react'
import { newId } from '../../shared/api/newId'
import { putOnScale, type Batch, type PanQuestion, type Stands } from './api'
import type { ScaleState } from './useScale'

type Asked = { said: Stands; question: PanQuestion; since: string; at: string }

/** What stands on the scale, as it is said and as it is asked about. An answer holds only while the same thing stands there. */
export function usePan(batch: Batch | null, scale: ScaleState, show: (batch: Batch) => void, onError: (error: Error) => void) {
  const [asked, setAsked] = useState<Asked | null>(null)
  const [busy, setBusy] = useState(false)
  const since = scale.state === 'reading' ? scale.since : ''
  const at = `${batch?.id ?? ''} ${batch?.sequence ?? 0}`
  const put = (said: Stands, of: Batch | null = batch) => {
    if (of === null || scale.state !== 'reading' || busy) return
    const { reading } = scale
    setBusy(true)
    putOnScale(of, said, { reading, since }, newId()).then(
      (answer) => {
        show(answer.batch)
        setAsked(answer.question === null ? null : { said, question: answer.question, since, at: `${answer.batch.id} ${answer.batch.sequence}` })
      },
      (error: unknown) => { if (error instanceof Error) onError(error) },
    ).finally(() => { setBusy(false) })
  }
  const standing = asked !== null && asked.since === since && asked.at === at ? asked : null
  return {
    put,
    busy,
    question: standing?.question ?? null,
    /** The same again, now that it was asked about. */
    insist: (more: Partial<Stands>) => { if (standing !== null) put({ ...standing.said, ...more }) },
    lookAgain: () => { setAsked(null) },
  }
}
