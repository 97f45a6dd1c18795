import { treatBy, type TreatConflict, type YardYear } from '../year'
import { dayInWords } from './day-words'
import type { Reader } from './names'
import { inVocabulary } from './vocabulary'

/** A crop that leaves no time for a treatment: the days, what comes of it, and both ways out. */
export function treatConflictInWords(
  { cropEnds, beesFrom, treatBy, between }: TreatConflict,
  { vocabulary }: Pick<Reader, 'vocabulary'>,
): { readonly what: string; readonly fate: string } {
  const day = (monthDay: string) => dayInWords(monthDay, vocabulary)
  const said = (text: string) => inVocabulary(text, vocabulary)
  return {
    what: said(
      `The last crop is off on ${day(cropEnds)}; winter bees are raised from ${day(beesFrom)}, and ` +
        `mites are treated by ${day(treatBy)} at the latest.`,
    ),
    fate: said(
      'Bees that grow up with mites do not live through the winter. Give up the last crop' +
        (between
          ? `, or treat between the two, ${day(between.from)} to ${day(between.to)}, by the label.`
          : ', or treat by a label that allows supers to be on.'),
    ),
  }
}

/** By which day supers come off, or a product that may be used with them goes in, weighed against the crop. */
export function treatByInWords(year: YardYear, { vocabulary }: Pick<Reader, 'vocabulary'>): string | undefined {
  const window = treatBy(year)
  if (!window) return undefined
  const [bees, by] = [window.beesFrom, window.by].map((day) => dayInWords(day, vocabulary))
  return inVocabulary(
    `Winter bees are raised from ${bees}: before then, by ${by} at the latest, supers are off and mites are treated, ` +
      'or a product is in that its label allows with supers on: a crop of later days is paid for with bees of the ' +
      'winter.',
    vocabulary,
  )
}
