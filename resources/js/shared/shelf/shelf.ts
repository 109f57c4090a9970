import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson } from '../api/http'

export const shelfShape = z.object({
  step: z.string(),
  /** Natural hair, level by level: a drawn ladder of our own. */
  ladder: z.array(z.object({ level: z.number(), words: z.string(), swatch: z.string() })),
  lines: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      kind: z.string(),
      withdrawn: z.boolean(),
      about: z.string(),
      ratio: z.string(),
      window: z.object({ min: z.number(), target: z.number(), max: z.number() }),
      developers: z.array(z.string()),
      /** What a bowl begins with where nobody has said. */
      usualDeveloper: z.nullable(z.string()),
      /** What each part of the ratio is, as the maker prints it. */
      order: z.array(z.enum(['colour', 'developer', 'base'])),
      products: z.array(
        z.object({
          id: z.string(),
          code: z.string(),
          name: z.string(),
          kind: z.string(),
          swatch: z.string(),
          withdrawn: z.boolean(),
          packCode: z.string(),
        }),
      ),
    }),
  ),
  developers: z.array(
    z.object({
      id: z.string(),
      label: z.string(),
      name: z.string(),
      strength: z.string(),
      pack: z.string(),
      packCode: z.string(),
      price: z.string(),
      withdrawn: z.boolean(),
      version: z.number(),
    }),
  ),
  blends: z.array(z.object({ name: z.string(), version: z.number(), line: z.string() })),
})
export type Shelf = z.infer<typeof shelfShape>
export type ShelfLine = Shelf['lines'][number]


/** The salon's lines with their shades and developers. */
export const shelf = queryOptions({
  queryKey: ['shelf'],
  queryFn: async ({ signal }) => shelfShape.parse(await getJson('shelf', signal)),
  staleTime: 60_000,
})
