import { useEffect, useState } from 'react'

/** What means something else again within this time is passing, and nobody is told of it. */
const PASSING_MS = 500

/**
 * For whoever hears the page: said when it changes. What changes ten times a second is shown, and said only once it
 * means something else.
 */
export function Spoken({ text, urgent = false }: { text: string; urgent?: boolean }) {
  const [rested, setRested] = useState('')
  useEffect(() => {
    const resting = setTimeout(() => { setRested(text) }, PASSING_MS)
    return () => { clearTimeout(resting) }
  }, [text])
  return <p className="visually-hidden" role={urgent ? 'alert' : 'status'}>{urgent ? text : rested}</p>
}
