import { t } from '@lingui/core/macro'

/** The trade's words that are values as well: as the record holds them, and as they are read. */
const NAMES: Record<string, string> = {
  hairline: t`hairline`, fringe: t`fringe`, top: t`top`, crown: t`crown`, left: t({
    message: 'left',
    context: 'side',
  }), right: t`right`, back: t`back`, front: t`front`, upper: t`upper`, lower: t`lower`, nape: t`nape`, underlayer: t`underlayer`,
  root: t`root`, regrowth: t`regrowth`, mids: t`mids`, ends: t`ends`, lengths: t`lengths`,
  natural: t`natural`, ash: t`ash`, matte: t`matte`, violet: t`violet`, pearl: t`pearl`, beige: t`beige`, gold: t`gold`, copper: t`copper`, mahogany: t`mahogany`, red: t`red`, brown: t`brown`,
  dry: t`dry`, damp: t`damp`, wet: t`wet`,
  open: t`open`, foil: t`foil`, film: t`film`, cap: t`cap`, covered: t`covered`,
  coloured: t`coloured`, lightened: t`lightened`, 'direct-dye': t`direct dye`, unknown: t`unknown`,
  low: t`low`, normal: t`normal`, high: t`high`,
  good: t`good`, weak: t`weak`, gum: t`like gum`, mixed: t`mixed`, poor: t`poor`,
  none: t`none`, some: t`some`, much: t`much`,
  fine: t`fine`, medium: t`medium`, thick: t`thick`, coarse: t`coarse`,
  chin: t`chin`, shoulder: t`shoulder`, 'mid-back': t`mid back`,
  planned: t`planned`, weighing: t`weighing`, finished: t`finished`, discarded: t`thrown away`,
  read: t`read`, told: t`told`, guessed: t`guessed`,
  owner: t`owner`, colourist: t`colourist`, assistant: t`assistant`,
  'on target': t`on target`, 'too warm': t`too warm`, 'too cool': t`too cool`, 'too red': t`too red`, 'too golden': t`too golden`, green: t`green`, 'flat or muddy': t`flat or muddy`, 'too deep': t`too deep`, 'too light': t`too light`,
  'no developer': t`no developer`,
  before: t`before`, after: t`after`, target: t`target`,
  gloss: t`gloss`, foils: t`foils`, global: t`whole head`, resistant: t`resistant`, banded: t`banded`,
}

/** How a value is read; one that nobody named as it stands. */
export const named = (value: string): string => NAMES[value] ?? value.replaceAll('-', ' ')

/** Several values in a row: too warm, too deep. */
export const namedAll = (values: string): string => values.split(', ').map(named).join(', ')

/** A tone as it is read, from its families: copper-gold. */
export const toneNamed = (families: readonly string[]): string => families.map(named).join('-')
