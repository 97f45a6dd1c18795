import type { Mix } from '../year'
import { carriedOf, type StageFeeding } from '../ask'
import { showMass } from '../units'
import { capital, type Reader } from './names'
import { needInWords } from './need-words'
import { inVocabulary } from './vocabulary'
import { FEED_WORDS } from './visit-words'
import { knownStoresInWords } from './stores-words'
import { rangeInWords } from './weight-words'

/** What a hive's food asks for: first how it stands, then what is to be done, which is never left open. */
export interface FeedingWords {
  readonly stands: string
  readonly todo: string
}

/**
 * The food of a hive at a stage, in two sentences.
 * @param climate what stands behind the need where nobody has said the climate
 */
export function feedingInWords(food: StageFeeding, climate: string, reader: Reader): FeedingWords {
  const words = (range: { readonly low: number; readonly high: number }) => rangeInWords(range, reader, 0)
  const mass = (kg: number) => showMass(kg, reader.units)
  const need = food.need ? capital(needInWords(food.need, reader)) : ''
  const heat = food.byHeat ? ` By the heat of this form a winter burns ${words(food.byHeat)}.` : ''
  const has = food.known
    ? ` It has ${knownStoresInWords(food.known, reader)}.`
    : ` The boxes of this stage hold about ${words(food.stores)} by the model; weigh or heft it to know.`
  const stands = inVocabulary(`${need}${climate}; never under ${mass(food.leastKg)}.${heat}${has}`, reader.vocabulary)
  const closed = food.isClosed ? ' It is closed: have it looked at first, and feed it as you are told there.' : ''
  return { stands, todo: inVocabulary(`${todoInWords(food, reader)}${closed}`, reader.vocabulary) }
}

/** What is to be done about it. */
function todoInWords(food: StageFeeding, reader: Reader): string {
  const mass = (kg: number) => showMass(kg, reader.units)
  const mixed = ({ feed, totalKg, sugarKg, waterKg }: Mix) =>
    feed === 'fondant' ? mass(totalKg) : `${mass(sugarKg)} of sugar in ${mass(waterKg)} of water`
  const short = rangeInWords(food.short, reader, 0)
  const give = () => mixed(food.middle)
  /** What has been weighed is not asked to be weighed before it is fed; what was hefted is known too roughly. */
  const unsure = () =>
    food.known?.by === 'weighed'
      ? `${give()}; weigh it again within a month, or first where that weighing is older`
      : `${food.known?.by === 'heft' ? '' : 'heft or '}weigh it first; if it cannot be weighed, give ${give()}`
  switch (food.todo) {
    case 'nothing':
      return 'Nothing is missing.'
    case 'supers-first':
      return (
        `Short by ${short}. Crop supers are on: leave one as food, or take them off before anything is fed. ` +
        'Sugar never goes under a crop.'
      )
    case 'weigh-first':
      return `It may be short by ${short}: ${FEED_WORDS[food.feed]}, ${unsure()}. In the evening, nothing spilt.`
    case 'feed':
      return (
        `Short by ${short}: ${FEED_WORDS[food.feed]}, ${mixed(food.least)}, up to ${mixed(food.most)}. ` +
        'In the evening, nothing spilt.'
      )
  }
}

/** So many hives are named on one line of what is carried: a printed line is only so long. */
const HIVES_A_LINE = 3

/** What is carried to be fed, summed over hives, then how much of it is for which, so many hives on a line. */
export function feedToCarryInWords(
  hives: readonly { readonly name: string; readonly food: StageFeeding }[],
  reader: Reader,
): string[] {
  const mass = (kg: number) => showMass(kg, reader.units, 1)
  const carried = hives.map(({ name, food }) => ({ name, ...carriedOf(food) })).filter(({ kg }) => kg > 0)
  return [...new Set(carried.map(({ feed }) => feed))].flatMap((feed) => {
    const own = carried.filter((one) => one.feed === feed)
    const what = feed === 'fondant' ? 'fondant' : `sugar for ${FEED_WORDS[feed]}`
    const lines = Array.from({ length: Math.ceil(own.length / HIVES_A_LINE) }, (_, i) =>
      own
        .slice(i * HIVES_A_LINE, (i + 1) * HIVES_A_LINE)
        .map(({ name, kg }) => `${name} ${mass(kg)}`)
        .join(', '),
    )
    return [`${mass(own.reduce((sum, { kg }) => sum + kg, 0))} of ${what}:`, ...lines]
  })
}
