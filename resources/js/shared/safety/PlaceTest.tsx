import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { newId } from '../api/newId'
import { useKept } from '../keep/useKept'
import { ErrorNotice } from '../ui/Notice'
import { OneOf } from '../ui/OneOf'
import { Press } from '../ui/Press'
import { placeTest, type Safety } from './safety'

const USUAL_SPOT = t`behind the left ear`

/** A skin test placed now, or earlier: then with who placed it, and when. */
export function PlaceTest({ client, safety, onChanged }: { client: number; safety: Safety; onChanged: () => void }) {
  const [lines, setLines] = useState<string[]>([])
  const [spot, setSpot] = useKept(`spot.${client}`, USUAL_SPOT)
  const [earlier, setEarlier] = useState<{ at: string; by: string } | null>(null)
  const [id, setId] = useState(newId)
  const place = useMutation({
    mutationFn: () => placeTest(client, {
      id,
      lines,
      spot,
      ...(earlier === null ? {} : { placedAt: earlier.at, placedBy: earlier.by }),
    }),
    onSuccess: () => {
      setId(newId())
      setLines([])
      setSpot(USUAL_SPOT)
      setEarlier(null)
      onChanged()
    },
  })
  const ready = lines.length > 0
    && spot.trim() !== ''
    && (earlier === null || (earlier.at !== '' && earlier.by.trim() !== ''))
  return (
    <div className="safety-form">
      <div className="chips" role="group" aria-label={t`Lines to test`}>
        {safety.lines.map((line) => (
          <button
            key={line.id}
            type="button"
            className="chip"
            aria-pressed={lines.includes(line.id)}
            onClick={() => {
              setLines(lines.includes(line.id) ? lines.filter((each) => each !== line.id) : [...lines, line.id])
            }}
          >
            {line.name}
          </button>
        ))}
      </div>
      <div className="safety-row">
        <Form.Control
          aria-label={t`Where on the body`}
          maxLength={80}
          value={spot}
          onChange={(event) => { setSpot(event.target.value) }}
        />
        <OneOf
          label={t`When it was placed`}
          all={[['now', t`now`], ['earlier', t`earlier`]]}
          on={earlier === null ? 'now' : 'earlier'}
          onChange={(when) => { setEarlier(when === 'earlier' ? { at: '', by: '' } : null) }}
        />
        {earlier === null ? null : (
          <>
            <Form.Control
              type="datetime-local"
              aria-label={t`When`}
              value={earlier.at}
              onChange={(event) => { setEarlier({ ...earlier, at: event.target.value }) }}
            />
            <Form.Control
              aria-label={t`Who placed it`}
              placeholder={t`who placed it`}
              maxLength={120}
              value={earlier.by}
              onChange={(event) => { setEarlier({ ...earlier, by: event.target.value }) }}
            />
          </>
        )}
        <Press disabled={!ready || place.isPending} onPress={() => { place.mutate() }} id="place-test">
          {earlier === null ? t`Test placed now` : t`Record the test`}
        </Press>
      </div>
      {place.error === null ? null : <ErrorNotice error={place.error} />}
    </div>
  )
}
