import * as z from 'zod/mini'
import { caution, sheet } from './sheet'

const swatched = z.object({ words: z.string(), swatch: z.string() })

/** A kind of strand: a share of a zone's hair that meets the same bowls. */
export const strand = z.object({
  /** By which a look at it is kept. */
  key: z.string(),
  name: z.string(),
  kind: z.enum(['whole', 'taken', 'dealt', 'between', 'left']),
  letters: z.array(z.string()),
  share: z.string(),
  was: z.string(),
  words: z.string(),
  swatch: z.string(),
  verdict: z.string(),
  main: z.boolean(),
  steps: z.array(z.extend(swatched, { letter: z.string(), round: z.number(), why: z.array(z.string()) })),
})
export type Strand = z.infer<typeof strand>

/** What a practice head came to. */
export const triedHead = z.object({
  came: z.array(
    z.object({
      zone: z.string(),
      words: z.string(),
      swatch: z.string(),
      wish: z.string(),
      wished: z.string(),
      verdict: z.string(),
    }),
  ),
  away: z.nullable(z.number()),
  said: z.array(z.string()),
})

/** Ways from a zone to its wish: one bowl, or several in turn. */
export const waysToWish = z.object({
  wish: z.nullable(z.string()),
  ways: z.array(
    z.object({
      verdict: z.string(),
      words: z.string(),
      swatch: z.string(),
      sure: z.string(),
      away: z.string(),
      steps: z.array(
        z.extend(swatched, {
          kind: z.enum(['lift', 'fill', 'tone', 'colour']),
          line: z.string(),
          shades: z.string(),
          strength: z.string(),
          ratio: z.string(),
          minutes: z.number(),
          why: z.array(z.string()),
        }),
      ),
      rounds: z.array(
        z.object({
          name: z.string(),
          bowls: z.array(z.object({ id: z.string(), sheet: z.record(z.string(), z.unknown()) })),
        }),
      ),
    }),
  ),
})
export type Way = z.infer<typeof waysToWish>['ways'][number]

/** What canvas, bowls and map come to together, worked by the core. */
export const picture = z.object({
  zones: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      direction: z.string(),
      headline: z.string(),
      lines: z.array(z.string()),
      cautions: z.array(caution),
      now: z.nullable(swatched),
      wish: z.nullable(swatched),
      /** What was last seen of it between the rounds; last where nothing is planned on it after that. */
      reached: z.nullable(z.extend(swatched, { last: z.boolean() })),
      verdict: z.string(),
      expected: z.nullable(z.extend(swatched, { calibrated: z.boolean(), sure: z.string(), why: z.array(z.string()) })),
      /** What the same bowls came to last time, where that was good. */
      lastTime: z.nullable(z.extend(swatched, { on: z.string() })),
      strands: z.array(strand),
      whole: z.nullable(swatched),
    }),
  ),
  /** Bowls that are half typed: seen as they were saved, or not at all. */
  unread: z.array(z.object({ letter: z.string(), saved: z.boolean() })),
  /** What was seen of the strands while their bowls worked, and how they go on by that. */
  seen: z.array(
    z.object({
      bowl: z.string(),
      letter: z.string(),
      at: z.string(),
      by: z.string(),
      zone: z.string(),
      strand: z.string(),
      level: z.nullable(z.string()),
      words: z.string(),
      pace: z.nullable(z.string()),
    }),
  ),
  cells: z.record(z.string(), z.array(z.string())),
  /** The same, one round at a time. */
  maps: z.array(z.object({ round: z.number(), cells: z.record(z.string(), z.array(z.string())) })),
  uncovered: z.array(z.string()),
  doubled: z.array(z.string()),
  cautions: z.array(caution),
  suggestions: z.array(
    z.object({
      key: z.string(),
      words: z.string(),
      why: z.array(z.string()),
      sheet: z.nullable(z.omit(sheet, { letter: true })),
      first: z.boolean(),
      change: z.nullable(z.object({ letter: z.string(), kind: z.string(), value: z.string() })),
    }),
  ),
  amounts: z.record(
    z.string(),
    z.nullable(
      z.object({
        source: z.enum(['own', 'house', 'table']),
        of: z.enum(['colour', 'total']),
        take: z.string(),
        why: z.array(z.string()),
        alarms: z.array(z.string()),
      }),
    ),
  ),
  strokes: z.array(
    z.object({
      letter: z.string(),
      round: z.number(),
      order: z.nullable(z.number()),
      words: z.string(),
      sequence: z.array(z.nullable(z.string())),
    }),
  ),
})
export type Picture = z.infer<typeof picture>
