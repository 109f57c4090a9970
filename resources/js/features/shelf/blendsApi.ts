import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'
import { keptDelete, keptPatch } from '../../shared/outbox/kept'

export const blendsShape = z.array(z.object({
  name: z.string(), retired: z.boolean(), line: z.string(),
  versions: z.array(
    z.object({
      version: z.number(),
      made: z.nullable(z.string()),
      ingredients: z.array(z.object({ label: z.string(), share: z.string() })),
      bowls: z.number(),
    }),
  ),
}))

export const blends = queryOptions({
  queryKey: ['blends'],
  queryFn: async ({ signal }) => blendsShape.parse(await getJson('house-blends', signal)),
})

export const retireBlend = async (name: string, retired: boolean) => blendsShape.parse(
  await postJson('house-blends/retire', { name, retired }),
)

const serviceShape = z.object({
  id: z.number(), name: z.string(), since: z.nullable(z.string()), visits: z.number(), bowls: z.array(z.string()),
  rounds: z.array(
    z.object({
      name: z.string(),
      bowls: z.array(z.object({ letter: z.string(), job: z.string(), minutes: z.string(), amount: z.string() })),
    }),
  ),
})

export type Service = z.infer<typeof serviceShape>

/** Under a key of its own: the client's file reads less of them. */
export const services = queryOptions({
  queryKey: ['templates', 'all'],
  queryFn: async ({ signal }) => z.array(serviceShape).parse(await getJson('templates', signal)),
})

export const renameService = async (id: number, name: string): Promise<void> => {
  await keptPatch(
    `templates/${String(id)}`,
    { name },
    { stream: `template:${String(id)}`, about: t`Service ${name}`, at: '/shelf/services' },
  )
}

export const removeService = async (id: number): Promise<void> => {
  await keptDelete(
    `templates/${String(id)}`,
    {},
    { stream: `template:${String(id)}`, about: t`A service taken off`, at: '/shelf/services' },
  )
}
