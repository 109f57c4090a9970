import { z } from 'zod'
import type { Keep } from '../../shared/keep/keep'
import type { BatchEvent } from './api'

const shape = z.looseObject({ id: z.string(), after: z.number(), kind: z.string() })

/** The one event of a batch that the server has not confirmed yet; survives a reload. */
export function readPending(keep: Keep, batch: string): BatchEvent | null {
  const read = shape.safeParse(keep.read(`pour.${batch}`))
  return read.success ? (read.data as unknown as BatchEvent) : null
}

export function writePending(keep: Keep, batch: string, event: BatchEvent): void {
  keep.write(`pour.${batch}`, event)
}

export function dropPending(keep: Keep, batch: string): void {
  keep.drop(`pour.${batch}`)
}
