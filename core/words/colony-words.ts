import type { Rule } from '../rules'
import type { Colony, Hive } from '../yard'
import { CAUSE_WORDS, signsInWords } from './sign-words'
import { dayInWords } from './day-words'
import type { Reader } from './names'
import type { Tellers } from './telling'
import { isOneOf, keysOf } from '../units'

const EMPTY_WORDS: Readonly<Record<string, string>> = {
  merged: 'united with another colony',
  sold: 'given away or sold',
  absconded: 'the colony left',
}

const causeWord = (cause: string) => (isOneOf(keysOf(CAUSE_WORDS), cause) ? CAUSE_WORDS[cause] : cause)

const diedOf = (cause = 'not-known') => (cause === 'not-known' ? 'nobody knows of what' : causeWord(cause))

const HAVE_LOOKED =
  'Close it so that no bee gets in, move nothing of it, and have it looked at: some diseases must be reported. ' +
  'Clean, burn or keep it as you are told, and write that down.'

/** What is said of a hive before all else: its colony is dead or gone, or it is closed for a sign. */
export const TELL_COLONY: Tellers<Extract<Rule, `colony.${string}`>> = {
  'colony.closed': ({ finding: { facts }, reader }) => ({
    title: 'closed: have it looked at',
    what: `Seen on ${dayInWords(facts.since, reader.vocabulary)}: ${signsInWords(facts.signs)}.`,
    fate: `It may be a disease of the brood. ${HAVE_LOOKED}`,
  }),
  'colony.combs-held': ({ finding: { facts }, reader }) => ({
    title: 'no comb of it goes to another hive',
    what: `Seen on ${dayInWords(facts.since, reader.vocabulary)}: ${signsInWords(facts.signs)}.`,
    fate: 'Nobody knows yet what it is of. Its combs stay here until it is known, and soiled ones are renewed.',
  }),
  'colony.dead': ({ finding: { facts }, reader }) => ({
    title: 'the colony is dead',
    what: `Written on ${dayInWords(facts.since, reader.vocabulary)}: ${causeWord(facts.of)}.`,
    fate: facts.mayBeDisease
      ? `Robbers carry off what killed it. ${HAVE_LOOKED}`
      : facts.held
        ? 'Close its entrance, or it is robbed out. Look at its combs, clean the kit, and write down that it was ' +
          'looked ' +
          'at: until then nothing of it goes to another hive.'
        : 'Its kit was looked at. Keep it closed against moth and robbers until bees come in again.',
  }),
  'colony.empty': ({ finding: { facts }, reader }) => ({
    title: 'no colony in it',
    what: `Since ${dayInWords(facts.since, reader.vocabulary)}: ${EMPTY_WORDS[facts.because] ?? facts.because}.`,
    fate: facts.held
      ? 'Close its entrance, or it is robbed out. Until somebody has looked at its combs, nothing of it goes to ' +
        'another ' +
        'hive.'
      : 'Its kit was looked at. Keep it closed against moth and robbers until bees come in again.',
  }),
}

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
