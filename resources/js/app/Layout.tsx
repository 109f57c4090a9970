import { t } from '@lingui/core/macro'
import { useQueryClient } from '@tanstack/react-query'
import { Suspense, useState } from 'react'
import { NavLink, Outlet, useNavigate } from 'react-router'
import { OutboxNote } from '../shared/outbox/OutboxNote'
import { lock, showLocked, type Session } from '../shared/session/session'
import { Press } from '../shared/ui/Press'
import { useKeys } from '../shared/ui/useKeys'
import { showKeys } from './KeySheet'
import { HandOver } from './pages'

function turnTheme() {
  const next = document.documentElement.dataset['bsTheme'] === 'dark' ? 'light' : 'dark'
  document.documentElement.dataset['bsTheme'] = next
  localStorage.setItem('tinta.theme', next)
}

const ROLE = { owner: t`owner`, colourist: t`colourist`, assistant: t`assistant` } as const

/** The frame around every page but the bench. */
export function Layout({ member, onLeave }: { member: Session; onLeave: () => void }) {
  const queries = useQueryClient()
  const close = () => { void lock().catch(() => null).then(() => { showLocked(queries) }) }
  const [handing, setHanding] = useState(false)
  const go = useNavigate()
  useKeys((event) => {
    if (event.key === 'g') void go('/')
    else if (event.key === 'c') {
      event.preventDefault()
      void go('/clients')
    } else if (event.key === 'm') void go('/messages')
    else if (event.key === 'w') void go('/workbench')
    else if (event.key === 's') void go('/shelf')
    else if (event.key === 'h') void go('/house')
    else if (event.key === 'd') turnTheme()
  })
  return (
    <div className="frame">
      <header className="frame-head">
        <NavLink to="/" className="brand">
          {t`Tinta`}
        </NavLink>
        <nav aria-label={t`Main`}>
          <NavLink to="/" end>
            {t`Today`}
          </NavLink>
          <NavLink to="/clients">{t`Clients`}</NavLink>
          <NavLink to="/messages">{t`Messages`}</NavLink>
          <NavLink to="/workbench">{t`Workbench`}</NavLink>
          <NavLink to="/shelf">{t`Shelf`}</NavLink>
          <NavLink to="/practice">{t`Practice`}</NavLink>
          <NavLink to="/house">{t`House`}</NavLink>
          {member.scaleSimulated ? <NavLink to="/panel">{t`Pour panel`}</NavLink> : null}
        </nav>
        <span className="frame-who">
          <OutboxNote />
          <span className="quiet">{member.salon}</span>
          <Press kind="quiet" label={t`Light or dark theme`} onPress={turnTheme}>
            ◐
          </Press>
          <Press kind="quiet" label={t`Shortcuts`} onPress={showKeys}>
            ?
          </Press>
          <button
            type="button"
            id="who"
            className="initials who-press"
            aria-label={t`${member.name}, ${ROLE[member.role]}: hand this device over`}
            title={`${member.name}, ${ROLE[member.role]}`}
            onClick={() => { setHanding(true) }}
          >
            {member.initials}
          </button>
          <Press kind="quiet" label={t`Lock this device`} onPress={close} id="lock">
            {t`Lock`}
          </Press>
          <Press kind="quiet" onPress={onLeave} id="sign-out">
            {t`Sign out`}
          </Press>
        </span>
      </header>
      <main className="frame-main">
        <Outlet />
      </main>
      {handing ? <Suspense><HandOver member={member} onClose={() => { setHanding(false) }} /></Suspense> : null}
    </div>
  )
}
