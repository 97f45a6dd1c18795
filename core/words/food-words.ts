import type { AgainstCrop, FoodOfHive, Ledger, WeighDoubt } from '../book'
import type { Figures } from '../figures'
import { showMass } from '../units'
import { dayInWords } from './day-words'
import { counted, type Reader } from './names'
import { knownByInWords } from './stores-words'
import { inVocabulary } from './vocabulary'
import { rangeInWords } from './weight-words'

/** What is there to eat and how that is known: `14.2 to 18.9 kg: frames of stores counted on 4 Oct 2026, and since`. */
export function foodThereInWords({ measured: { by, at }, ledger }: FoodOfHive, reader: Reader): string {
  const known =
    by === 'model'
      ? 'by its combs as they were said or usually are'
      : knownByInWords({ by, at, since: ledger.lines.length > 1 }, reader)
  return `${rangeInWords(ledger.there, reader, 1)}: ${known}`
}

const LINE: Readonly<Record<Ledger['lines'][number]['of'], string>> = {
  there: 'there',
  feed: 'fed, as stores',
  crop: 'crop taken',
  eaten: 'eaten since',
}

/** A ledger line by line: what it is, and how much came or went; nectar since then is not known, never nothing. */
export function ledgerInWords({ ledger, foragedDays }: FoodOfHive, reader: Reader) {
  const lines = ledger.lines.map(({ of, kg, day }) => {
    const sign = kg.middle < 0 ? '−' : of === 'there' ? '' : '+'
    return {
      day: dayInWords(day, reader.vocabulary),
      what: inVocabulary(LINE[of], reader.vocabulary),
      kg: `${sign}${showMass(Math.abs(kg.middle), reader.units, 1)}`,
    }
  })
  return foragedDays > 0
    ? [...lines, { day: '', what: `nectar of ${counted(foragedDays, 'day')} since then`, kg: 'not known' }]
    : lines
}

/** Days that food lasts, rounded to what can be told: `22 to 41 days`; less than a week is said as such. */
export function lastsInWords({ ledger }: FoodOfHive): string | undefined {
  const { lastsDays } = ledger
  if (!lastsDays) return undefined
  const [low, high] = [Math.floor(lastsDays.low), Math.floor(lastsDays.high)]
  return low === high ? counted(low, 'day') : `${low} to ${counted(high, 'day')}`
}

/** Why nothing is taken now. */
export function againstCropInWords(against: AgainstCrop, { vocabulary }: Reader): string {
  const crop = inVocabulary('crop', vocabulary)
  switch (against.against) {
    case 'not-known':
      return (
        (against.day
          ? `What is there was last known on ${dayInWords(against.day, vocabulary)}: too long ago in season. `
          : 'Nobody has counted, hefted or weighed what is there. ') + 'Weigh it, heft it or count its frames first.'
      )
    case 'withdrawal':
      return against.from
        ? `${against.product}: no ${crop} for people before ${dayInWords(against.from, vocabulary)}, by its label.`
        : `${against.product} may still be in: no ${crop} for people before its end and its withdrawal are known.`
    case 'unripe':
      return `${Math.round(against.sealedShare * 100)} % of its cells were sealed: not ripe, it may ferment.`
  }
}

/** What always stands beside a crop. */
export function cropCaution({ eatsKgADayLow, eatsKgADayHigh }: Figures, { units }: Pick<Reader, 'units'>): string {
  const [low, high] = [eatsKgADayLow, eatsKgADayHigh].map((kg) => showMass(kg, units, 1))
  return (
    `A strong colony without supers eats ${low} to ${high} a day and can starve within days when the flow ends. ` +
    `Leave ` +
    'what it needs, look again within a week. A full super is a heavy lift.'
  )
}

/** What is odd about a reading of a scale, asked before it is kept. */
export function weighDoubtInWords({ doubt, limitKg }: WeighDoubt, readingKg: number, { units }: Reader): string {
  const [reading, limit] = [showMass(readingKg, units, 1), showMass(limitKg, units, 1)]
  const asks = 'kg or lb? Was the stand, snow, or another stack on the scale?'
  switch (doubt) {
    case 'below-tare':
      return `Reading is ${reading}, but this stack weighs at least ${limit} empty: kg or lb? Was something left off?`
    case 'above-full':
      return `Reading is ${reading}, but with every comb full this hive weighs about ${limit}: ${asks}`
    case 'off-known':
      return `Reading is ${reading}; by what was known it is more like ${limit}: ${asks}`
  }
}
