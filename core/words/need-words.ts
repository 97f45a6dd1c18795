import type { NeedOn } from '../year'
import { dayInWords } from './day-words'
import type { Reader } from './names'
import { rangeInWords } from './weight-words'

/** What a hive asks on a day: `its winter asks 16 to 20 kg`; less and until when, as the winter runs out. */
export function needInWords({ low, high, share, until }: NeedOn, reader: Reader): string {
  if (share === 0) return 'it forages, and needs what bridges bad days'
  const day = dayInWords(until, reader.vocabulary)
  const kg = rangeInWords({ low, high }, reader, 0)
  return share === 1
    ? `${kg} is what it asks for until about ${day}, when forage can be relied on`
    : `${kg} is what is still asked of it until about ${day}, when forage can be relied on`
}
