import { t } from '@lingui/core/macro'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Waiting } from '../../shared/ui/Waiting'
import { shelf as shelfQuery } from '../../shared/shelf/shelf'
import { visit as visitQuery } from './api'
import { Workspace } from './Workspace'

export function VisitPage({ formulates }: { formulates: boolean }) {
  const { id = '' } = useParams()
  const loaded = useQuery(visitQuery(id))
  const shelf = useQuery(shelfQuery)
  const error = loaded.error ?? shelf.error
  if (loaded.data === undefined
    || shelf.data === undefined) return error === null ? <Waiting what={t`the visit`} /> : <ErrorNotice error={error} />
  return (
    <Workspace
      key={id}
      visit={loaded.data}
      shelf={shelf.data}
      formulates={formulates || loaded.data.client.practice}
      error={error}
    />
  )
}
