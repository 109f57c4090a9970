import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { newId } from '../api/newId'
import { showDay } from '../format/time'
import { ErrorNotice } from '../ui/Notice'
import { uploadPhoto, type Photo } from './photos'

/** Photographs side by side, and a way to add one: the server redraws it and keeps nothing but its pixels. */
export function PhotoStrip({ client, visit, photos, onAdded }: { client: number; visit: string | null; photos: Photo[]; onAdded: () => void }) {
  const [kind, setKind] = useState('before')
  const add = useMutation({ mutationFn: (file: File) => uploadPhoto(client, { id: newId(), kind, visit, note: '', file }), onSuccess: onAdded })
  return (
    <section className="photos" aria-label="Photographs">
      {photos.map((photo) => (
        <figure key={photo.id}>
          <img src={`/api/photos/${photo.id}`} width={photo.width} height={photo.height} alt={`${photo.kind}, ${showDay(photo.takenAt)}${photo.note === '' ? '' : `: ${photo.note}`}`} loading="lazy" />
          <figcaption>{photo.kind}, {showDay(photo.takenAt)}</figcaption>
        </figure>
      ))}
      <div className="photo-add">
        <Form.Select aria-label="What the photograph shows" value={kind} onChange={(event) => { setKind(event.target.value) }}>
          <option value="before">before</option>
          <option value="after">after</option>
          <option value="target">target to match</option>
        </Form.Select>
        <label className="press btn btn-outline-primary photo-file">
          + photograph
          <input type="file" accept="image/jpeg,image/png,image/webp" onChange={(event) => { const file = event.target.files?.[0]; if (file !== undefined) add.mutate(file); event.target.value = '' }} />
        </label>
      </div>
      {add.error === null ? null : <ErrorNotice error={add.error} />}
    </section>
  )
}
