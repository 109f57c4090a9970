import { expect, it } from 'vitest'
import type { ZodMiniType } from 'zod/mini'
import { clientShape } from './shared/clients/clientFile'
import { houseShape } from './shared/house/house'
import { sessionShape } from './shared/session/session'
import { shelfShape } from './shared/shelf/shelf'
import { teamShape } from './features/house/team/api'
import { measureShape } from './features/shelf/api'
import { lineShape } from './features/shelf/shapes'
import { tableShape, triedShape } from './features/shelf/lineApi'
import { costShape } from './features/shelf/costApi'
import { ledgerShape, stockShape } from './features/shelf/stockApi'
import { bothShape } from './features/clients/api'
import { matchedShape } from './features/visit/formulaApi'
import { outboxShape } from './shared/messages/messages'
import { trailShape } from './shared/trail/trailShape'
import { picture, visit, workedBowl } from './features/visit/shapes'
import { comparison, standIns, tried } from './features/visit/formulaShapes'

/** What the server really answered (tests/Feature/ContractTest.php keeps these files as the answers are). */
const answers: Record<string, unknown> = import.meta.glob('../../tests/contract/*.json', {
  eager: true,
  import: 'default',
})
const answer = (name: string) => answers[`../../tests/contract/${name}.json`]

it.each<[string, ZodMiniType]>([
  ['preview', workedBowl],
  ['preview-open', workedBowl],
  ['tried', tried],
  ['picture', picture],
  ['stand-ins', standIns],
  ['visit', visit],
  ['visit-closed', visit],
  ['visit-repeated', visit],
  ['comparison', comparison],
  ['session', sessionShape],
  ['house', houseShape],
  ['shelf', shelfShape],
  ['client', clientShape],
  ['line', lineShape],
  ['tried-line', triedShape],
  ['tried-line-read', triedShape],
  ['tried-table', tableShape],
  ['measures', measureShape],
  ['stock', stockShape],
  ['ledger', ledgerShape],
  ['costs', costShape],
  ['team', teamShape],
  ['trail', trailShape],
  ['messages', outboxShape],
  ['matched', matchedShape],
  ['both-files', bothShape],
])('reads what the server answers: %s', (name, shape) => {
  expect(answer(name)).toBeDefined()
  const read = shape.safeParse(answer(name))
  expect(read.success ? [] : read.error.issues).toEqual([])
})

it('drops nothing of a formula that it sends back', () => {
  const bowls = visit.parse(answer('visit')).rounds.flatMap((round) => round.bowls)
  const sent = (answer('visit') as { rounds: { bowls: { sheet: object }[] }[] }).rounds.flatMap((round) => round.bowls)
  expect(bowls.map((bowl) => bowl.sheet)).toEqual(sent.map((bowl) => bowl.sheet))
})
