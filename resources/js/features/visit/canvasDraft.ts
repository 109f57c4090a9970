import { t } from '@lingui/core/macro'
import * as z from 'zod/mini'
import { deviceKeep } from '../../shared/keep/keep'
import { canvas, type Canvas, type Zone } from './shapes'

const draft = z.object({ version: z.number(), canvas })
/** A canvas being read: kept on the device until the server has it. */
export type CanvasDraft = z.infer<typeof draft>

export const canvasDrafts = {
  read(visit: string): CanvasDraft | null {
    const read = draft.safeParse(deviceKeep.read(`canvas.${visit}`))
    return read.success ? read.data : null
  },
  write(visit: string, next: CanvasDraft | null): CanvasDraft | null {
    if (next === null) deviceKeep.drop(`canvas.${visit}`)
    else deviceKeep.write(`canvas.${visit}`, next)
    return next
  },
}

export function emptyZone(id: string, name: string, spans: string[], regions: string[] = []): Zone {
  return {
    id, name, regions, spans, natural: null, level: null, tone: [], grey: null, resistant: false, porosity: 'normal', history: 'natural', historyWords: '', confidence: 'read',
    banded: false, bandWords: '', regrowth: null, density: null, texture: null, length: null, elasticity: null, breakage: null, offLimits: false, wish: {
      level: null,
      tone: [],
      words: '',
    }, also: null, note: '',
  }
}

/** What a first visit starts from: the three parts of the strand, all over the head. */
export function firstCanvas(): Canvas {
  return {
    zones: [
      emptyZone('root', t`Root`, ['root', 'regrowth']),
      emptyZone('mids', t`Mids`, ['mids']),
      emptyZone('ends', t`Ends`, ['ends']),
    ],
    worn: '',
    target: '',
  }
}

/** A zone id that is not taken: front, front-2. */
export function freeZoneId(name: string, taken: string[]): string {
  const plain = name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-').replaceAll(/^-|-$/g, '').slice(0, 30)
  const base = plain === '' ? 'zone' : plain
  let id = base
  for (let count = 2; taken.includes(id); count++) id = `${base}-${count}`
  return id
}
