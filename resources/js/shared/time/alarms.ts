import { t } from '@lingui/core/macro'
import { lateBy } from './left'
import type { Head } from '../visits/wall'
import type { Act } from '../visits/times'

export type Alarm = { key: string; visit: string; client: string; act: Act; late: number }

/** Quiet: it is shown, not heard. Kept on the device: a tablet at the basin and one at the desk differ. */
const QUIET = 'tinta.quiet'
export const isQuiet = () => localStorage.getItem(QUIET) === 'yes'
export const setQuiet = (quiet: boolean) => { localStorage.setItem(QUIET, quiet ? 'yes' : 'no') }

/** A last touch is marked when it is made: nobody is called for it. */
const SILENT: readonly Act['kind'][] = ['complete']

/** What is to be done now, on every head; each by the name under which it is called once. */
export function due(heads: readonly Head[], now: number): Alarm[] {
  return heads.flatMap((head) => head.times.acts
    // Before anything is on, nobody is late: the visit says what comes first.
    .filter((act) => head.onHair && !SILENT.includes(act.kind) && new Date(act.at).getTime() <= now)
    .map((act) => ({
      key: `${head.id} ${act.kind} ${act.letters.join()}${act.kind === 'look' ? ` ${act.at}` : ''}${act.over ? t` over` : ''}`,
      visit: head.id,
      client: head.client,
      act,
      late: lateBy(act, head.times.now, now),
    })))
}

/** Those of them that have not been called yet; what is no longer due may be called again. */
export function uncalled(
  alarms: readonly Alarm[],
  called: ReadonlySet<string>,
): { fresh: Alarm[]; called: Set<string> } {
  return { fresh: alarms.filter((alarm) => !called.has(alarm.key)), called: new Set(alarms.map((alarm) => alarm.key)) }
}

/** Two notes for what can wait a moment, three for the rinse: told apart without looking. */
export function ring(alarms: readonly Alarm[]): void {
  const notes = alarms.some((alarm) => alarm.act.kind === 'rinse') ? [880, 880, 1174] : [659, 880]
  try {
    const sound = new AudioContext()
    notes.forEach((pitch, at) => {
      const tone = sound.createOscillator()
      const loud = sound.createGain()
      tone.frequency.value = pitch
      const from = sound.currentTime + at * 0.28
      loud.gain.setValueAtTime(0.0001, from)
      loud.gain.exponentialRampToValueAtTime(0.25, from + 0.02)
      loud.gain.exponentialRampToValueAtTime(0.0001, from + 0.24)
      tone.connect(loud).connect(sound.destination)
      tone.start(from)
      tone.stop(from + 0.26)
    })
    setTimeout(() => { void sound.close() }, notes.length * 300 + 400)
  } catch {
    // A browser that plays nothing until it was touched still shows it.
  }
}
