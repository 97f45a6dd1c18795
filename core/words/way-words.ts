import type { Way } from '../yard'
import type { Reader } from './names'
import { inVocabulary } from './vocabulary'
import {
  type WayField,
  broodFields,
  superFields,
  combFields,
  winterFields,
  closingFields,
  workFields,
} from './way-fields'

/** What belongs together in how bees are kept. */
export const WAY_GROUPS = [
  ['brood', 'Where they live'],
  ['supers', 'Supers'],
  ['comb', 'Comb'],
  ['winter', 'Winter'],
  ['work', 'Work'],
] as const

/** What belongs together among the choices of a way of keeping. */
export type WayGroup = (typeof WAY_GROUPS)[number][0]

/** The value of a choice, from the text that a list gives. */
export function wayValue(field: keyof Way, text: string): Way[keyof Way] {
  const value = field === 'supers' || field === 'framesLess' ? Number(text) : field === 'feeds' ? text === 'true' : text
  return value as Way[keyof Way]
}

/** Every choice about how bees are kept, in groups, each with what it gains and what it gives up. */
export function wayFields({ vocabulary }: Reader): (WayField & { readonly group: WayGroup })[] {
  const british = vocabulary === 'british'
  const said = (text: string) => inVocabulary(text, vocabulary)
  const fields: Record<WayGroup, readonly WayField[]> = {
    brood: broodFields(british),
    supers: superFields(british),
    comb: combFields(),
    winter: [...winterFields(), ...closingFields()],
    work: workFields(),
  }
  return WAY_GROUPS.flatMap(([group]) =>
    fields[group].map((one) => ({
      ...one,
      group,
      choices: one.choices.map((each) => ({
        ...each,
        word: said(each.word),
        gains: said(each.gains),
        gives: said(each.gives),
      })),
    })),
  )
}
