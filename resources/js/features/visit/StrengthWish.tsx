import { t } from '@lingui/core/macro'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { ErrorNotice } from '../../shared/ui/Notice'
import { Press } from '../../shared/ui/Press'
import { blendDeveloper } from './formulaApi'

/** A wished strength becomes the developer, or the blend of two, that the line can make. */
export function StrengthWish({
  line,
  onBlend,
}: { line: string; onBlend: (ingredients: { product: string; share: string }[]) => void }) {
  const [wish, setWish] = useState('')
  const blend = useMutation({
    mutationFn: () => blendDeveloper(line, wish),
    onSuccess: (made) => {
      onBlend(made.ingredients)
      setWish('')
    },
  })
  return (
    <Form
      className="strength-wish"
      onSubmit={(event) => {
        event.preventDefault()
        blend.mutate()
      }}
    >
      <Form.Control
        aria-label={t`Wished strength`}
        id="wish"
        value={wish}
        placeholder={t`Wished strength: 15 vol, 3.9 %`}
        onChange={(event) => { setWish(event.target.value) }}
      />
      <Press kind="quiet" submit disabled={wish.trim() === ''}>
        {t`Blend`}
      </Press>
      {blend.error === null ? null : <ErrorNotice error={blend.error} />}
    </Form>
  )
}
