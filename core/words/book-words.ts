import type { EntryOf, Look, TreatmentWarning } from '../book'
import { showTemperature } from '../units'
import { dayInWords } from './day-words'
import { CAUSE_WORDS } from './sign-words'
import { ACID_CAUTION } from './visit-words'
import { counted, type Reader } from './names'
import { inVocabulary } from './vocabulary'

type Words<T extends string> = Readonly<Record<T, string>>
type Of<K extends keyof Look> = Extract<NonNullable<Look[K]>, string>
type OneOf<K extends keyof Look> = NonNullable<Look[K]> extends readonly (infer T)[] ? Extract<T, string> : never

export const TEMPER_WORDS: Words<Of<'temper'>> = {
  quiet: 'quiet',
  lively: 'lively',
  follows: 'follows',
  attacks: 'attacks',
}
export const SOUND_WORDS: Words<Of<'sound'>> = { humming: 'humming', roaring: 'roaring' }
export const PATTERN_WORDS: Words<Of<'pattern'>> = { solid: 'solid', spotty: 'spotty' }
export const QUEEN_WORDS: Words<Of<'queen'>> = { seen: 'queen seen', eggs: 'eggs seen', 'not-seen': 'not seen' }
export const HEFT_WORDS: Words<Of<'heft'>> = { light: 'light', fair: 'fair', heavy: 'heavy' }
export const DEAD_WORDS: Words<Of<'deadOnFloor'>> = { few: 'a few', many: 'many' }
/** What is seen, never what it is called. */
export const DAMP_WORDS: Words<OneOf<'damp'>> = { top: 'top', walls: 'walls', floor: 'floor' }
export const VISITOR_WORDS: Words<OneOf<'visitors'>> = {
  mouse: 'a mouse',
  ants: 'ants',
  beetle: 'beetles',
  wasps: 'wasps',
  moth: 'wax moth',
}

/** What to do where a sign was seen: never what it may be. */
export const SIGN_CAUTION =
  'Close it up, move no frame or tool to another hive, and have it looked at: some diseases of bees must be ' +
  'reported. ' +
  'Your bee inspector or vet says what it is, not this page.'

export const FEED_NAMES: Words<EntryOf<'feed'>['body']['feed']> = {
  'two-to-one': 'syrup two to one',
  'one-to-one': 'syrup one to one',
  fondant: 'fondant',
  comb: 'combs of food',
}

export const CLEARED_WORDS: Words<EntryOf<'cleared'>['body']['how']> = {
  'looked-at': 'Looked at, and nothing found',
  cleaned: 'Cleaned, as local law asks',
}

/** What a colony died of, as far as it was said. */
export function causeInWords({ of, cause }: EntryOf<'fate'>['body']): string {
  return [of ? CAUSE_WORDS[of] : '', cause ?? ''].filter(Boolean).join(', ')
}

export const FATE_WORDS: Words<EntryOf<'fate'>['body']['fate']> = {
  alive: 'Alive',
  dead: 'The colony is dead',
  merged: 'United with another colony',
  sold: 'Given away or sold',
  absconded: 'The colony left',
}
export const ANSWER_WORDS: Words<EntryOf<'answer'>['body']['answer']> = {
  done: 'Done',
  'put-off': 'Put off',
  dropped: 'Dropped',
}

/** What stands against a treatment, in a sentence each. */
export function treatmentWarningInWords(warning: TreatmentWarning, { units, vocabulary }: Reader): string {
  const day = (iso: string) => dayInWords(iso, vocabulary)
  const warm = (celsius: number) => showTemperature(celsius, units)
  switch (warning.warning) {
    case 'supers-on':
      return `${counted(warning.supers, 'super')} on: unless the label allows it, honey for people comes off first.`
    case 'too-cold':
      return `A high of ${warm(warning.highCelsius)} is colder than its label asks for (${warm(warning.limitCelsius)}).`
    case 'too-warm':
      return (
        `A high of ${warm(warning.highCelsius)} is warmer than its label allows (${warm(warning.limitCelsius)}): ` +
        'queens and brood are lost. Wait for cooler days.'
      )
    case 'ask-forecast': {
      const bounds = [warning.fromCelsius, warning.toCelsius].map((one) => (one === undefined ? '' : warm(one)))
      const said =
        bounds[0] && bounds[1] ? `${bounds[0]} to ${bounds[1]}` : bounds[0] ? `from ${bounds[0]}` : `up to ${bounds[1]}`
      return `Its label asks for days of ${said}: ask the forecast for the day’s high, and for the days after it.`
    }
    case 'expired':
      return `Its day was ${day(warning.day)}: it is not used any more.`
    case 'crop-too-early':
      return inVocabulary(
        warning.from
          ? `A crop was taken on ${day(warning.day)}, before one may be from ${day(warning.from)}.`
          : `A crop was taken on ${day(warning.day)} while it may still be in.`,
        vocabulary,
      )
    case 'no-end':
      return 'No end is known: note the day on which it comes out, or the days of its label.'
  }
}

/** What always stands beside treating. */
export const TREATMENT_CAUTION =
  `Only what is allowed where you are, by its label: amount, days, warmth, withdrawal. ${ACID_CAUTION} ` +
  'Ask your vet or inspector where you are not sure.'
