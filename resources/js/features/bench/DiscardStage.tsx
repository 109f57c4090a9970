import { t } from '@lingui/core/macro'
import { masses } from '../../shared/format/mass'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Press } from '../../shared/ui/Press'

const REASONS = [t`Wrong product`, t`Too far over`, t`Spilt`, t`Stood too long`] as const

/** Why the bowl is thrown away: nothing of it is used, and the record keeps what was poured. */
export function DiscardStage({
  total,
  busy,
  onDiscard,
  onCancel,
}: { total: string; busy: boolean; onDiscard: (reason: string) => void; onCancel: () => void }) {
  const [reason, setReason] = useState('')
  return (
    <Form
      className="stage stage-lost"
      onSubmit={(event) => {
        event.preventDefault()
        if (reason.trim() !== '' && !busy) onDiscard(reason)
      }}
      onKeyDown={(event) => { if (event.key === 'Escape') onCancel() }}
    >
      <h2 className="stage-label">{t`Throw ${masses(total)} away?`}</h2>
      <p className="stage-words">{t`Nothing of it is used; the record keeps what was poured, and why.`}</p>
      <div className="bench-choices">
        {REASONS.map((each) => <Press
          key={each}
          kind="stop"
          size="bench"
          disabled={busy}
          onPress={() => { onDiscard(each) }}
        >{each}</Press>)}
      </div>
      <Form.Control
        aria-label={t`Reason`}
        id="discard-reason"
        autoFocus
        size="lg"
        placeholder={t`Another reason`}
        maxLength={300}
        value={reason}
        onChange={(event) => { setReason(event.target.value) }}
      />
      <div className="hand-actions">
        <Press size="bench" hint="Esc" onPress={onCancel}>{t`Keep it`}</Press>
        <Press kind="stop" size="bench" submit hint="Enter" disabled={busy || reason.trim() === ''} id="discard-now">
          {t`Throw it away`}
        </Press>
      </div>
    </Form>
  )
}
