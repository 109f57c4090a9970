import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useQuery } from '@tanstack/react-query'
import { useContext } from 'react'
import { NavLink, Outlet, Route, Routes } from 'react-router'
import { MemberContext } from '../../shared/session/member'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Waiting } from '../../shared/ui/Waiting'
import { Blends } from './Blends'
import { CostView } from './CostView'
import { Developers } from './Developers'
import { LinePage } from './LinePage'
import { Measures } from './Measures'
import { OrderList } from './OrderList'
import { Overview } from './Overview'
import { Services } from './Services'
import { StockView } from './StockView'

/** The shelf: lines with their rules and legends, products, developers, measures. */
export function ShelfPage() {
  const writes = useContext(MemberContext)?.formulates === true
  return (
    <Routes>
      <Route element={<Rail writes={writes} />}>
        <Route index element={<Overview writes={writes} />} />
        <Route path="new" element={<LinePage key="new" id={null} writes={writes} />} />
        <Route path="stock" element={<StockView />} />
        <Route path="order" element={<OrderList />} />
        <Route path="costs" element={<CostView />} />
        <Route path="developers" element={<Developers writes={writes} />} />
        <Route path="blends" element={<Blends writes={writes} />} />
        <Route path="services" element={<Services writes={writes} />} />
        <Route path="measures" element={<Measures writes={writes} />} />
        <Route path=":line/*" element={<LinePage writes={writes} />} />
      </Route>
    </Routes>
  )
}

function Rail({ writes }: { writes: boolean }) {
  const loaded = useQuery(shelfQuery)
  if (loaded.data === undefined) return loaded.error === null ? (
    <Waiting what={t`The shelf`} />
  ) : (
    <ErrorNotice error={loaded.error} />
  )
  const { lines, developers } = loaded.data
  return (
    <div className="page shelf">
      <nav className="shelf-rail" aria-label={t`Shelf`}>
        <NavLink to="/shelf" end>{t`All of it`}</NavLink>
        <NavLink to="/shelf/stock">{t`Stock`}</NavLink>
        {writes ? <NavLink to="/shelf/costs">{t`Cost and waste`}</NavLink> : null}
        {lines.map((line) => (
          <NavLink key={line.id} to={`/shelf/${line.id}`} className={line.withdrawn ? 'withdrawn' : undefined}>
            {line.name} <span className="quiet">
              {line.withdrawn ? t`withdrawn` : line.products.filter((product) => !product.withdrawn).length}
            </span>
          </NavLink>
        ))}
        {writes ? <NavLink to="/shelf/new" className="shelf-new">{t`+ New line`}</NavLink> : null}
        <NavLink to="/shelf/developers">
          <Trans>Developers <span className="quiet">{developers.filter((each) => !each.withdrawn).length}</span></Trans>
        </NavLink>
        <NavLink to="/shelf/blends">{t`House blends`}</NavLink>
        <NavLink to="/shelf/services">{t`Services`}</NavLink>
        <NavLink to="/shelf/measures">{t`Measures`}</NavLink>
      </nav>
      <div className="shelf-open"><Outlet /></div>
    </div>
  )
}
