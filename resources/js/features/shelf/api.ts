import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson } from '../../shared/api/http'
import { keptDelete, keptPost, keptPut } from '../../shared/outbox/kept'
import { lineShape } from './shapes'

export const line = (id: string) =>
  queryOptions({
    queryKey: ['line', id],
    queryFn: async ({ signal }) => lineShape.parse(await getJson(`lines/${id.replace('line-', '')}`, signal)),
  })

export const developerShape = z.object({
  id: z.string(),
  label: z.string(),
  name: z.string(),
  strength: z.string(),
  pack: z.string(),
  packCode: z.string(),
  price: z.string(),
  withdrawn: z.boolean(),
  version: z.number(),
})

export type Developer = z.infer<typeof developerShape>

export const saveDeveloper = async (of:
  | Developer
  | null, json: Record<string, unknown>, withdrawn: boolean): Promise<Developer | null> => {
  const body = { version: of?.version ?? 0, product: json, withdrawn }
  const what = { stream: 'developers', about: t`Developer ${String(json['strength'])}`, at: '/shelf' }
  return z.nullable(developerShape).parse(
    of === null
      ? await keptPost('developers', body, what)
      : await keptPut(`developers/${of.id.replace('developer-', '')}`, body, what),
  )
}

export const measureShape = z.array(
  z.object({ id: z.number(), name: z.string(), product: z.string(), grams: z.string() }),
)

export type Measure = z.infer<typeof measureShape>[number]

export const measures = queryOptions({
  queryKey: ['measures'],
  queryFn: async ({ signal }) => measureShape.parse(await getJson('measures', signal)),
})

export const saveMeasure = async (body: { name: string; grams: string; product: string }): Promise<Measure[]> =>
  measureShape.parse(
    await keptPost('measures', body, {
      stream: 'measures',
      about: t`A ${body.name}`,
      at: '/shelf',
      reload: 'measures',
    }),
  )

export const dropMeasure = async (id: number): Promise<Measure[]> =>
  measureShape.parse(
    await keptDelete(`measures/${String(id)}`, undefined, {
      stream: 'measures',
      about: t`A measure taken away`,
      at: '/shelf',
      reload: 'measures',
    }),
  )
