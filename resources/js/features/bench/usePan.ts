import { useEffect, useRef, useState } from 'react'
import { newId } from '../../shared/api/newId'
import { putOnScale, type Batch, type PanQuestion, type Stands } from './api'
import type { ScaleState } from './useScale'

type Asked = { said: Stands; question: PanQuestion; since: string; at: string }

/**
 * What stands on the scale, as it is said and as it is asked about. It is told once the scale is still: a reading that
 * trembles is nobody's weight. An answer holds only while the same thing stands there.
 */
export function usePan(
  batch: Batch | null,
  scale: ScaleState,
  show: (batch: Batch) => void,
  onError: (error: Error) => void,
) {
  const [asked, setAsked] = useState<Asked | null>(null)
  const [waiting, setWaiting] = useState<{ said: Stands; at: string } | null>(null)
  const [busy, setBusy] = useState(false)
  const since = scale.state === 'reading' ? scale.since : ''
  const at = `${batch?.id ?? ''} ${batch?.sequence ?? 0}`
  const still = scale.state === 'reading' && scale.still

  const tell = (said: Stands) => {
    if (batch === null || scale.state !== 'reading' || busy) return
    const { reading } = scale
    setBusy(true)
    putOnScale(batch, said, { reading, since }, newId()).then(
      (answer) => {
        show(answer.batch)
        setAsked(
          answer.question === null
            ? null
            : { said, question: answer.question, since, at: `${answer.batch.id} ${answer.batch.sequence}` },
        )
      },
      (error: unknown) => { if (error instanceof Error) onError(error) },
    ).finally(() => {
      setBusy(false)
      setWaiting(null)
    })
  }
  const put = (said: Stands) => {
    if (still) tell(said)
    else setWaiting({ said, at })
  }

  const due = waiting !== null && waiting.at === at && still && !busy ? waiting : null
  const toldFor = useRef<object | null>(null)
  const then = useRef<(said: Stands) => void>(() => undefined)
  useEffect(() => { then.current = tell })
  useEffect(() => {
    if (due === null || toldFor.current === due) return
    toldFor.current = due
    then.current(due.said)
  }, [due])

  const standing = asked !== null && asked.since === since && asked.at === at ? asked : null
  return {
    put,
    /** For a batch that was made just now: told as soon as it is on the page and the scale is still. */
    putFor: (made: Batch, said: Stands) => { setWaiting({ said, at: `${made.id} ${made.sequence}` }) },
    busy,
    waiting: waiting !== null && waiting.at === at,
    stopWaiting: () => { setWaiting(null) },
    question: standing?.question ?? null,
    /** The same again, now that it was asked about. */
    insist: (more: Partial<Stands>) => { if (standing !== null) put({ ...standing.said, ...more }) },
    lookAgain: () => { setAsked(null) },
  }
}
