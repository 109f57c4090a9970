import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson } from '../api/http'

const rule = z.object({
  key: z.string(),
  label: z.string(),
  value: z.string(),
  words: z.string(),
  standard: z.string(),
  standardWords: z.string(),
  unit: z.string(),
  reason: z.string(),
  /** Empty where a number is typed. */
  options: z.array(z.object({ value: z.string(), words: z.string() })),
})
export type Rule = z.infer<typeof rule>

export const houseShape = z.object({
  name: z.string(),
  timezone: z.string(),
  version: z.number(),
  groups: z.array(z.object({ key: z.string(), words: z.string(), rules: z.array(rule) })),
  team: z.array(
    z.object({
      name: z.string(),
      initials: z.string(),
      role: z.enum(['owner', 'colourist', 'assistant']),
      licence: z.string(),
    }),
  ),
})
export type House = z.infer<typeof houseShape>

/** The house rules with their reasons, the time zone, and who works here. */
export const house = queryOptions({
  queryKey: ['house'],
  queryFn: async ({ signal }) => houseShape.parse(await getJson('house', signal)),
})
