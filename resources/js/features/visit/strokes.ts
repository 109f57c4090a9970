import { t } from '@lingui/core/macro'
import { SPANS } from '../../shared/ui/StrandRibbon'
import type { Picture, Stroke } from './shapes'

export const METHODS = [
  [
    'root-touch-up',
    t`root touch-up`,
  ], [
    'global',
    t`global`,
  ], [
    'root-shadow',
    t`root shadow`,
  ], ['melt', t`melt`], ['fine-foils', t`fine foils`], ['chunky-foils', t`chunky foils`],
  [
    'slice-foils',
    t`slice foils`,
  ], [
    'backcombed-foils',
    t`back-combed foils`,
  ], [
    'hand-painted',
    t`hand-painted, open air`,
  ], ['painted-film', t`hand-painted under film`], ['lowlights', t`lowlights`],
  [
    'between-foils',
    t`between foils`,
  ], [
    'blocks',
    t`blocks`,
  ], ['gloss', t`gloss`], ['filler', t`filler`], ['protect', t`protect`], ['strand', t`test strand`],
] as const

export const NEW: Stroke = { regions: [], spans: ['root'] }

export function ribbonOf(picture: Picture) {
  const letters = [...new Set(Object.values(picture.cells).flat())].sort()
  return letters.map((letter) => ({
    letter,
    spans: SPANS.filter((span) =>
      Object.entries(picture.cells).some(([key, on]) => key.endsWith(`/${span}`) && on.includes(letter)),
    ) as string[],
  }))
}
