import { t } from '@lingui/core/macro'
import * as z from 'zod/mini'
import { getJson, postJson } from '../../shared/api/http'
import { keptPost, keptPut } from '../../shared/outbox/kept'
import { shelfShape } from '../../shared/shelf/shelf'
import { readShape, type Product, lineShape, type Line, type LineJson, at, type Written } from './shapes'

export const makeLine = async (written: Written): Promise<Line> => {
  const name = String(written.line['name'])
  const made = await keptPost('lines', written, { stream: 'shelf', about: t`Line ${name}`, at: '/shelf' })
  if (made !== null) return lineShape.parse(made)
  // Its answer was lost on the way: it is the line of that name.
  const found = shelfShape.parse(await getJson('shelf')).lines.find((each) => each.name === name.trim())
  return lineShape.parse(await getJson(`lines/${(found?.id ?? '').replace('line-', '')}`))
}

export const saveLine = async (id: string, written: Written): Promise<Line> =>
  lineShape.parse(
    await keptPut(`lines/${id.replace('line-', '')}`, written, {
      stream: id,
      about: t`Line ${String(written.line['name'])}`,
      at: at(id),
      reload: `lines/${id.replace('line-', '')}`,
    }),
  )

const problems = z.array(z.object({ pointer: z.string(), message: z.string(), mend: z.string() }))

export const triedShape = z.object({
  problems,
  codes: z.array(z.object({ code: z.string(), read: z.nullable(readShape) })),
})

export type Tried = z.infer<typeof triedShape>

export const tryLine = async (of:
  | string
  | null, json: LineJson, codes: string[], signal: AbortSignal): Promise<Tried> =>
  triedShape.parse(await postJson('lines/tried', { of, line: json, codes }, signal))

export const saveProduct = async (line: string, of:
  | Product
  | null, json: Record<string, unknown>, withdrawn: boolean): Promise<Line> => {
  const body = { version: of?.version ?? 0, product: json, withdrawn }
  const what = {
    stream: line,
    about: t`${String(json['code'])} of a line`,
    at: at(line),
    reload: `lines/${line.replace('line-', '')}`,
  }
  return lineShape.parse(
    of === null
      ? await keptPost(`lines/${line.replace('line-', '')}/products`, body, what)
      : await keptPut(`products/${of.id.replace('shade-', '')}`, body, what),
  )
}

export const tableShape = z.object({
  fields: z.array(z.string()),
  offered: z.array(z.string()),
  sample: z.array(z.array(z.string())),
  problems,
  faulty: z.number(),
  rows: z.array(
    z.object({
      row: z.number(),
      code: z.string(),
      name: z.string(),
      kind: z.string(),
      pack: z.nullish(z.string()),
      known: z.boolean(),
      read: z.nullable(readShape),
      problems,
    }),
  ),
})

export type TriedTable = z.infer<typeof tableShape>

export const tryTable = async (line: string, text: string, fields:
  | string[]
  | null, signal: AbortSignal): Promise<TriedTable> =>
  tableShape.parse(await postJson(`lines/${line.replace('line-', '')}/table/tried`, { text, fields }, signal))

const importedShape = z.object({ added: z.number(), changed: z.number(), line: lineShape })

export const importTable = async (line: string, text: string, fields: string[] | null) => {
  const done = await keptPost(
    `lines/${line.replace('line-', '')}/table`,
    { text, fields },
    { stream: line, about: t`A table of products`, at: at(line) },
  )
  return done === null
    ? { added: null, changed: 0, line: lineShape.parse(await getJson(`lines/${line.replace('line-', '')}`)) }
    : importedShape.parse(done)
}
