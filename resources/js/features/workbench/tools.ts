import { t } from '@lingui/core/macro'
import { FAMILIES } from '../../shared/ui/families'

/** One setting of an instrument: a text, a number with a slider, a choice, or a yes-or-no. */
export type Setting =
  | { kind: 'text'; name: string; label: string; start: string; hint: string }
  | {
    kind: 'slide'
    name: string
    label: string
    start: string
    least: number
    most: number
    step: number
    unit: string
  }
  | { kind: 'choice'; name: string; label: string; start: string; options: readonly (readonly [string, string])[] }
  | { kind: 'line'; name: 'line'; label: string; of: 'any' | 'colour' | 'deposit' }
  | { kind: 'yes'; name: string; label: string }

export type Tool = { id: string; key: string; title: string; settings: readonly Setting[]; needs: readonly string[] }

const WISHES = [['', t`no wish`], ...FAMILIES.map((family) => [family, family] as const)] as const
const HISTORY = [
  ['natural', 'natural'],
  ['coloured', 'coloured'],
  ['lightened', 'lightened'],
  ['direct-dye', t`direct dye`],
  ['unknown', t`unknown dye`],
] as const
const POROSITY = [['normal', 'normal'], ['low', 'low'], ['high', 'high']] as const
const level = (name: string, label: string, start: string): Setting => ({
  kind: 'slide',
  name,
  label,
  start,
  least: 1,
  most: 10,
  step: 0.5,
  unit: '',
})

