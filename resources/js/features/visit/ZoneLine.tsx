import type { ReactNode } from 'react'

/** A row of the sheet: what it is about, and the choices for it. */
export function ZoneLine({ what, children }: { what: string; children: ReactNode }) {
  return (
    <div className="zone-line">
      <span className="zone-what">{what}</span>
      {children}
    </div>
  )
}
