import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { postJson } from '../../shared/api/http'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'

const made = z.object({ path: z.string() })

/** One's own visits and the salon's skin tests in any calendar program: a private address, shown once. */
export function OwnCalendar() {
  const make = useMutation({ mutationFn: async () => made.parse(await postJson('calendar', {})) })
  return (
    <details className="adjust own-calendar">
      <summary>{t`My calendar elsewhere`}</summary>
      <p className="quiet">
        {t`Your visits, the skin tests and their readings, for any calendar program that follows an address. Whoever has the address reads it; a new one ends the old one.`}
      </p>
      {make.data === undefined ? null : (
        <p><code className="calendar-address">{new URL(make.data.path, location.origin).href}</code></p>
      )}
      <Press disabled={make.isPending} id="calendar-address" onPress={() => { make.mutate() }}>
        {make.data === undefined ? t`Make an address` : t`Make a new one`}
      </Press>
      {make.error === null ? null : <ErrorNotice error={make.error} />}
    </details>
  )
}