/** The instruments of the workbench, each with the key that opens it. */
export const TOOLS: readonly Tool[] = [
  {
    id: 'zone', key: '1', title: t`What if`, needs: ['line'],
    settings: [
      { kind: 'line', name: 'line', label: t`Line`, of: 'any' },
      { kind: 'text', name: 'code', label: t`Shade`, start: '8N', hint: t`leave empty for none` },
      { kind: 'text', name: 'text', label: t`Developer`, start: '20 vol', hint: '20 vol, 6 %' },
      level('level', t`Level now`, '5'),
      { kind: 'slide', name: 'minutes', label: t`Minutes`, start: '35', least: 0, most: 60, step: 5, unit: ' min' },
      level('wishLevel', t`Level wished`, '7'),
      { kind: 'choice', name: 'wish', label: t`Tone wished`, start: 'natural', options: WISHES },
      { kind: 'choice', name: 'history', label: t`Hair`, start: 'natural', options: HISTORY },
      { kind: 'choice', name: 'porosity', label: t`Porosity`, start: 'normal', options: POROSITY },
      {
        kind: 'choice',
        name: 'span',
        label: t`Where`,
        start: '',
        options: [['', 'lengths'], ['root', 'root'], ['regrowth', 'regrowth'], ['mids', 'mids'], ['ends', 'ends']],
      },
      {
        kind: 'choice',
        name: 'technique',
        label: t`Lies`,
        start: 'covered',
        options: [['covered', 'covered'], ['foil', t`in foil`], ['open-air', t`in open air`]],
      },
      { kind: 'yes', name: 'onScalp', label: t`touches the scalp` },
      { kind: 'yes', name: 'onePass', label: t`scalp to ends` },
      { kind: 'yes', name: 'banded', label: 'banded' },
      { kind: 'yes', name: 'damp', label: 'damp' },
    ],
  },
  {
    id: 'code', key: '2', title: t`Read a code`, needs: ['line', 'code'],
    settings: [
      { kind: 'line', name: 'line', label: t`Line`, of: 'colour' },
      { kind: 'text', name: 'code', label: t`Code`, start: '7G', hint: '6 n, 7,3, 44/65' },
    ],
  },
  {
    id: 'strength',
    key: '3',
    title: t`Strength`,
    needs: ['text'],
    settings: [{ kind: 'text', name: 'text', label: t`Strength`, start: '20 vol', hint: '20 vol, 3.9 %' }],
  },
  {
    id: 'grey', key: '4', title: t`Grey`, needs: ['line'],
    settings: [
      { kind: 'line', name: 'line', label: t`Line`, of: 'colour' },
      level('level', t`Level wished`, '6'),
      { kind: 'slide', name: 'percent', label: t`Grey`, start: '50', least: 0, most: 100, step: 5, unit: ' %' },
      { kind: 'yes', name: 'resistant', label: 'resistant' },
    ],
  },
  {
    id: 'fill', key: '5', title: t`Fill`, needs: ['line'],
    settings: [
      { kind: 'line', name: 'line', label: t`Filler from`, of: 'colour' },
      level('level', t`Level now`, '9'),
      level('target', t`Level wished`, '6'),
      { kind: 'text', name: 'grams', label: t`How much colour`, start: '40 g', hint: '40 g' },
      { kind: 'choice', name: 'wish', label: t`Tone wished`, start: 'brown', options: WISHES },
      { kind: 'choice', name: 'history', label: t`Hair`, start: 'lightened', options: HISTORY },
    ],
  },
  {
    id: 'toner', key: '6', title: t`Tone`, needs: ['line'],
    settings: [
      { kind: 'line', name: 'line', label: t`Line`, of: 'deposit' },
      level('level', t`Darkest level reached`, '9'),
      level('wishLevel', t`Level wished`, '9'),
      { kind: 'choice', name: 'wish', label: t`Tone wished`, start: 'pearl', options: WISHES },
      { kind: 'choice', name: 'porosity', label: t`Porosity`, start: 'normal', options: POROSITY },
      { kind: 'yes', name: 'damp', label: 'damp' },
    ],
  },
  {
    id: 'substitute', key: '7', title: t`Substitute`, needs: ['line', 'code', 'grams'],
    settings: [
      { kind: 'line', name: 'line', label: t`Line`, of: 'colour' },
      { kind: 'text', name: 'code', label: t`Shade that is out`, start: '7G', hint: '7G' },
      { kind: 'text', name: 'grams', label: t`How much of it`, start: '60 g', hint: '60 g' },
      { kind: 'slide', name: 'percent', label: t`Grey to cover`, start: '0', least: 0, most: 100, step: 5, unit: ' %' },
    ],
  },
  {
    id: 'blend', key: '8', title: t`Blend`, needs: ['line', 'text'],
    settings: [
      { kind: 'line', name: 'line', label: t`Line`, of: 'any' },
      { kind: 'text', name: 'text', label: t`Strength wished`, start: '15 vol', hint: '15 vol, 3.9 %' },
      { kind: 'text', name: 'grams', label: t`How much`, start: '90 g', hint: '90 g' },
    ],
  },
  {
    id: 'amount', key: '9', title: t`Amount`, needs: [],
    settings: [
      {
        kind: 'choice',
        name: 'job',
        label: t`Job`,
        start: 'regrowth',
        options: [
          ['regrowth', 'regrowth'],
          ['global', t`whole head`],
          ['gloss', 'gloss'],
          ['root-shadow', t`root shadow`],
          ['foils', 'foils'],
        ],
      },
      {
        kind: 'choice',
        name: 'density',
        label: t`Hair`,
        start: 'medium',
        options: [['fine', 'fine'], ['medium', 'medium'], ['thick', 'thick']],
      },
      {
        kind: 'choice',
        name: 'length',
        label: t`Length`,
        start: 'shoulder',
        options: [['chin', 'chin'], ['shoulder', 'shoulder'], ['mid-back', 'mid-back']],
      },
      { kind: 'slide', name: 'regrowth', label: t`Grown out`, start: '2', least: 0, most: 12, step: 0.5, unit: ' cm' },
      { kind: 'slide', name: 'foils', label: t`Foils`, start: '20', least: 0, most: 120, step: 2, unit: '' },
      { kind: 'yes', name: 'resistant', label: t`resistant grey` },
    ],
  },
]

/** The settings as the address has them, each with its start where it says nothing. */
export function settingsOf(
  tool: Tool,
  params: URLSearchParams,
  lines: readonly { id: string; kind: string }[],
): Record<string, string> {
  return Object.fromEntries(
    tool.settings.map((setting) => {
      const said = params.get(setting.name)
      if (said !== null) return [setting.name, said]
      if (setting.kind === 'line') return ['line', linesFor(setting.of, lines)[0]?.id ?? '']
      return [setting.name, setting.kind === 'yes' ? '0' : setting.start]
    }),
  )
}

/** Deposit-only lines come first where a filler or toner is sought. */
export function linesFor<L extends { kind: string }>(of: 'any' | 'colour' | 'deposit', lines: readonly L[]): L[] {
  if (of === 'any') return [...lines]
  const colour = lines.filter((line) => line.kind !== 'lightener')
  return of === 'colour'
    ? colour
    : [...colour.filter((line) => line.kind === 'demi'), ...colour.filter((line) => line.kind !== 'demi')]
}
