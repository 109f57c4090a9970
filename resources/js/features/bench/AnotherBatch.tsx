import { t } from '@lingui/core/macro'
import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { Field } from '../../shared/ui/Field'
import { Notice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import type { BowlFacts } from './facts'
import type { How } from './useBatch'

const SIZES = [['1', t`As large`], ['1/2', t`Half`], ['1/3', t`A third`], ['2', t`Twice`]] as const

/** Another batch of the bowl: how large, how strong; where it starts behind the first, how to catch up. */
export function AnotherBatch({
  later,
  busy,
  onBegin,
  onCancel,
}: { later: BowlFacts['later']; busy: boolean; onBegin: (how: How) => void; onCancel: () => void }) {
  const queries = useQueryClient()
  // How far behind it starts is of this minute.
  useEffect(() => { void queries.invalidateQueries({ queryKey: ['bowl-facts'] }) }, [queries])
  const [times, setTimes] = useState('1')
  const [strength, setStrength] = useState('')
  return (
    <Form
      className="stage"
      onSubmit={(event) => { event.preventDefault(); onBegin({ times: times === '1' ? '' : times, strength }) }}
      onKeyDown={(event) => { if (event.key === 'Escape') onCancel() }}
    >
      <h2 className="stage-label">{t`Another batch`}</h2>
      <div className="bench-choices">
        {SIZES.map(([size, words]) => <Press
          key={size}
          size="bench"
          pressed={times === size}
          onPress={() => { setTimes(size) }}
        >{words}</Press>)}
      </div>
      {later === null ? null : (
        <Notice kind="note" title={later.why.join(' ')}>
          {later.strength === '' ? null : (
            <Press
              kind="plain"
              id="catch-up"
              pressed={strength === later.strength}
              onPress={() => { setStrength(strength === later.strength ? '' : later.strength) }}
            >{later.strength}</Press>
          )}
        </Notice>
      )}
      <div className="field-row">
        <Field id="batch-times" label={t`How large, against the bowl`}>
          <Form.Control autoFocus value={times} maxLength={10} onChange={(event) => { setTimes(event.target.value) }} />
        </Field>
        <Field id="batch-strength" label={t`Strength, where it is another`}>
          <Form.Control
            placeholder={t`as planned`}
            value={strength}
            maxLength={20}
            onChange={(event) => { setStrength(event.target.value) }}
          />
        </Field>
      </div>
      <div className="hand-actions">
        <Press size="bench" hint="Esc" onPress={onCancel}>{t`Back`}</Press>
        <Press kind="main" size="bench" submit hint="Enter" disabled={busy || times.trim() === ''} id="begin-batch">
          {t`Begin the batch`}
        </Press>
      </div>
    </Form>
  )
}
