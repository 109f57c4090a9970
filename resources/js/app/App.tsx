import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { Suspense, useEffect, useState } from 'react'
import { useLocation } from 'react-router'
import { mayBegin } from '../features/begin/api'
import { SignInPage } from '../features/session/SignInPage'
import { Unreachable } from '../shared/api/http'
import { session } from '../shared/session/session'
import { ErrorNotice, Notice } from '../shared/ui/Notice'
import { Waiting } from '../shared/ui/Waiting'
import { BeginPage, fetchFirst, JoinPage, SignedIn } from './pages'
import { useDoors } from './useDoors'

/** Nobody signed in: the sign-in page, whatever the address; afterwards the page that was wanted. */
export function App() {
  const member = useQuery(session)
  const joining = /^\/join\/([0-9a-f]{40})$/.exec(useLocation().pathname)?.[1] ?? null
  useDoors(member.data ?? null)
  if (member.data === undefined) return member.error === null ? (
    <Waiting what="Tinta" />
  ) : (
    <main className="no-server">
      {member.error instanceof Unreachable ? (
        <Notice kind="warn" title={t`No connection`}>
          {t`It is tried again every few seconds, and Tinta opens by itself. What waits on this device stays on it.`}
        </Notice>
      ) : (
        <ErrorNotice error={member.error} />
      )}
    </main>
  )
  if (joining !== null) return <Suspense fallback={<Waiting what="Tinta" />}><JoinPage token={joining} /></Suspense>
  if (member.data === null) return <Entrance />
  return <Suspense fallback={<Waiting what="Tinta" />}><SignedIn member={member.data} /></Suspense>
}

/** An empty instance begins a salon; where one is, its people sign in. */
function Entrance() {
  const open = useQuery(mayBegin)
  const [begins, setBegins] = useState<boolean | null>(null)
  const [first] = useState(() => location.pathname)
  // While somebody types their password, what they will see comes.
  useEffect(fetchFirst, [])
  // Without the network nobody can say; whoever was here before signs in when it is back.
  if (open.fetchStatus === 'fetching') return <Waiting what="Tinta" />
  if (open.data?.open !== true) return <SignInPage />
  // Where several salons are, most who come here have theirs already.
  return (begins ?? (open.data.empty || first === '/begin')) ? (
    <Suspense fallback={<Waiting what="Tinta" />}>
      <BeginPage onBack={open.data.empty ? undefined : () => { setBegins(false) }} />
    </Suspense>
  ) : (
    <SignInPage onBegin={() => { setBegins(true) }} />
  )
}
