import { t } from '@lingui/core/macro'
import { z } from 'zod'
import { postForm } from '../api/http'
import { keptDelete } from '../outbox/kept'

export const photo = z.object({ id: z.string(), kind: z.enum(['before', 'after', 'target']), visit: z.string().nullable(), width: z.number(), height: z.number(), note: z.string(), takenAt: z.string(), by: z.string() })
export type Photo = z.infer<typeof photo>

export async function uploadPhoto(client: number, fields: { id: string; kind: string; visit: string | null; note: string; file: File }): Promise<Photo> {
  const form = new FormData()
  form.set('id', fields.id)
  form.set('kind', fields.kind)
  if (fields.visit !== null) form.set('visit', fields.visit)
  form.set('note', fields.note)
  form.set('photo', fields.file)
  return photo.parse(await postForm(`clients/${client}/photos`, form))
}

export const removePhoto = async (id: string, reason: string): Promise<void> => {
  await keptDelete(`photos/${id}`, { reason }, { stream: `photo:${id}`, about: t`A photograph taken away` })
}
