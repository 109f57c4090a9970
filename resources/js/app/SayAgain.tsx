import { Suspense, useEffect, useState } from 'react'
import { onSayAgain } from '../shared/api/http'
import { SayAgainDialog } from './pages'

/** The password once more, before what only its person may do; then what was pressed goes on by itself. */
export function SayAgain() {
  const [waiting, setWaiting] = useState<((said: boolean) => void)[]>([])
  useEffect(() => onSayAgain(() => new Promise((resolve) => { setWaiting((now) => [...now, resolve]) })), [])
  const end = (said: boolean) => {
    for (const each of waiting) each(said)
    setWaiting([])
  }
  return waiting.length === 0 ? null : <Suspense><SayAgainDialog onEnd={end} /></Suspense>
}
