import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'

const shape = z.object({
  lessons: z.array(z.object({ key: z.string(), words: z.string() })),
  heads: z.array(
    z.object({
      visit: z.nullable(z.string()),
      name: z.string(),
      lesson: z.string(),
      tries: z.number(),
      best: z.nullable(z.number()),
      onTarget: z.boolean(),
    }),
  ),
  /** Of every try in its order: how far from the wish, to the eye. */
  progress: z.array(z.number()),
})
export type Practice = z.infer<typeof shape>

export const practice = queryOptions({
  queryKey: ['practice'],
  queryFn: async ({ signal }) => shape.parse(await getJson('practice', signal)),
})

export const newHead = async (id: string, lesson: string) => z.object({ visit: z.string() }).parse(
  await postJson('practice', { id, lesson }),
).visit
