import { TransNoContext, type TransProps } from '@lingui/react/server'
import { i18n } from './i18n'

const lingui = { i18n, _: i18n.t.bind(i18n) }

/** A sentence with elements in it, in the language of this page. */
export function Trans(props: TransProps) {
  return <TransNoContext {...props} lingui={lingui} />
}
