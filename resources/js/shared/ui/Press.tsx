import { t } from '@lingui/core/macro'
import type { ReactNode } from 'react'
import Button from 'react-bootstrap/Button'

type Kind = 'main' | 'plain' | 'quiet' | 'stop'
const VARIANT: Record<Kind, string> = {
  main: 'primary',
  plain: 'outline-primary',
  quiet: 'link',
  stop: 'outline-danger',
}

/** A button with our four kinds, a key that presses it shown beside its words, and room for a wet thumb. */
export function Press(props: {
  kind?: Kind
  onPress?: () => void
  submit?: boolean
  disabled?: boolean
  hint?: string
  size?: 'bench' | 'normal'
  id?: string
  label?: string
  pressed?: boolean
  children: ReactNode
}) {
  return (
    <Button
      id={props.id}
      variant={VARIANT[props.kind ?? 'plain']}
      type={props.submit === true ? 'submit' : 'button'}
      disabled={props.disabled}
      onClick={props.onPress}
      className={`press ${props.size === 'bench' ? 'press-bench' : ''}`}
      aria-label={props.label}
      aria-pressed={props.pressed}
    >
      {props.children}
      {props.hint === undefined ? null : <kbd aria-hidden="true">{props.hint === 'space' ? t`space` : props.hint}</kbd>}
    </Button>
  )
}
