import * as z from 'zod/mini'
import type { House } from '../../shared/house/house'
import type { Keep } from '../../shared/keep/keep'

/** What somebody has set and not saved yet: only what differs from the house as it was loaded. */
const shape = z.object({
  version: z.number(),
  rules: z.record(z.string(), z.string()),
  timezone: z.nullable(z.string()),
})
export type HouseDraft = z.infer<typeof shape>

const KEY = 'house'

/** The draft on this device, if there is one that still says something. */
export function readHouseDraft(keep: Keep): HouseDraft | null {
  const read = shape.safeParse(keep.read(KEY))
  return read.success ? read.data : null
}

export function keepHouseDraft(keep: Keep, draft: HouseDraft | null): HouseDraft | null {
  if (draft === null || (Object.keys(draft.rules).length === 0 && draft.timezone === null)) {
    keep.drop(KEY)
    return null
  }
  keep.write(KEY, draft)
  return draft
}

/** The draft with one rule set; set back to what the house has, it is no difference any more. */
export function withRule(house: House, draft: HouseDraft | null, key: string, value: string): HouseDraft {
  const before = draft ?? { version: house.version, rules: {}, timezone: null }
  const saved = house.groups.flatMap((group) => group.rules).find((rule) => rule.key === key)?.value
  const rules = Object.fromEntries(Object.entries(before.rules).filter(([each]) => each !== key))
  return { ...before, rules: value === saved ? rules : { ...rules, [key]: value } }
}

export function withTimezone(house: House, draft: HouseDraft | null, timezone: string): HouseDraft {
  return {
    ...(draft ?? { version: house.version, rules: {} }),
    timezone: timezone === house.timezone ? null : timezone,
  }
}

/** Every rule as it would be saved. */
export function allRules(house: House, draft: HouseDraft | null): Record<string, string> {
  return Object.fromEntries(
    house.groups.flatMap((group) => group.rules).map((rule) => [rule.key, draft?.rules[rule.key] ?? rule.value]),
  )
}
