import type { Colony, Hive } from '../yard'
import { CAUSE_WORDS, signsInWords } from './sign-words'
import { dayInWords } from './day-words'
import type { Reader } from './names'
import { isOneOf, keysOf } from '../units'

/** What a colony died of. */
export const causeWord = (cause: string) => (isOneOf(keysOf(CAUSE_WORDS), cause) ? CAUSE_WORDS[cause] : cause)

const diedOf = (cause = 'not-known') => (cause === 'not-known' ? 'nobody knows of what' : causeWord(cause))

/** The state of a colony in a few words, beside its hive: `dead since 3 Nov 2026`; nothing where it lives in peace. */
export function colonyInWords(colony: Colony | undefined, { vocabulary }: Pick<Reader, 'vocabulary'>): string {
  if (!colony) return ''
  const day = dayInWords(colony.since, vocabulary)
  if (colony.is === 'dead') return `dead since ${day}${colony.holds === 'all' ? ', kit held' : ''}`
  if (colony.is === 'empty') return `empty since ${day}${colony.holds === 'all' ? ', kit held' : ''}`
  return colony.holds === 'all' ? `closed since ${day}` : `combs held since ${day}`
}

/** Why something is not taken from a hive. */
export function heldBackInWords({ name }: Pick<Hive, 'name'>, colony: Colony, reader: Reader): string {
  const why = colony.signs?.length
    ? `${signsInWords(colony.signs)} seen on ${dayInWords(colony.since, reader.vocabulary)}`
    : [colonyInWords(colony, reader), colony.is === 'dead' ? diedOf(colony.because) : ''].filter(Boolean).join(', ')
  return (
    `Nothing is taken from ${name}: ${why}. Have it looked at; once it was, or was cleaned, write that in its book, ` +
    'and its kit is free.'
  )
}
