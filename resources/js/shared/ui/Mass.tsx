import { readMass } from '../format/mass'

/** A mass as the house reads it; where that is ounces, the grams stand small beside it. */
export function Mass({ of }: { of: string }) {
  const [first, beside] = readMass(of)
  return beside === null ? <>{first}</> : <>{first} <small className="mass-beside">{beside}</small></>
}
