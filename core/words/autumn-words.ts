import { catalogueOf } from '../parts'
import { type Stage, type VisitStep, meaningOf } from '../yard'
import { autumnOf, isParting, yearOf, type HasYear, type Parting } from '../year'
import { showTemperature } from '../units'
import { dayInWords } from './day-words'
import type { Reader } from './names'
import { inVocabulary } from './vocabulary'

/** By which days a yard is packed down, wrapped and closed, as far as a stage asks for it; nothing without a winter. */
export function autumnInWords(stage: Stage | undefined, yard: HasYear, reader: Reader): string[] {
  const autumn = autumnOf(yard)
  if (!autumn) return []
  const day = (monthDay: string) => dayInWords(monthDay, reader.vocabulary)
  const { wrapCelsius } = catalogueOf(yard).figures
  const sentences = {
    pack:
      `Feed and treat until about ${day(autumn.pack)}: pack down then, feeder off, the entrance narrow and ` +
      `guarded. Mites ` +
      'are treated early in that time, by the label.',
    wrap:
      `Where you wrap, wraps go on about ${day(autumn.wrap)}, as the mean of a day falls towards ` +
      `${showTemperature(wrapCelsius, reader.units)}: on too early they keep brood going and the bees flying.`,
    close:
      `The last inspection is by ${day(autumn.lastLook)}, so that joints are glued again before the frost stays. ` +
      `No box is ` +
      'parted after it.',
  }
  return (stage ? meaningOf(stage).autumnTold : (['pack', 'wrap', 'close'] as const)).map((one) =>
    inVocabulary(sentences[one], reader.vocabulary),
  )
}

/** That a change which parts boxes waits, until when, and what of it can be done closed; nothing where it need not. */
export function waitsInWords(
  steps: readonly VisitStep[],
  parting: Parting,
  yard: HasYear,
  reader: Reader,
): string | undefined {
  const catalogue = catalogueOf(yard)
  const parts = steps.some((step) => isParting(step, catalogue.patterns.get(step.patternId), catalogue.figures))
  if (!parts || parting === 'free') return undefined
  return inVocabulary(
    `No box is parted now: leave this change until ` +
      `${dayInWords(yearOf(yard).calendar.firstPollen, reader.vocabulary)}, ` +
      'or until a day that is warm enough, unless the colony would starve. Closed, one does what does not part ' +
      'boxes: ' +
      'entrance, wrap, food and slab over the crown board, strap.',
    reader.vocabulary,
  )
}
