import { t } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { newId } from '../../shared/api/newId'
import { deviceKeep } from '../../shared/keep/keep'
import { shelf as shelfQuery, type Shelf } from '../../shared/shelf/shelf'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { Waiting } from '../../shared/ui/Waiting'
import { openVisits, visit as visitQuery } from './api'
import { BowlEditor } from './BowlEditor'
import { freeLetter, readDrafts, writeDraft } from './drafts'
import { sheetFromLink } from './formulaLink'
import type { Sheet } from './shapes'

/** A formula without a visit: scale it by any amount, share it by its address, send it into a visit. */
export function FormulaPage({ formulates }: { formulates: boolean }) {
  const shelf = useQuery(shelfQuery)
  if (shelf.data === undefined) return shelf.error === null ? (
    <Waiting what={t`the formula`} />
  ) : (
    <ErrorNotice error={shelf.error} />
  )
  return <Formula shelf={shelf.data} formulates={formulates} />
}

function Formula({ shelf, formulates }: { shelf: Shelf; formulates: boolean }) {
  const [params, setParams] = useSearchParams()
  const [sheet, setSheet] = useState<Sheet | null>(() => sheetFromLink(params, shelf))
  if (sheet === null) return <p className="quiet empty-desk">{t`The shelf has no line yet.`}</p>
  return (
    <div className="page">
      <header className="page-head">
        <h1>{t`Formula`}</h1>
        <p className="quiet">
          <Trans>
            Change the amount and everything follows. The address holds it: send the link to share it.{' '}
            <Link to="/workbench">Back to the instruments</Link>
          </Trans>
        </p>
      </header>
      <section className="card-paper desk" aria-label={t`Formula`}>
        <BowlEditor
          shelf={shelf}
          sheet={sheet}
          saveError={null}
          onChange={(changed) => {
            setSheet(changed)
            setParams({ formula: JSON.stringify(changed) }, { replace: true })
          }}
        />
        {formulates ? <SendToVisit sheet={sheet} /> : null}
      </section>
    </div>
  )
}

/** Puts the formula into a visit of today as a draft, with the next free letter. */
function SendToVisit({ sheet }: { sheet: Sheet }) {
  const go = useNavigate()
  const visits = useQuery(openVisits)
  const [chosen, setChosen] = useState('')
  const target = useQuery({ ...visitQuery(chosen), enabled: chosen !== '' })
  const send = () => {
    const visit = target.data
    const round = visit?.rounds[visit.rounds.length - 1]
    if (visit === undefined || round === undefined) return
    const drafts = Object.values(readDrafts(deviceKeep, visit.id)).map((draft) => draft.sheet.letter)
    const letter = freeLetter([...visit.rounds.flatMap((each) => each.bowls.map((bowl) => bowl.letter)), ...drafts])
    const draft = { id: newId(), round: round.id, version: null, sheet: { ...sheet, letter } }
    writeDraft(deviceKeep, visit.id, draft)
    void go(`/visits/${visit.id}?bowl=${draft.id}`)
  }
  return (
    <footer className="desk-foot">
      <Form.Select
        aria-label={t`Visit`}
        id="send-visit"
        value={chosen}
        onChange={(event) => { setChosen(event.target.value) }}
      >
        <option value="">{t`Choose a visit of today`}</option>
        {visits.data?.map((visit) => (
          <option key={visit.id} value={visit.id}>
            {visit.client.name}, {visit.service}
          </option>
        ))}
      </Form.Select>
      <Press kind="main" disabled={target.data === undefined} onPress={send} id="send">
        {t`Send to visit`}
      </Press>
    </footer>
  )
}
