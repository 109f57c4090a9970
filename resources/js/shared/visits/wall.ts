import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson } from '../api/http'
import { askEvery } from '../time/news'
import { times } from './times'
import { nextStep, person } from './visitLine'

const wallShape = z.object({
  now: z.string(),
  heads: z.array(
    z.object({
      id: z.string(),
      client: z.string(),
      service: z.string(),
      colourist: person,
      onHair: z.boolean(),
      times,
      next: nextStep,
    }),
  ),
})
export type Wall = z.infer<typeof wallShape>
export type Head = Wall['heads'][number]

/**
 * Every head with colour on it and everybody in the chair, by who must act next. News of a write asks again at once.
 */
export const wall = queryOptions({
  queryKey: ['wall'],
  queryFn: async ({ signal }) => wallShape.parse(await getJson('wall', signal)),
  refetchInterval: askEvery(15_000),
})
