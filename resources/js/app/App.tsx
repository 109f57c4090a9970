import { useQuery } from '@tanstack/react-query'
import { Route, Routes } from 'react-router'
import { BenchPage } from '../features/bench/BenchPage'
import { ClientPage } from '../features/clients/ClientPage'
import { ClientsPage } from '../features/clients/ClientsPage'
import { HousePage } from '../features/house/HousePage'
import { PanelPage } from '../features/scale/PanelPage'
import { session } from '../features/session/api'
import { SignInPage } from '../features/session/SignInPage'
import { TodayPage } from '../features/today/TodayPage'
import { CardPage } from '../features/visit/CardPage'
import { ComparePage } from '../features/visit/ComparePage'
import { FormulaPage } from '../features/visit/FormulaPage'
import { VisitPage } from '../features/visit/VisitPage'
import { WorkbenchPage } from '../features/workbench/WorkbenchPage'
import { ErrorNotice, Notice } from '../shared/ui/Notice'
import { Waiting } from '../shared/ui/Waiting'
import { Layout } from './Layout'

/** Nobody signed in: the sign-in page, whatever the address; afterwards the page that was wanted. */
export function App() {
  const member = useQuery(session)
  if (member.data === undefined) return member.error === null ? <Waiting what="Tinta" /> : <ErrorNotice error={member.error} />
  if (member.data === null) return <SignInPage />
  const { formulates } = member.data
  return (
    <Routes>
      <Route path="/bench/:bowl" element={<BenchPage />} />
      <Route element={<Layout member={member.data} />}>
        <Route path="/" element={<TodayPage />} />
        <Route path="/clients" element={<ClientsPage formulates={formulates} />} />
        <Route path="/clients/:id" element={<ClientPage formulates={formulates} />} />
        <Route path="/visits/:id" element={<VisitPage formulates={formulates} />} />
        <Route path="/visits/:id/card" element={<CardPage />} />
        <Route path="/compare/:one/:other" element={<ComparePage />} />
        <Route path="/workbench" element={<WorkbenchPage />} />
        <Route path="/workbench/formula" element={<FormulaPage formulates={formulates} />} />
        <Route path="/house" element={<HousePage owns={member.data.ownsRules} />} />
        <Route path="/panel" element={<PanelPage />} />
        <Route path="*" element={<Notice kind="note" title="There is no such page.">Go to Today.</Notice>} />
      </Route>
    </Routes>
  )
}
