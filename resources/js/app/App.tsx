import { t } from '@lingui/core/macro'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Suspense, useEffect, useState } from 'react'
import { Route, Routes, useLocation } from 'react-router'
import { mayBegin } from '../features/begin/api'
import { SignInPage } from '../features/session/SignInPage'
import { MemberContext } from '../shared/session/member'
import { session, type Session } from '../shared/session/session'
import { ErrorNotice, Notice } from '../shared/ui/Notice'
import { Waiting } from '../shared/ui/Waiting'
import { useNews } from '../shared/time/useNews'
import { Alarms } from './Alarms'
import { Layout } from './Layout'
import { KeySheet } from './KeySheet'
import { LockScreen } from './LockScreen'
import { SayAgain } from './SayAgain'
import { Mishap } from './Mishap'
import { BeginPage, BenchPage, CardPage, ClientPage, ClientsPage, ComparePage, fetchTheRest, FormulaPage, GuidePage, HousePage, JoinPage, MessagesPage, PanelPage, PracticePage, ShelfPage, SignOut, Steps, TodayPage, VisitPage, WallPage, WorkbenchPage } from './pages'
import { useDoors } from './useDoors'
import { useOffline } from './useOffline'

/** Nobody signed in: the sign-in page, whatever the address; afterwards the page that was wanted. */
export function App() {
  const member = useQuery(session)
  const joining = /^\/join\/([0-9a-f]{40})$/.exec(useLocation().pathname)?.[1] ?? null
  useDoors(member.data ?? null)
  if (member.data === undefined) return member.error === null ? <Waiting what="Tinta" /> : <ErrorNotice error={member.error} />
  if (joining !== null) return <Suspense fallback={<Waiting what="Tinta" />}><JoinPage token={joining} /></Suspense>
  if (member.data === null) return <Entrance />
  return <SignedIn member={member.data} />
}

/** An empty instance begins a salon; where one is, its people sign in. */
function Entrance() {
  const open = useQuery(mayBegin)
  const [begins, setBegins] = useState<boolean | null>(null)
  const [first] = useState(() => location.pathname)
  // Without the network nobody can say; whoever was here before signs in when it is back.
  if (open.fetchStatus === 'fetching') return <Waiting what="Tinta" />
  if (open.data?.open !== true) return <SignInPage />
  // Where several salons are, most who come here have theirs already.
  return (begins ?? (open.data.empty || first === '/begin')) ? <Suspense fallback={<Waiting what="Tinta" />}><BeginPage onBack={open.data.empty ? undefined : () => { setBegins(false) }} /></Suspense> : <SignInPage onBegin={() => { setBegins(true) }} />
}

function SignedIn({ member }: { member: Session }) {
  const [leaving, setLeaving] = useState(false)
  const queries = useQueryClient()
  useOffline(member)
  // Behind a lock the page stays as it was; one that was opened locked has nothing to show yet.
  const [seen, setSeen] = useState(!member.locked)
  if (!member.locked && !seen) setSeen(true)
  useEffect(() => {
    if (!member.locked) void queries.invalidateQueries({ predicate: (query) => query.state.error !== null })
  }, [member.locked, queries])
  return (
    <MemberContext value={member}>
      {seen ? <div hidden={member.locked} inert={member.locked} className="behind-lock"><Pages member={member} onLeave={() => { setLeaving(true) }} /></div> : null}
      {member.locked ? <LockScreen member={member} onSomebodyElse={() => { setLeaving(true) }} /> : null}
      {member.locked ? null : <SayAgain />}
      {leaving ? <Suspense><SignOut member={member} onStay={() => { setLeaving(false) }} /></Suspense> : null}
    </MemberContext>
  )
}

function Pages({ member, onLeave }: { member: Session; onLeave: () => void }) {
  const { formulates } = member
  const { pathname } = useLocation()
  useEffect(fetchTheRest, [])
  useNews(!member.locked)
  return (
    <Mishap at={pathname}>
      <KeySheet />
      {pathname === '/panel' ? null : <Alarms bench={pathname.startsWith('/bench')} />}
      <Suspense fallback={<Waiting what={t`this page`} />}>
        <Routes>
          <Route path="/bench/:bowl" element={<BenchPage />} />
          <Route path="/wall" element={<WallPage />} />
          <Route element={<Layout member={member} onLeave={onLeave} />}>
            <Route path="/" element={<>{member.ownsRules ? <Steps /> : null}<TodayPage formulates={formulates} /></>} />
            <Route path="/clients" element={<ClientsPage formulates={formulates} />} />
            <Route path="/clients/:id" element={<ClientPage formulates={formulates} owns={member.ownsRules} />} />
            <Route path="/guide" element={<GuidePage />} />
            <Route path="/messages" element={<MessagesPage formulates={formulates} owns={member.ownsRules} />} />
            <Route path="/visits/:id" element={<VisitPage formulates={formulates} />} />
            <Route path="/visits/:id/card" element={<CardPage />} />
            <Route path="/compare/:one/:other" element={<ComparePage />} />
            <Route path="/workbench" element={<WorkbenchPage />} />
            <Route path="/workbench/formula" element={<FormulaPage formulates={formulates} />} />
            <Route path="/practice" element={<PracticePage />} />
            <Route path="/shelf/*" element={<ShelfPage />} />
            <Route path="/house" element={<HousePage owns={member.ownsRules} />} />
            <Route path="/panel" element={<PanelPage />} />
            <Route path="*" element={<Notice kind="note" title={t`There is no such page.`}>{t`Go to Today.`}</Notice>} />
          </Route>
        </Routes>
      </Suspense>
    </Mishap>
  )
}
