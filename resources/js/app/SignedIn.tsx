import { t } from '@lingui/core/macro'
import { useQueryClient } from '@tanstack/react-query'
import { Suspense, useEffect, useState } from 'react'
import { Route, Routes, useLocation } from 'react-router'
import { MemberContext } from '../shared/session/member'
import type { Session } from '../shared/session/session'
import { useNews } from '../shared/time/useNews'
import { Notice } from '../shared/ui/Notice'
import { Waiting } from '../shared/ui/Waiting'
import { Alarms } from './Alarms'
import { KeySheet } from './KeySheet'
import { Layout } from './Layout'
import { LockScreen } from './LockScreen'
import { Mishap } from './Mishap'
import {
  BenchPage,
  CardPage,
  ClientPage,
  ClientsPage,
  ComparePage,
  fetchTheRest,
  FormulaPage,
  GuidePage,
  HousePage,
  MessagesPage,
  PanelPage,
  PracticePage,
  ShelfPage,
  SignOut,
  Steps,
  TodayPage,
  VisitPage,
  WallPage,
  WorkbenchPage,
} from './pages'
import { SayAgain } from './SayAgain'
import { useOffline } from './useOffline'

/** Somebody is at this device. */
export function SignedIn({ member }: { member: Session }) {
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
      {seen ? (
        <div hidden={member.locked} inert={member.locked} className="behind-lock">
          <Pages member={member} onLeave={() => { setLeaving(true) }} />
        </div>
      ) : null}
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
  // What a new salon is led through comes when it comes: the day does not wait for it.
  const today = (
    <>
      {member.ownsRules ? <Suspense><Steps /></Suspense> : null}
      <TodayPage formulates={formulates} />
    </>
  )
  return (
    <Mishap at={pathname}>
      <KeySheet />
      {pathname === '/panel' ? null : <Alarms bench={pathname.startsWith('/bench')} />}
      <Suspense fallback={<Waiting what={t`this page`} />}>
        <Routes>
          <Route path="/bench/:bowl" element={<BenchPage />} />
          <Route path="/wall" element={<WallPage />} />
          <Route element={<Layout member={member} onLeave={onLeave} />}>
            <Route path="/" element={today} />
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
            <Route
              path="*"
              element={<Notice kind="note" title={t`There is no such page.`}>{t`Go to Today.`}</Notice>}
            />
          </Route>
        </Routes>
      </Suspense>
    </Mishap>
  )
}
