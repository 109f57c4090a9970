import { language } from '../words/i18n'

let gramsToAnOunce: number | null = null

/** Sets what masses are read in: how many grams an ounce has (the server says), or null for grams alone. */
export function showMassesIn(each: string | null): void {
  gramsToAnOunce = each === null ? null : Number(each)
}

/** Whether this house reads ounces. */
export const readsOunces = () => gramsToAnOunce !== null

/**
 * Every mass in a text as the house reads it: “0.42 oz (12 g) 7N”. Grams are what was sent and what is kept; what was
 * said in ounces already stays.
 */
export function masses(text: string): string {
  const each = gramsToAnOunce
  return decimals(
    each === null
      ? text
      : text.replace(/(?<!oz \()\b(\d+(?:\.\d+)?) g(?![\w/])/g, (grams, number: string) =>
        `${inOunces(number, each)} (${grams})`,
      ),
  )
}

/** One mass for a large figure: what is read first, and the grams beside it, if any. */
export function readMass(text: string): [string, string | null] {
  const each = gramsToAnOunce
  const found = each === null ? null : /^([+−-]?)(\d+(?:\.\d+)?) g$/.exec(text)
  return each === null || found === null
    ? [masses(text), null]
    : [decimals(`${found[1] ?? ''}${inOunces(found[2] ?? '0', each)}`), decimals(text)]
}

const inOunces = (grams: string, each: number) => `${(Number(grams) / each).toFixed(2)} oz`

/** A decimal as this language writes it, of what carries a unit: a code such as 7.3 is a name. */
const decimals = (text: string) => (language === 'pt'
  ? text.replace(/(?<![\d.])(\d+)\.(\d+)(?= ?(?:g|kg|oz|ml|cm|min|vol|%)(?![a-z]))/g, '$1,$2')
  : text)
