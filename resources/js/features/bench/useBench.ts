import { useEffect, useRef, useState } from 'react'
import { useKeys } from '../../shared/ui/useKeys'
import { benchAction, type BenchAction } from './benchAction'
import type { useBatch } from './useBatch'
import type { ScaleState } from './useScale'
import { useScaleZero } from './useScaleZero'

type Weighing = ReturnType<typeof useBatch>
type Typing = { label: string; first: string }
type Half = { at: string; typing: Typing | null; discarding: boolean; adding: boolean; waitingForStill: boolean }
const NOTHING: Half = { at: '', typing: null, discarding: false, adding: false, waitingForStill: false }

/** The bench's hands: what each key and button does now. Space does the next thing, digits type grams. */
export function useBench(weighing: Weighing, shown: ScaleState, shut: boolean, leave: () => void) {
  const { batch, record, offline } = weighing
  // Without the server nobody works the readings: then grams are typed.
  const scale: ScaleState = offline === null ? shown : { state: 'disconnected' }
  const current = offline === null ? batch?.current : offline.current
  const line = batch?.lines.find((each) => each.key === current)
  const zero = useScaleZero(batch?.id ?? null, shown)
  // What is half done on this screen belongs to the batch as it stands; when that moves on, it is gone.
  const at = `${batch?.id ?? ''} ${batch?.sequence ?? 0}`
  const [half, setHalf] = useState<Half>(NOTHING)
  const { typing, discarding, adding, waitingForStill } = half.at === at ? half : NOTHING
  const setTyping = (next: Typing | null) => { setHalf({ ...NOTHING, at, typing: next }) }
  const setDiscarding = (open: boolean) => { setHalf({ ...NOTHING, at, discarding: open }) }
  const setAdding = (open: boolean) => { setHalf({ ...NOTHING, at, adding: open }) }
  const canAdd = offline === null && (batch?.status === 'weighing' || batch?.status === 'complete')
  const canTakeShort = line !== undefined && (line.started || line.open)
  const begun = benchAction(batch, scale, zero.isKnown)
  const action: BenchAction = offline !== null && line === undefined ? { kind: 'none', words: 'Waiting for the connection' }
    : shut && (begun.kind === 'start' || begun.kind === 'again') ? { kind: 'none', words: 'The gate is shut' } : begun

  const act = () => {
    if (weighing.busy) return
    switch (action.kind) {
      case 'start':
      case 'again':
        weighing.start({ withScale: action.withScale, about: action.words }, { onSuccess: (made) => { if (action.withScale) zero.set(made.id) } })
        break
      case 'retare':
        void weighing.retare().then(() => { zero.set(batch?.id ?? '') }, () => null)
        break
      case 'record':
        if (action.still && line !== undefined) record({ kind: 'poured', line: line.key, grams: action.grams, source: 'scale' })
        else setHalf({ ...NOTHING, at, waitingForStill: true })
        break
      case 'carry-on':
        record({ kind: 'carried-on', reading: action.reading })
        zero.set(batch?.id ?? '')
        break
      case 'finish':
        record({ kind: 'finished' })
        break
      case 'type':
        type('')
        break
      case 'none':
        break
      default:
        action satisfies never
    }
  }

  // Once the pan is still, what was asked for is recorded: once for each press.
  const recordedAt = useRef('')
  const key = line?.key
  const grams = waitingForStill && action.kind === 'record' && action.still ? action.grams : null
  useEffect(() => {
    if (grams === null || key === undefined || recordedAt.current === at) return
    recordedAt.current = at
    record({ kind: 'poured', line: key, grams, source: 'scale' })
  }, [grams, key, at, record])

  const type = (first: string) => {
    if (batch?.status === 'finished') setTyping({ label: 'Left over', first })
    else if (line !== undefined) setTyping({ label: line.label, first })
  }
  const enter = (grams: string) => {
    if (batch?.status === 'finished') record({ kind: 'weighed-back', grams })
    else if (line !== undefined) record({ kind: 'poured', line: line.key, grams, source: 'hand' })
    setTyping(null)
  }
  const takeShort = () => {
    if (canTakeShort) record({ kind: 'accepted-short', line: line.key })
  }
  const canUndo = offline === null ? batch?.canUndo === true : offline.canUndo
  const undo = () => {
    if (canUndo) record({ kind: 'undone' })
  }
  const keep = () => { record({ kind: 'kept-proportion' }) }
  const accept = () => { record({ kind: 'accepted-over' }) }

  function keyAction(pressed: string): (() => void) | null {
    if (batch?.over !== null && batch?.over !== undefined) {
      if (pressed === '1') return keep
      if (pressed === '2') return accept
      if (pressed === '3') return () => { setDiscarding(true) }
    } else if (/^[0-9]$/.test(pressed)) return () => { type(pressed) }
    if (pressed === ' ') return act
    if (pressed === '+' && canAdd) return () => { setAdding(true) }
    if (pressed === 'ArrowRight') return takeShort
    if (pressed === 'ArrowLeft' || pressed === 'u') return undo
    return pressed === 'Escape' ? leave : null
  }

  useKeys((event) => {
    if (typing !== null || adding || weighing.busy) return
    const todo = keyAction(event.key)
    if (todo === null) return
    // Before anything opens: a key that opens a field must not also be typed into it.
    event.preventDefault()
    todo()
  })

  return {
    action, typing, discarding, adding, waitingForStill, setDiscarding, setAdding, canAdd, act, type, enter, undo, takeShort, keep, accept,
    stopTyping: () => { setTyping(null) },
    discard: (reason: string) => { record({ kind: 'discarded', reason }) },
    canUndo,
    scale,
    knowsScale: zero.isKnown,
    add: (product: string) => { record({ kind: 'added', line: product }) },
    canTakeShort,
    shortWords: line?.open === true && !line.started ? 'Leave it out' : 'Take as it is',
    canType: line !== undefined || batch?.status === 'finished',
    typeWords: batch?.status === 'finished' ? 'Weigh back' : 'By hand',
  }
}
