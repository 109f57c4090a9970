import { Suspense, useEffect, useState } from 'react'
import { useKeys } from '../shared/ui/useKeys'
import { KeyDialog } from './pages'

const ASKED = 'tinta.keys'

/** Shows the keys of the page that is open. */
export const showKeys = () => { dispatchEvent(new Event(ASKED)) }

/** The keys of the page one is on, on any page: by “?”. */
export function KeySheet() {
  const [shown, show] = useState(false)
  useKeys((event) => { if (event.key === '?') show(true) })
  useEffect(() => {
    const asked = () => { show(true) }
    addEventListener(ASKED, asked)
    return () => { removeEventListener(ASKED, asked) }
  }, [])
  return shown ? <Suspense><KeyDialog onClose={() => { show(false) }} /></Suspense> : null
}
