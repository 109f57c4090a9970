import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useSearchParams } from 'react-router'
import { postJson } from '../../shared/api/http'
import { useMember } from '../../shared/session/member'
import { Press } from '../../shared/ui/Press'
import type { Batch } from './api'
import { firstStep, STEPS } from './firstBowlSteps'
import type { ScaleState } from './useScale'

/** Beside the bench, for somebody's first bowl: the step they are at, in words, and a hand on the simulated scale. */
export function FirstBowl({
  batch,
  scale,
  asked,
  standsHere,
}: { batch: Batch | null; scale: ScaleState; asked: boolean; standsHere: boolean }) {
  const [params, setParams] = useSearchParams()
  const { scaleSimulated } = useMember()
  const send = useMutation({ mutationFn: (command: string) => postJson('scale/panel', { command, scale: 1 }) })
  if (params.get('guide') !== 'yes') return null
  const step = firstStep(batch, scale, asked, standsHere)
  const { hand } = step
  // Whoever listens to the scale hears the pour; it is pressed once.
  const idle = scale.state === 'reading' && scale.still
  return (
    <aside className="first-bowl" aria-label={t`Your first bowl`}>
      <strong className="first-bowl-at">{step.at} <span className="quiet">{t`of ${STEPS}`}</span></strong>
      <p role="status">{step.words}{step.press === undefined ? null : <> <kbd>{step.press}</kbd></>}</p>
      {hand === undefined || !scaleSimulated ? null : (
        <Press disabled={send.isPending || !idle} onPress={() => { send.mutate(hand.command) }} id="first-hand">
          {hand.words}
        </Press>
      )}
      <Press
        kind="quiet"
        onPress={() => {
          setParams(
            (now) => { const rest = new URLSearchParams(now); rest.delete('guide'); return rest },
            { replace: true },
          )
        }}
        id="first-end"
      >{t`Without the guide`}</Press>
    </aside>
  )
}
