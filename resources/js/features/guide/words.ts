import { t } from '@lingui/core/macro'
import { language } from '../../shared/words/i18n'

const SAID: readonly (readonly [string, string])[] = [
  [
    t`additive`,
    t`What goes on top of colour and developer and is no part of the ratio: a bond builder, drops, a powder. Given per bowl, per gram of lightener, or in percent of the mixture.`,
  ],
  [
    t`batch`,
    t`One filling of a bowl. When it runs out, the next batch of the same bowl is weighed; each keeps its own grams.`,
  ],
  [t`booster`, t`Pure tone without a level: it shifts the tone of a mix and does not make it darker by itself.`],
  [
    t`bowl`,
    t`One job: shades, developer and their grams, where it goes, how long. It has a letter, so that head, clock and card speak of the same one.`,
  ],
  [t`canvas`, t`The head as it was read before the work, zone by zone, and what is wished of each.`],
  [
    t`caution`,
    t`Something that needs care, with what mends it. The maker’s instructions, local rules and licensed practice come first.`,
  ],
  [t`clear`, t`A shade without colour: it thins a mix and leaves its level as it is.`],
  [
    t`contraindication`,
    t`What speaks against colouring at all. Lifted only by a licensed person, with what cleared it.`,
  ],
  [t`deposit`, t`To lay colour into the hair without making it lighter.`],
  [t`developer`, t`The peroxide that makes colour work; its strength in volumes or percent, 20 vol being 6 %.`],
  [t`foils`, t`Slices or weaves wrapped one by one. What lies between them stays as it was, or is another bowl’s.`],
  [
    t`gate`,
    t`What must be right before colour touches a head: skin test, contraindications, age. Shut, nothing oxidative is weighed, begun or closed.`,
  ],
  [
    t`grey`,
    t`Hair without pigment, in percent of the zone. Resistant grey takes longer and more of the natural shade.`,
  ],
  [t`house rule`, t`What this salon does where good people disagree. Every suggestion, clock and caution follows it.`],
  [t`legend`, t`What the letters or digits of a line’s shade codes mean. Each line has its own.`],
  [t`level`, t`How dark hair is, from 1, black, to 10, the lightest blonde; in Tinta to the tenth.`],
  [t`lift`, t`To make hair lighter. What shows on the way is the pigment laid bare: red, orange, gold, yellow.`],
  [t`line`, t`A family of shades mixed in one way: kind, ratio, developers, minutes, legend.`],
  [
    t`over-pour`,
    t`More in the bowl than a hand may miss. Kept in proportion, steered back, taken as it is, or thrown away; each with its cost.`,
  ],
  [t`placement`, t`Where a bowl goes: regions of the head, spans of the strand, technique and pattern.`],
  [t`porosity`, t`How readily hair drinks: porous ends grab colour and lose it sooner.`],
  [t`ratio`, t`Colour to developer by weight: 1:1½ is 60 g and 90 g.`],
  [t`regrowth`, t`What has grown since the last colour, in centimetres, nearest to the scalp.`],
  [t`round`, t`Bowls that are on the head together. After the rinse comes the next round: lighten, then tone.`],
  [t`skin test`, t`A little of the line on the skin, read after 48 hours. Without a clear one the gate stays shut.`],
  [t`strand`, t`Hair of one zone that meets the same bowls in the same order.`],
  [t`tone`, t`Which way a colour leans: ash, violet, gold, copper. The tone of a mix is counted by weight.`],
  [
    t`toner`,
    t`A soft colour after lightening, chosen for the level that was reached, not the one hoped for. On damp hair also called a gloss.`,
  ],
  [
    t`vol`,
    t`Strength of a developer: litres of oxygen that a litre gives off. 10 vol is 3 %, 40 vol 12 %, and nothing for hair is stronger.`,
  ],
  [
    t`waiver`,
    t`A licensed person’s reason to go on without a skin test, with name and licence. A reaction is never waived.`,
  ],
  [t`weigh back`, t`To put what is left of a bowl on the scale: then it is known what the head really took.`],
  [t`window`, t`The minutes within which a bowl is rinsed: least, usual, most.`],
  [t`zone`, t`A part of the head that is read and wished as one: root, lengths, temples, a band.`],
]

/** The trade's words as Tinta uses them, in the order of the alphabet of this language. */
export const WORDS = [...SAID].sort(([one], [other]) => one.localeCompare(other, language))
