import { t } from '@lingui/core/macro'

export const TITLES = { colour: t`Colour`, developer: t`Developer`, base: t`Third part` } as const

export const AMOUNTS = [
  ['colour', t`Colour`],
  ['total', t`Total mixture`],
  ['developer', t`Developer`],
  ['ingredient', t`One product`],
  ['shares', t`Shares say it`],
] as const
