import { t } from '@lingui/core/macro'
import { queryOptions } from '@tanstack/react-query'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'
import { keptDelete, keptPatch, keptPost, keptPut } from '../../shared/outbox/kept'
import { shelfShape } from '../../shared/shelf/shelf'

/** An object that PHP writes as a list where it is empty. */
const record = <T extends z.ZodMiniType>(value: T) => z.union([z.record(z.string(), value), z.pipe(z.array(z.never()), z.transform((): Record<string, z.infer<T>> => ({})))])
const scalar = z.pipe(z.union([z.string(), z.number()]), z.transform(String))
const minutes = z.object({ min: scalar, target: scalar, max: scalar })

export const readShape = z.object({
  level: z.nullable(z.string()),
  tone: z.string(),
  steps: z.array(z.string()),
  swatch: z.string(),
  /** Why its code is not read; null where it is, or need not be. */
  unread: z.nullable(z.string()),
})
export type Read = z.infer<typeof readShape>

const said = z.object({
  code: z.string(),
  name: z.string(),
  kind: z.string(),
  packCode: z.string(),
  level: z.optional(scalar),
  tone: z.optional(record(scalar)),
  pack: z.optional(z.string()),
  density: z.optional(z.string()),
  price: z.optional(z.string()),
})
export type Said = z.infer<typeof said>

const product = z.object({ id: z.string(), version: z.number(), withdrawn: z.boolean(), said, read: z.nullable(readShape) })
export type Product = z.infer<typeof product>

export const lineShape = z.object({
  id: z.string(),
  version: z.number(),
  about: z.string(),
  withdrawn: z.boolean(),
  line: z.object({
    name: z.string(),
    kind: z.string(),
    ratio: scalar,
    window: minutes,
    developers: z.array(z.string()),
    notation: z.enum(['letters', 'digits']),
    tones: z._default(record(record(scalar)), {}),
    windows: z.optional(record(minutes)),
    grey: z.nullish(minutes),
    lift: z.optional(record(scalar)),
    order: z.nullish(z.array(z.string())),
    heat: z.nullish(z.boolean()),
    stops: z.nullish(z.boolean()),
    apart: z.nullish(z.array(z.string())),
    density: z.nullish(scalar),
    marks: z.optional(record(z.string())),
    separators: z.nullish(z.array(z.string())),
    levels: z.optional(record(scalar)),
    primary: z.nullish(scalar),
    zero: z.nullish(z.string()),
    doubledLevel: z.nullish(z.boolean()),
    lettersEqual: z.nullish(z.boolean()),
  }),
  products: z.array(product),
})
export type Line = z.infer<typeof lineShape>
export type LineJson = Record<string, unknown>

export const line = (id: string) =>
  queryOptions({ queryKey: ['line', id], queryFn: async ({ signal }) => lineShape.parse(await getJson(`lines/${id.replace('line-', '')}`, signal)) })

const at = (id: string) => `/shelf/${id}`
type Written = { version: number; line: LineJson; about: string; withdrawn: boolean }

export const makeLine = async (written: Written): Promise<Line> => {
  const name = String(written.line['name'])
  const made = await keptPost('lines', written, { stream: 'shelf', about: t`Line ${name}`, at: '/shelf' })
  if (made !== null) return lineShape.parse(made)
  // Its answer was lost on the way: it is the line of that name.
  const found = shelfShape.parse(await getJson('shelf')).lines.find((each) => each.name === name.trim())
  return lineShape.parse(await getJson(`lines/${(found?.id ?? '').replace('line-', '')}`))
}
export const saveLine = async (id: string, written: Written): Promise<Line> =>
  lineShape.parse(await keptPut(`lines/${id.replace('line-', '')}`, written, { stream: id, about: t`Line ${String(written.line['name'])}`, at: at(id), reload: `lines/${id.replace('line-', '')}` }))

const problems = z.array(z.object({ pointer: z.string(), message: z.string(), mend: z.string() }))
export const triedShape = z.object({ problems, codes: z.array(z.object({ code: z.string(), read: z.nullable(readShape) })) })
export type Tried = z.infer<typeof triedShape>
export const tryLine = async (of: string | null, json: LineJson, codes: string[], signal: AbortSignal): Promise<Tried> =>
  triedShape.parse(await postJson('lines/tried', { of, line: json, codes }, signal))

export const saveProduct = async (line: string, of: Product | null, json: Record<string, unknown>, withdrawn: boolean): Promise<Line> => {
  const body = { version: of?.version ?? 0, product: json, withdrawn }
  const what = { stream: line, about: t`${String(json['code'])} of a line`, at: at(line), reload: `lines/${line.replace('line-', '')}` }
  return lineShape.parse(of === null ? await keptPost(`lines/${line.replace('line-', '')}/products`, body, what) : await keptPut(`products/${of.id.replace('shade-', '')}`, body, what))
}

