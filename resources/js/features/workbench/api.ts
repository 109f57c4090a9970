import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson } from '../../shared/api/http'

const answerShape = z.object({
  headline: z.string(),
  facts: z.array(z.object({ label: z.string(), value: z.string() })),
  why: z.array(z.string()),
  swatches: z.array(z.object({ label: z.string(), hex: z.string() })),
  ingredients: z.array(z.object({ product: z.string(), label: z.string(), share: z.string() })),
  cautions: z.array(z.object({ reason: z.string(), mend: z.string() })),
  alarms: z.array(z.string()),
  fragment: z.nullable(z
    .object({
      line: z.string(),
      part: z.number(),
      ingredients: z.array(z.object({ product: z.string(), share: z.string() })),
    })),
})
export type Answer = z.infer<typeof answerShape>

/** What an instrument answers to its settings. */
export const answer = (tool: string, settings: Record<string, string>, enabled: boolean) =>
  queryOptions({
    queryKey: ['workbench', tool, settings],
    queryFn: async ({ signal }) => answerShape.parse(
      await getJson(`workbench/${tool}?${new URLSearchParams(settings).toString()}`, signal),
    ),
    enabled,
    retry: false,
    placeholderData: keepPreviousData,
  })
