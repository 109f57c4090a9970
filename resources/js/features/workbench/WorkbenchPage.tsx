import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { shelf as shelfQuery, type Shelf } from '../../shared/shelf/shelf'
import { ErrorNotice } from '../../shared/ui/Notice'
import { useKeys } from '../../shared/ui/useKeys'
import { Waiting } from '../../shared/ui/Waiting'
import { AnswerCard } from './AnswerCard'
import { answer } from './api'
import { HouseRulesList } from './HouseRulesList'
import { SettingField } from './SettingField'
import { settingsOf, TOOLS, type Tool } from './tools'

/** The instruments, one at a time; tool and settings live in the address, so that a link shows the same thing. */
export function WorkbenchPage() {
  const shelf = useQuery(shelfQuery)
  const [params, setParams] = useSearchParams()
  const tool = TOOLS.find((each) => each.id === params.get('tool')) ?? TOOLS[0]
  const go = useNavigate()
  const open = (id: string) => { setParams({ tool: id }) }
  useKeys((event) => {
    const wanted = TOOLS.find((each) => each.key === event.key)
    if (wanted !== undefined) open(wanted.id)
    else if (event.key === '0') void go('/workbench/formula')
  })
  if (shelf.data === undefined
    || tool === undefined) return shelf.error === null ? (
      <Waiting what={t`the workbench`} />
    ) : (
      <ErrorNotice error={shelf.error} />
    )
  return (
    <div className="page">
      <header className="page-head">
        <h1>{t`Workbench`}</h1>
        <nav className="tools" aria-label={t`Instruments`}>
          {TOOLS.map((each) => (
            <button
              key={each.id}
              type="button"
              className="chip"
              aria-pressed={each.id === tool.id}
              onClick={() => { open(each.id) }}
            >
              {each.title} <kbd aria-hidden="true">{each.key}</kbd>
            </button>
          ))}
          <Link to="/workbench/formula" className="chip chip-link">
            <Trans>Formula <kbd aria-hidden="true">0</kbd></Trans>
          </Link>
        </nav>
      </header>
      <Instrument key={tool.id} tool={tool} shelf={shelf.data} />
      <HouseRulesList />
    </div>
  )
}

function Instrument({ tool, shelf }: { tool: Tool; shelf: Shelf }) {
  const [params, setParams] = useSearchParams()
  // The fields keep their own text; the address follows.
  const [settings, setSettings] = useState(() => settingsOf(tool, params, shelf.lines))
  const [asked, setAsked] = useState(settings)
  useEffect(() => {
    const timer = setTimeout(() => { setAsked(settings) }, 100)
    return () => { clearTimeout(timer) }
  }, [settings])
  const ready = tool.needs.every((name) => (asked[name] ?? '').trim() !== '')
  const filled = Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== ''))
  const loaded = useQuery(answer(tool.id, filled, ready))
  const set = (name: string, value: string) => {
    const next = { ...settings, [name]: value }
    setSettings(next)
    setParams({ tool: tool.id, ...next }, { replace: true })
  }
  return (
    <div className="instrument">
      <form className="card-paper settings" onSubmit={(event) => { event.preventDefault() }}>
        {tool.settings.map((setting) => (
          <SettingField
            key={setting.name}
            setting={setting}
            value={settings[setting.name] ?? ''}
            shelf={shelf}
            onChange={(value) => { set(setting.name, value) }}
          />
        ))}
      </form>
      <div>
        {loaded.error === null ? null : <ErrorNotice error={loaded.error} />}
        {loaded.data === undefined ? null : (
          <AnswerCard answer={loaded.data} stale={loaded.error !== null || loaded.isPlaceholderData} />
        )}
      </div>
    </div>
  )
}
