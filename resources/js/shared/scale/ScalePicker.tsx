import { t } from '@lingui/core/macro'
import { Mass } from '../ui/Mass'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import Modal from 'react-bootstrap/Modal'
import { Press } from '../ui/Press'
import { AttachScale } from './AttachScale'
import { chooseScale, useScaleChoice } from './choice'
import { heardScales } from './scales'
import { useSerial } from './serial'

const STATE = {
  disconnected: t`✕ not heard`,
  garbled: t`! sends garbage`,
  overload: t`! too heavy`,
  frozen: t`! stands still`,
  reading: '',
} as const

/** Which scale this device reads: those on the wire, and one at its own cable. */
export function ScalePicker({ onClose }: { onClose: () => void }) {
  const scales = useQuery(heardScales)
  const chosen = useScaleChoice()
  const serial = useSerial()
  const [attaching, setAttaching] = useState(false)
  return (
    <Modal show onHide={onClose} centered size="lg" aria-labelledby="scales-title">
      <Modal.Header closeButton><Modal.Title id="scales-title">{t`Which scale?`}</Modal.Title></Modal.Header>
      <Modal.Body>
        <ul className="scale-list">
          {(scales.data ?? []).map((scale) => {
            const on = scale.id === chosen || (chosen === '' && scale.id === '1')
            return (
              <li key={scale.id}>
                <button
                  type="button"
                  className="scale-choice"
                  aria-pressed={on}
                  onClick={() => { chooseScale(scale.id); onClose() }}
                >
                  <span>{on ? '● ' : '○ '}{scale.name}</span>
                  <span className="grams">
                    <Mass of={scale.state === 'reading' ? scale.shown : STATE[scale.state]} />
                  </span>
                </button>
              </li>
            )
          })}
        </ul>
        {scales.error === null ? null : <p>{t`The scales cannot be heard; grams can be typed by hand.`}</p>}
        {serial.kind === 'gone' ? <p>{t`! ${serial.scale.name} is not at the cable any more.`}</p> : null}
        {attaching ? (
          <AttachScale onDone={(id) => { chooseScale(id); onClose() }} />
        ) : (
          <Press onPress={() => { setAttaching(true) }} id="attach-scale">
            {t`A scale at this device’s own cable…`}
          </Press>
        )}
      </Modal.Body>
    </Modal>
  )
}
