import * as z from 'zod/mini'
import type { Keep } from '../../shared/keep/keep'
import type { Line, LineJson } from './shapes'

const minutes = z.object({ min: z.string(), target: z.string(), max: z.string() })
export type Minutes = z.infer<typeof minutes>

/** A line as it is being written: every field as it was typed. */
const shape = z.object({
  version: z.number(),
  about: z.string(),
  withdrawn: z.boolean(),
  name: z.string(),
  kind: z.string(),
  ratio: z.string(),
  order: z.array(z.string()),
  window: minutes,
  windows: z.array(z.object({ strength: z.string(), minutes })),
  grey: z.nullable(minutes),
  developers: z.array(z.string()),
  heat: z.nullable(z.boolean()),
  apart: z._default(z.array(z.string()), []),
  density: z._default(z.string(), ''),
  stops: z.nullable(z.boolean()),
  lift: z.array(z.object({ strength: z.string(), levels: z.string() })),
  notation: z.enum(['letters', 'digits']),
  tones: z.array(z.object({ key: z.string(), weights: z.record(z.string(), z.string()) })),
  marks: z.array(z.object({ mark: z.string(), says: z.string() })),
  lowest: z.string(),
  highest: z.string(),
  separators: z.array(z.string()),
  primary: z.string(),
  zero: z.string(),
  doubledLevel: z.nullable(z.boolean()),
  lettersEqual: z.nullable(z.boolean()),
  /** Codes to be read by a line that has no products yet. */
  codes: z.string(),
})
export type LineDraft = z.infer<typeof shape>

const NO_MINUTES: Minutes = { min: '', target: '', max: '' }

export const EMPTY: LineDraft = {
  version: 0, about: '', withdrawn: false, name: '', kind: 'permanent', ratio: '1:1', order: [
    'colour',
    'developer',
  ], window: NO_MINUTES, windows: [], grey: null,
  developers: [], heat: null, stops: null, apart: [], density: '', lift: [], notation: 'letters', tones: [{
    key: 'N',
    weights: { natural: '1' },
  }], marks: [], lowest: '', highest: '',
  separators: [], primary: '', zero: '', doubledLevel: null, lettersEqual: null, codes: '',
}

export function draftOf({ line, version, about, withdrawn }: Line): LineDraft {
  return {
    ...EMPTY,
    version, about, withdrawn,
    name: line.name,
    kind: line.kind,
    ratio: line.ratio,
    order: line.order ?? ['colour', 'developer'],
    window: line.window,
    windows: Object.entries(line.windows ?? {}).map(([strength, each]) => ({ strength, minutes: each })),
    grey: line.grey ?? null,
    developers: line.developers,
    heat: line.heat ?? null,
    stops: line.stops ?? null,
    apart: line.apart ?? [],
    density: line.density ?? '',
    lift: Object.entries(line.lift ?? {}).map(([strength, levels]) => ({ strength, levels })),
    notation: line.notation,
    tones: Object.entries(line.tones).map(([key, weights]) => ({ key, weights })),
    marks: Object.entries(line.marks ?? {}).map(([mark, says]) => ({ mark, says })),
    lowest: line.levels?.['lowest'] ?? '',
    highest: line.levels?.['highest'] ?? '',
    separators: line.separators ?? [],
    primary: line.primary ?? '',
    zero: line.zero ?? '',
    doubledLevel: line.doubledLevel ?? null,
    lettersEqual: line.lettersEqual ?? null,
  }
}

const volumes = (strength: string) => strength.replace(/[^\d.]/g, '')

/** As a document writes a line; what says nothing is left out. */
export function jsonOf(draft: LineDraft): LineJson {
  const some = (json: LineJson): LineJson => Object.fromEntries(
    Object.entries(json).filter(([, value]) =>
      value !== null && value !== '' && !(Array.isArray(value) && value.length === 0),
    ),
  )
  const keyed = (pairs: (readonly [string, unknown])[]) => (pairs.length === 0
    ? null
    : Object.fromEntries(pairs.filter(([key]) => key.trim() !== '')))
  return {
    name: draft.name,
    kind: draft.kind,
    ratio: draft.ratio,
    window: draft.window,
    developers: draft.developers,
    notation: draft.notation,
    tones: keyed(draft.tones.map((each) => [each.key.trim().toUpperCase(), each.weights])) ?? {},
    ...some({
      windows: keyed(draft.windows.map((each) => [volumes(each.strength), each.minutes])),
      grey: draft.grey,
      lift: keyed(draft.lift.map((each) => [volumes(each.strength), each.levels])),
      order: draft.order.join() === 'colour,developer' ? null : draft.order,
      heat: draft.heat,
      stops: draft.stops,
      apart: draft.apart,
      density: draft.density.trim(),
      marks: keyed(draft.marks.map((each) => [each.mark.trim(), each.says])),
      separators: draft.separators,
      levels: draft.lowest === '' && draft.highest === ''
        ? null
        : some({ lowest: whole(draft.lowest), highest: whole(draft.highest) }),
      primary: draft.primary,
      zero: draft.zero,
      doubledLevel: draft.doubledLevel,
      lettersEqual: draft.lettersEqual,
    }),
  }
}

const whole = (text: string): number | string => (/^\d+$/.test(text.trim()) ? Number(text) : text)

/** The codes that were pasted, each once. */
export const codesOf = (text: string): string[] => [...new Set(
  text.split(/[\n;,\t]+/).map((code) => code.trim()).filter((code) => code !== ''),
)]

const KEY = (id: string) => `line.${id}`

export function readLineDraft(keep: Keep, id: string): LineDraft | null {
  const read = shape.safeParse(keep.read(KEY(id)))
  return read.success ? read.data : null
}

export function keepLineDraft(keep: Keep, id: string, draft: LineDraft | null): LineDraft | null {
  if (draft === null) keep.drop(KEY(id))
  else keep.write(KEY(id), draft)
  return draft
}
