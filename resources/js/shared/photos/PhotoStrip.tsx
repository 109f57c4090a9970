import { named } from '../../shared/words/named'
import '../../../css/spot.css'
import { t } from '@lingui/core/macro'
import { useMutation, useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { newId } from '../api/newId'
import { clientFile } from '../clients/clientFile'
import { noteConsent } from '../clients/consents'
import { showDay } from '../format/time'
import { ErrorNotice } from '../ui/Notice'
import { Press } from '../ui/Press'
import { removePhoto, uploadPhoto, type Photo } from './photos'

const SpotMarks = lazy(async () => ({ default: (await import('./SpotMarks')).SpotMarks }))

/**
 * Photographs side by side, and a way to add one: the server redraws it and keeps nothing but its pixels. Only of who
 * agreed.
 */
export function PhotoStrip({
  client,
  visit,
  photos,
  formulates = true,
  onAdded,
}: { client: number; visit: string | null; photos: Photo[]; formulates?: boolean; onAdded: () => void }) {
  const [kind, setKind] = useState('before')
  const [opened, setOpened] = useState<string | null>(null)
  const file = useQuery(clientFile(client)).data
  const agrees = file === undefined
    ? true
    : file.training || file.consents.find((each) => each.kind === 'photographs')?.given === true
  const add = useMutation({
    mutationFn: (picture: File) => uploadPhoto(client, { id: newId(), kind, visit, note: '', file: picture }),
    onSuccess: onAdded,
  })
  const agree = useMutation({
    mutationFn: () => noteConsent(client, 'photographs', true, t`said so, before a photograph`),
    onSuccess: onAdded,
  })
  return (
    <section className="photos" aria-label={t`Photographs`}>
      {photos.map((photo) => (
        <figure key={photo.id} className={opened === photo.id ? 'photo-large' : undefined}>
          <button
            type="button"
            className="photo-open"
            aria-expanded={opened === photo.id}
            onClick={() => { setOpened(opened === photo.id ? null : photo.id) }}
          >
            <img
              src={`/api/photos/${photo.id}`}
              width={photo.width}
              height={photo.height}
              alt={`${named(photo.kind)}, ${showDay(photo.takenAt)}${photo.note === '' ? '' : `: ${photo.note}`}`}
              loading="lazy"
            />
          </button>
          <figcaption>
            {named(photo.kind)}, {showDay(photo.takenAt)}
            {photo.spot === null ? null : <SpotRead spot={photo.spot} />}
          </figcaption>
          {opened === photo.id && formulates ? (
            <>
              <Suspense><SpotMarks photo={photo} onDone={onAdded} /></Suspense>
              <TakeAway photo={photo} onDone={() => { setOpened(null); onAdded() }} />
            </>
          ) : null}
        </figure>
      ))}
      {agrees ? (
        <div className="photo-add">
          <Form.Select
            aria-label={t`What the photograph shows`}
            value={kind}
            onChange={(event) => { setKind(event.target.value) }}
          >
            <option value="before">{t`before`}</option>
            <option value="after">{t`after`}</option>
            <option value="target">{t`target to match`}</option>
          </Form.Select>
          <label className="press btn btn-outline-primary photo-file">
            {t`+ photograph`}
            <input
              type="file"
              accept="image/jpeg,image/png,image/webp"
              onChange={(event) => {
                const picture = event.target.files?.[0]
                if (picture !== undefined) add.mutate(picture)
                event.target.value = ''
              }}
            />
          </label>
        </div>
      ) : (
        <div className="photo-add photo-ask">
          <span className="quiet">{t`They have not agreed to photographs.`}</span>
          <Press id="agree-photographs" disabled={agree.isPending} onPress={() => { agree.mutate() }}>
            {t`✓ They agree`}
          </Press>
        </div>
      )}
      {add.error === null ? null : <ErrorNotice error={add.error} />}
      {agree.error === null ? null : <ErrorNotice error={agree.error} />}
    </section>
  )
}

/** What was read at the mark: a swatch with its words, how sure, and how a result stands against the target. */
export function SpotRead({ spot }: { spot: NonNullable<Photo['spot']> }) {
  return (
    <span className="spot-read">
      <span
        className="spot-swatch"
        style={{ background: spot.swatch }}
        aria-hidden="true"
      /> <strong>{spot.words}</strong>
      <span className="quiet">{spot.sure}</span>
      {spot.match === '' ? null : <span className="spot-match">{spot.match}</span>}
    </span>
  )
}

function TakeAway({ photo, onDone }: { photo: Photo; onDone: () => void }) {
  const [reason, setReason] = useState('')
  const remove = useMutation({ mutationFn: () => removePhoto(photo.id, reason.trim()), onSuccess: onDone })
  return (
    <Form className="photo-away" onSubmit={(event) => { event.preventDefault(); remove.mutate() }}>
      <Form.Control
        aria-label={t`Why this photograph goes`}
        placeholder={t`Why it goes`}
        maxLength={300}
        autoFocus
        value={reason}
        onChange={(event) => { setReason(event.target.value) }}
      />
      <Press kind="stop" submit disabled={reason.trim() === '' || remove.isPending}>{t`Take it away`}</Press>
      {remove.error === null ? null : <ErrorNotice error={remove.error} />}
    </Form>
  )
}