export const tableShape = z.object({
  fields: z.array(z.string()),
  offered: z.array(z.string()),
  sample: z.array(z.array(z.string())),
  problems,
  faulty: z.number(),
  rows: z.array(z.object({ row: z.number(), code: z.string(), name: z.string(), kind: z.string(), pack: z.nullish(z.string()), known: z.boolean(), read: z.nullable(readShape), problems })),
})
export type TriedTable = z.infer<typeof tableShape>
export const tryTable = async (line: string, text: string, fields: string[] | null, signal: AbortSignal): Promise<TriedTable> =>
  tableShape.parse(await postJson(`lines/${line.replace('line-', '')}/table/tried`, { text, fields }, signal))

const importedShape = z.object({ added: z.number(), changed: z.number(), line: lineShape })
export const importTable = async (line: string, text: string, fields: string[] | null) => {
  const done = await keptPost(`lines/${line.replace('line-', '')}/table`, { text, fields }, { stream: line, about: t`A table of products`, at: at(line) })
  return done === null ? { added: null, changed: 0, line: lineShape.parse(await getJson(`lines/${line.replace('line-', '')}`)) } : importedShape.parse(done)
}

export const developerShape = z.object({ id: z.string(), label: z.string(), name: z.string(), strength: z.string(), pack: z.string(), packCode: z.string(), price: z.string(), withdrawn: z.boolean(), version: z.number() })
export type Developer = z.infer<typeof developerShape>
export const saveDeveloper = async (of: Developer | null, json: Record<string, unknown>, withdrawn: boolean): Promise<Developer | null> => {
  const body = { version: of?.version ?? 0, product: json, withdrawn }
  const what = { stream: 'developers', about: t`Developer ${String(json['strength'])}`, at: '/shelf' }
  return z.nullable(developerShape).parse(of === null ? await keptPost('developers', body, what) : await keptPut(`developers/${of.id.replace('developer-', '')}`, body, what))
}

export const measureShape = z.array(z.object({ id: z.number(), name: z.string(), product: z.string(), grams: z.string() }))
export type Measure = z.infer<typeof measureShape>[number]
export const measures = queryOptions({ queryKey: ['measures'], queryFn: async ({ signal }) => measureShape.parse(await getJson('measures', signal)) })
export const saveMeasure = async (body: { name: string; grams: string; product: string }): Promise<Measure[]> =>
  measureShape.parse(await keptPost('measures', body, { stream: 'measures', about: t`A ${body.name}`, at: '/shelf', reload: 'measures' }))
export const dropMeasure = async (id: number): Promise<Measure[]> =>
  measureShape.parse(await keptDelete(`measures/${String(id)}`, undefined, { stream: 'measures', about: t`A measure taken away`, at: '/shelf', reload: 'measures' }))

export const blendsShape = z.array(z.object({
  name: z.string(), retired: z.boolean(), line: z.string(),
  versions: z.array(z.object({ version: z.number(), made: z.nullable(z.string()), ingredients: z.array(z.object({ label: z.string(), share: z.string() })), bowls: z.number() })),
}))
export const blends = queryOptions({ queryKey: ['blends'], queryFn: async ({ signal }) => blendsShape.parse(await getJson('house-blends', signal)) })
export const retireBlend = async (name: string, retired: boolean) => blendsShape.parse(await postJson('house-blends/retire', { name, retired }))

const serviceShape = z.object({
  id: z.number(), name: z.string(), since: z.nullable(z.string()), visits: z.number(), bowls: z.array(z.string()),
  rounds: z.array(z.object({ name: z.string(), bowls: z.array(z.object({ letter: z.string(), job: z.string(), minutes: z.string(), amount: z.string() })) })),
})
export type Service = z.infer<typeof serviceShape>
/** Under a key of its own: the client's file reads less of them. */
export const services = queryOptions({ queryKey: ['templates', 'all'], queryFn: async ({ signal }) => z.array(serviceShape).parse(await getJson('templates', signal)) })
export const renameService = async (id: number, name: string): Promise<void> => { await keptPatch(`templates/${String(id)}`, { name }, { stream: `template:${String(id)}`, about: t`Service ${name}`, at: '/shelf/services' }) }
export const removeService = async (id: number): Promise<void> => { await keptDelete(`templates/${String(id)}`, {}, { stream: `template:${String(id)}`, about: t`A service taken off`, at: '/shelf/services' }) }
