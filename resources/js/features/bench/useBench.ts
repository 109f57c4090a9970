import { t } from '@lingui/core/macro'
import { useEffect, useRef, useState } from 'react'
import { useKeys } from '../../shared/ui/useKeys'
import { can, type Stands } from './api'
import { benchAction, standsHere, type BenchAction } from './benchAction'
import { useGuard } from './useGuard'
import { usePan } from './usePan'
import type { ScaleState } from './useScale'
import { type Weighing, type Open, NOTHING } from './benchState'

/** The bench's hands: what each key and button does now. Space does the next thing, digits type grams. */
export function useBench(
  weighing: Weighing,
  shown: ScaleState,
  shut: boolean,
  leave: () => void,
  onNext: (() => void) | null,
) {
  const { batch, record, offline } = weighing
  // Without the server nobody works the readings: then grams are typed.
  const scale: ScaleState = offline === null ? shown : { state: 'disconnected' }
  const current = offline === null ? batch?.current : offline.current
  const line = batch?.lines.find((each) => each.key === current)
  const pan = usePan(batch, scale, weighing.show, weighing.fail)
  const busy = weighing.busy || pan.busy
  // What is half done on this screen belongs to the batch as it stands; when that moves on, it is gone.
  const at = `${batch?.id ?? ''} ${batch?.sequence ?? 0}`
  const [half, setHalf] = useState<{ at: string; open: Open }>({ at: '', open: NOTHING })
  const open = half.at === at ? half.open : NOTHING
  const show = (next: Open) => { setHalf({ at, open: next }) }
  const close = () => {
    show(NOTHING)
    pan.stopWaiting()
  }
  const begun = benchAction(batch, scale)
  const action: BenchAction = offline !== null
    && line === undefined ? { kind: 'none', words: t`Waiting for the connection` }
    : shut && begun.kind === 'start' ? { kind: 'none', words: t`The gate is shut` } : begun
  const ready = useGuard(`${at} ${action.kind} ${open.kind}`)
  const canAdd = offline === null && can(batch, 'add')
  const canTakeShort = offline === null ? can(batch, 'take-short') : line !== undefined && (line.started || line.open)
  const canUndo = offline === null ? can(batch, 'undo') : offline.canUndo
  const canMixAgain = can(batch, 'again') && !weighing.isEarlier && !shut && offline === null
  // Put back after the service: not the full bowl that has stood there since it was mixed.
  const canWeighBack = can(batch, 'weigh-back') && scale.state === 'reading' && scale.since !== batch?.zero

  const begin = (how: { times: string; strength: string }, words: string) => {
    close()
    weighing.start({ ...how, about: words }, (made) => {
      // The empty bowl stands there already: told as soon as the scale is at rest.
      if (scale.state === 'reading'
        && made.zero === null
        && can(made, 'withdraw')
        && how.times === ''
        && how.strength === '') pan.putFor(made, { stands: 'empty' })
    })
  }
  const poured = (grams: string) => {
    if (line === undefined || scale.state !== 'reading') return
    record({ kind: 'poured', line: line.key, grams, source: 'scale', zero: scale.since })
  }
  const act = () => {
    if (busy || !ready()) return
    switch (action.kind) {
      case 'start':
        begin({ times: '', strength: '' }, action.words)
        break
      case 'stands':
        pan.put({ stands: action.stands })
        break
      case 'record':
        if (action.still) poured(action.grams)
        else show({ kind: 'until-still' })
        break
      case 'finish':
        record({ kind: 'finished' })
        break
      case 'leave':
        leave()
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

  // Once the pan is still, what was asked for is done: once for each press.
  const doneAt = useRef('')
  const waitingForStill = open.kind === 'until-still' || pan.waiting
  const now = open.kind === 'until-still' && action.kind === 'record' && action.still ? action : null
  const then = useRef<() => void>(() => undefined)
  useEffect(() => {
    then.current = () => {
      if (now !== null) poured(now.grams)
    }
  })
  const due = now === null ? '' : at
  useEffect(() => {
    if (due === '' || doneAt.current === due) return
    doneAt.current = due
    then.current()
  }, [due])

  const type = (first: string) => {
    if (batch?.status === 'finished') show({ kind: 'typing', typing: { label: t`Left over`, first } })
    else if (line !== undefined) show({ kind: 'typing', typing: { label: line.label, first } })
  }
  const enter = (grams: string) => {
    if (batch?.status === 'finished') record({ kind: 'weighed-back', grams })
    else if (line !== undefined) record({ kind: 'poured', line: line.key, grams, source: 'hand' })
    close()
  }
  const takeShort = () => {
    if (canTakeShort && line !== undefined && ready()) record({ kind: 'accepted-short', line: line.key })
  }
  const undo = () => { if (canUndo && ready()) record({ kind: 'undone' }) }
  const keep = () => { if (ready()) record({ kind: 'kept-proportion' }) }
  const accept = () => { if (ready()) record({ kind: 'accepted-over' }) }
  const steer = () => {
    if (batch?.over?.steer !== null && batch?.over?.steer !== undefined && ready()) record({ kind: 'steered' })
  }
  const askDiscard = () => { if (can(batch, 'discard')) show({ kind: 'discarding' }) }
  const withdraw = () => { if (can(batch, 'withdraw') && ready()) record({ kind: 'withdrawn' }) }
  const askAgain = () => { if (canMixAgain && ready()) show({ kind: 'again' }) }
  const weighBack = () => { if (canWeighBack && ready()) pan.put({ stands: 'back' }) }
  const ended = batch?.status === 'finished' || batch?.status === 'discarded'
  const goNext = () => { if (ended && ready()) onNext?.() }
  const stand = (said: Stands) => { if (!busy && ready()) pan.put(said) }

  function keyAction(pressed: string): (() => void) | null {
    if (pan.question !== null) return pressed === 'Escape' ? pan.lookAgain : null
    if (batch?.over !== null && batch?.over !== undefined) {
      if (pressed === '1') return keep
      if (pressed === '2') return accept
      if (pressed === '3') return askDiscard
      if (pressed === '4') return steer
    } else if (/^[0-9]$/.test(pressed)) return () => { type(pressed) }
    switch (pressed) {
      case ' ':
        return act
      case '+':
        return canAdd ? () => { show({ kind: 'adding' }) } : null
      case 'x':
        return can(batch, 'withdraw') ? withdraw : askDiscard
      case 'b':
        return askAgain
      case 'n':
        return ended ? goNext : null
      case 'w':
        return weighBack
      case 'ArrowRight':
        return takeShort
      case 'ArrowLeft':
      case 'u':
        return undo
      case 'Escape':
        return open.kind === 'nothing' && !pan.waiting ? leave : close
      default:
        return null
    }
  }

  useKeys((event) => {
    // A key held down is one press; what is open has keys of its own.
    if (event.target instanceof Element && event.target.closest('.modal') !== null) return
    if (event.repeat || open.kind === 'typing' || open.kind === 'adding' || open.kind === 'again' || busy) return
    if (open.kind === 'discarding' && event.key !== 'Escape') return
    const todo = keyAction(event.key)
    if (todo === null) return
    // Before anything opens: a key that opens a field must not also be typed into it.
    event.preventDefault()
    todo()
  })

  return {
    action, open, pan, scale, busy, canAdd, canUndo, canTakeShort, canMixAgain, canWeighBack, stand, begin,
    close, act, type, enter, undo, takeShort, keep, accept, steer, askDiscard, withdraw, askAgain, goNext, weighBack,
    waitingForStill,
    standsHere: standsHere(batch, scale),
    ready,
    askStanding: () => { show({ kind: 'standing' }) },
    openAdding: () => { show({ kind: 'adding' }) },
    discard: (reason: string) => { record({ kind: 'discarded', reason }) },
    add: (product: string) => { record({ kind: 'added', line: product }) },
    shortWords: line?.open === true && !line.started ? t`Leave it out` : t`Take as it is`,
    canType: line !== undefined || batch?.status === 'finished',
    typeWords: batch?.status === 'finished' ? t`Type what is left` : t`By hand`,
  }
}

export type Bench = ReturnType<typeof useBench>
