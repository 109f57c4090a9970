import { t } from '@lingui/core/macro'
import { keptDelete, keptPatch, keptPost, keptPut } from '../../shared/outbox/kept'
import type * as shapes from './shapes'
import { inLine } from './formulaApi'
import { thenVisit, asVisit } from './api'

export const noteVisit = async (visitId: string, version: number, note: string) => asVisit(
  await keptPatch(`visits/${visitId}`, { version, note }, thenVisit(visitId, t`Note: ${note}`)),
)

export const closeVisit = async (visitId: string, fields: Record<string, unknown> & { version: number }) =>
  asVisit(await keptPost(`visits/${visitId}/close`, fields, thenVisit(visitId, t`Closing the visit`)))

export const repeatVisit = async (visitId: string, id: string) => asVisit(
  await keptPost(`visits/${visitId}/repeat`, { id }, thenVisit(id, t`Repeating the visit`)),
)

/** Of the visit before, said at this one. */
export const sayLasted = (visitId: string, before: string, said: {
  lasting: boolean | null
  greyShown: boolean | null
  weeks: number | null
}) => keptPut(`visits/${before}/lasted`, said, inLine(visitId, t`Whether the last colour lasted`))

export const keepService = (visitId: string, name: string) => keptPost(
  `visits/${visitId}/template`,
  { name },
  inLine(visitId, t`Service of the house: ${name}`),
)

export const takeService = async (visitId: string, service: number, id: string, name: string) => asVisit(
  await keptPost(`visits/${visitId}/templates/${service}`, { id }, thenVisit(visitId, t`Planned as ${name}`)),
)

export const dropService = (id: number, name: string) => keptDelete(
  `templates/${id}`,
  {},
  { stream: 'house', about: t`Service ${name} forgotten` },
)

export const amendVisit = async (visitId: string, version: number, why: string, changed: Record<string, unknown>) =>
  asVisit(
    await keptPost(`visits/${visitId}/amend`, { version, why, ...changed }, thenVisit(visitId, t`Corrected: ${why}`)),
  )

export const saveCare = async (visitId: string, version: number, steps: shapes.CareStep[]) => asVisit(
  await keptPut(`visits/${visitId}/care`, { version, steps }, thenVisit(visitId, t`Care`)),
)

/** Why it does not take place; null takes it up again. */
export const endVisit = async (visitId: string, version: number, why:
  | string
  | null, reason: string) => asVisit(
    await keptPost(
      `visits/${visitId}/end`,
      { version, why, reason },
      thenVisit(visitId, why === null ? t`The visit taken up again` : t`The visit does not take place`),
    ),
  )

export const takeVisitBack = (visitId: string, version: number) => keptDelete(
  `visits/${visitId}`,
  { version },
  { stream: `visit:${visitId}`, about: t`A visit taken back` },
)
