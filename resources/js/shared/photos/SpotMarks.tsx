import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState, type KeyboardEvent, type MouseEvent } from 'react'
import Form from 'react-bootstrap/Form'
import { ErrorNotice } from '../ui/Notice'
import { OneOf } from '../ui/OneOf'
import { Press } from '../ui/Press'
import { markSpot, type Photo } from './photos'

type Place = { x: number; y: number }
const within = (value: number) => Math.min(1, Math.max(0, value))
const STEP = 0.01

/**
 * The colour of a photograph where a finger marks it: the hair, and a white beside it where there is one. By key:
 * arrows move the mark that is chosen.
 */
export function SpotMarks({ photo, onDone }: { photo: Photo; onDone: () => void }) {
  const [hair, setHair] = useState<Place>({ x: photo.spot?.x ?? 0.5, y: photo.spot?.y ?? 0.5 })
  const [white, setWhite] = useState<Place | null>(photo.spot?.white ?? null)
  const [radius, setRadius] = useState(photo.spot?.radius ?? 0.05)
  const [of, setOf] = useState('hair')
  const mark = useMutation({ mutationFn: () => markSpot(photo.id, { ...hair, radius, white }), onSuccess: onDone })
  const put = (place: Place) => { if (of === 'white') setWhite(place); else setHair(place) }
  const press = (event: MouseEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect()
    // A key that presses a button says no place.
    if (event.detail > 0) put({
      x: within((event.clientX - box.left) / box.width),
      y: within((event.clientY - box.top) / box.height),
    })
  }
  const move = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key]
    if (by === undefined) return
    event.preventDefault()
    const from = of === 'white' ? (white ?? { x: 0.5, y: 0.5 }) : hair
    put({ x: within(from.x + (by[0] ?? 0)), y: within(from.y + (by[1] ?? 0)) })
  }
  return (
    <div className="spot-marks">
      <button
        type="button"
        className="spot-picture"
        aria-label={t`Mark the picture: press it, or move the mark by the arrow keys`}
        onClick={press}
        onKeyDown={move}
      >
        <img src={`/api/photos/${photo.id}`} width={photo.width} height={photo.height} alt="" />
        <Mark at={hair} radius={radius} photo={photo} kind="hair" />
        {white === null ? null : <Mark at={white} radius={radius} photo={photo} kind="white" />}
      </button>
      <div className="spot-said">
        <OneOf
          label={t`What is marked`}
          all={[['hair', t`the colour`], ['white', t`white paper beside it`]]}
          on={of}
          onChange={(next) => { setOf(next ?? 'hair') }}
        />
        <label className="spot-size">
          {t`How large`}{' '}
          <Form.Range
            aria-label={t`How large the spot is`}
            min={0.01}
            max={0.2}
            step={0.01}
            value={radius}
            onChange={(event) => { setRadius(Number(event.target.value)) }}
          />
        </label>
        {white === null ? null : (
          <Press kind="quiet" onPress={() => { setWhite(null); setOf('hair') }}>{t`There is no white`}</Press>
        )}
        <Press kind="main" id="mark-spot" disabled={mark.isPending} onPress={() => { mark.mutate() }}>
          {t`Read this colour`}
        </Press>
        {mark.error === null ? null : <ErrorNotice error={mark.error} />}
        <p className="quiet">{t`A photograph is a hint, not a measure: look at the hair itself in daylight.`}</p>
      </div>
    </div>
  )
}

/** The radius is of the shorter side; a mark is as wide on the picture as what is read. */
function Mark({ at, radius, photo, kind }: { at: Place; radius: number; photo: Photo; kind: 'hair' | 'white' }) {
  const shorter = Math.min(photo.width, photo.height)
  return (
    <span
      className={`spot-mark spot-${kind}`}
      aria-hidden="true"
      style={{
        left: `${at.x * 100}%`,
        top: `${at.y * 100}%`,
        width: `${(200 * radius * shorter) / photo.width}%`,
        height: `${(200 * radius * shorter) / photo.height}%`,
      }}
    />
  )
}
