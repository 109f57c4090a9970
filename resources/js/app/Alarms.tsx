import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Link } from 'react-router'
import { due, isQuiet, ring, setQuiet, uncalled, type Alarm } from '../shared/time/alarms'
import { useServerNow } from '../shared/time/useServerNow'
import { Spoken } from '../shared/ui/Spoken'
import { Press } from '../shared/ui/Press'
import { wall } from '../shared/visits/wall'

/**
 * What is due on any head of the salon, on whatever page somebody is: sound, flash, the page's title, vibration; or
 * quiet.
 */
export function Alarms({ bench }: { bench: boolean }) {
  const { data } = useQuery(wall)
  return data === undefined ? null : <Calls heads={data.heads} told={data.now} bench={bench} />
}

function Calls({ heads, told, bench }: { heads: Parameters<typeof due>[0]; told: string; bench: boolean }) {
  const now = useServerNow(told)
  const [quiet, turn] = useState(isQuiet)
  const called = useRef<ReadonlySet<string>>(new Set())
  const alarms = due(heads, now)
  const keys = alarms.map((alarm) => alarm.key).join('\n')
  useEffect(() => {
    const { fresh, called: next } = uncalled(alarms, called.current)
    called.current = next
    if (fresh.length > 0 && !quiet) {
      ring(fresh)
      // Before anybody has touched the page, a browser lets nothing shake.
      if ('vibrate' in navigator && navigator.userActivation.hasBeenActive) navigator.vibrate([200, 100, 200])
    }
    // What is due is told by its keys; the list itself is new every second.
    // eslint-disable-next-line
  }, [keys, quiet])
  useEffect(() => {
    const [first] = alarms
    document.title = first === undefined ? 'Tinta' : `● ${first.act.words}, ${first.client}`
    return () => { document.title = 'Tinta' }
    // eslint-disable-next-line
  }, [keys])
  useWakeLock(heads.some((head) => head.onHair))
  if (alarms.length === 0) return null
  return (
    <aside className={`alarms ${bench ? 'alarms-bench' : ''}`} aria-label={t`Due now`}>
      <Spoken urgent text={alarms.map((alarm) => `${alarm.act.words}, ${alarm.client}`).join('. ')} />
      <ul>
        {alarms.slice(
          0,
          3,
        ).map((alarm) => <li key={alarm.key}>
          {bench ? <Call alarm={alarm} /> : <Link to={`/visits/${alarm.visit}?at=run`}><Call alarm={alarm} /></Link>}
        </li>)}
        {alarms.length > 3 ? <li>{t`and ${alarms.length - 3} more`}</li> : null}
      </ul>
      {bench ? null : (
        <Press
          kind="quiet"
          label={quiet ? t`Let the clocks be heard` : t`Quiet: clocks are shown, not heard`}
          pressed={quiet}
          onPress={() => { setQuiet(!quiet); turn(!quiet) }}
        >{quiet ? t`Quiet` : t`Sound on`}</Press>
      )}
    </aside>
  )
}

function Call({ alarm }: { alarm: Alarm }) {
  return <><strong>{alarm.act.words}</strong> {alarm.client}{alarm.late > 0 ? t`, ${alarm.late} min late` : ''}</>
}

/** While a clock runs the screen stays on, where the device allows it. */
function useWakeLock(on: boolean): void {
  useEffect(() => {
    if (!on || !('wakeLock' in navigator)) return
    let lock: WakeLockSentinel | null = null
    let left = false
    const take = () => {
      if (document.visibilityState === 'visible') void navigator.wakeLock
        .request('screen')
        .then((got) => { if (left) void got.release(); else lock = got })
        .catch(() => null)
    }
    take()
    document.addEventListener('visibilitychange', take)
    return () => {
      left = true
      document.removeEventListener('visibilitychange', take)
      void lock?.release().catch(() => null)
    }
  }, [on])
}
