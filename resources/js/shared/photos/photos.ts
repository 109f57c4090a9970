import { t } from '@lingui/core/macro'
import * as z from 'zod/mini'
import { postForm, putJson } from '../api/http'
import { keptDelete } from '../outbox/kept'

/**
 * A marked spot: where (parts of the picture), what colour was read there, and how a result stands against the target.
 */
const spot = z.object({
  x: z.number(), y: z.number(), radius: z.number(), white: z.nullable(z.object({ x: z.number(), y: z.number() })),
  swatch: z.string(), level: z.string(), tone: z.array(
    z.string(),
  ), words: z.string(), sure: z.string(), match: z.string(),
})

export const photo = z.object({
  id: z.string(),
  kind: z.enum(['before', 'after', 'target']),
  visit: z.nullable(z.string()),
  width: z.number(),
  height: z.number(),
  note: z.string(),
  takenAt: z.string(),
  by: z.string(),
  spot: z.nullable(spot),
})
export type Photo = z.infer<typeof photo>

export async function uploadPhoto(
  client: number,
  fields: { id: string; kind: string; visit: string | null; note: string; file: File },
): Promise<Photo> {
  const form = new FormData()
  form.set('id', fields.id)
  form.set('kind', fields.kind)
  if (fields.visit !== null) form.set('visit', fields.visit)
  form.set('note', fields.note)
  form.set('photo', fields.file)
  return photo.parse(await postForm(`clients/${client}/photos`, form))
}

/** The colour of the marked spot, against the white where one was marked. */
export const markSpot = async (id: string, where: {
  x: number
  y: number
  radius: number
  white: { x: number; y: number } | null
}): Promise<Photo> => photo.parse(await putJson(`photos/${id}/spot`, where))

export const removePhoto = async (id: string, reason: string): Promise<void> => {
  await keptDelete(`photos/${id}`, { reason }, { stream: `photo:${id}`, about: t`A photograph taken away` })
}
