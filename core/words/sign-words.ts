import type { EntryOf } from '../book'
import { entriesOf } from '../units'

type Words<T extends string> = Readonly<Record<T, string>>
type Sign = NonNullable<EntryOf<'look'>['body']['signs']>[number]

/** Signs in words that name no disease. */
export const SIGN_WORDS: Words<Sign> = {
  'sunken-caps': 'caps sunken or greasy',
  'pierced-caps': 'caps with holes',
  'ropy-cell': 'a cell that draws a thread',
  'scale-in-cell': 'dark scales in cells',
  'chalky-larvae': 'hard, chalky larvae',
  'twisted-larvae': 'twisted or brown larvae',
  'crippled-wings': 'crippled wings',
  'trembling-bees': 'bees that tremble or creep',
  'streaks-at-door': 'streaks at the entrance',
  'dead-in-heap': 'dead bees in a heap',
  'robbed-out': 'combs torn by robbers',
}
const SIGN_WORDS_BY_NAME: ReadonlyMap<string, string> = new Map(entriesOf(SIGN_WORDS))
/** Signs as they were seen, one after the other. */
export const signsInWords = (signs: readonly string[] = []) =>
  signs.map((sign) => SIGN_WORDS_BY_NAME.get(sign) ?? sign).join(', ')

/** What a colony died of, as far as that is known. */
export const CAUSE_WORDS: Words<NonNullable<EntryOf<'fate'>['body']['of']>> = {
  starved: 'starved',
  'no-queen': 'no queen',
  'too-few': 'too few bees',
  mites: 'mites',
  damage: 'damage, water or robbers',
  disease: 'it may be a disease',
  'not-known': 'not known yet',
}
