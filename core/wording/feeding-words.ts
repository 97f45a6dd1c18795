import type { Mix } from '../season'
import type { StageFeeding } from '../wintering'
import { showMass } from '../units'
import { capital, type Reader } from './names'
import { needInWords } from './need-words'
import { FEED_WORDS } from './visit-words'
import { rangeInWords } from './weight-words'

/** What a hive's food asks for: first how it stands, then what is to be done, which is never left open. */
export interface FeedingWords {
  readonly stands: string
  readonly todo: string
}

/**
 * The food of a hive at a stage, in two sentences.
 * @param said what its book says it has, where it says anything
 * @param climate what stands behind the need where nobody has said the climate
 */
export function feedingInWords(
  food: StageFeeding,
  { said, climate }: { readonly said: string | undefined; readonly climate: string },
  reader: Reader,
): FeedingWords {
  const words = (range: { readonly low: number; readonly high: number }) => rangeInWords(range, reader, 0)
  const mass = (kg: number) => showMass(kg, reader.units)
  const mixed = ({ feed, totalKg, sugarKg, waterKg }: Mix) =>
    feed === 'fondant' ? mass(totalKg) : `${mass(sugarKg)} of sugar in ${mass(waterKg)} of water`
  const need = food.need ? capital(needInWords(food.need, reader)) : ''
  const heat = food.byHeat ? ` By the heat of this form a winter burns ${words(food.byHeat)}.` : ''
  const has = said
    ? ` It has ${said}.`
    : ` The boxes of this stage hold about ${words(food.stores)} by the model; weigh or heft it to know.`
  const stands = `${need}${climate}; never under ${mass(food.leastKg)}.${heat}${has}`
  const short = words(food.short)
  switch (food.todo) {
    case 'nothing':
      return { stands, todo: 'Nothing is missing.' }
    case 'supers-first':
      return {
        stands,
        todo:
          `Short by ${short}. Crop supers are on: leave one as food, or take them off before anything is fed. ` +
          'Sugar never goes under a crop.',
      }
    case 'weigh-first':
      return {
        stands,
        todo:
          `It may be short by ${short}: ${FEED_WORDS[food.feed]}, heft or weigh it first; if it cannot be weighed, ` +
          `give ${mixed(food.middle)}. In the evening, nothing spilt.`,
      }
    case 'feed':
      return {
        stands,
        todo:
          `Short by ${short}: ${FEED_WORDS[food.feed]}, ${mixed(food.least)}, up to ${mixed(food.most)}. ` +
          'In the evening, nothing spilt.',
      }
  }
}
