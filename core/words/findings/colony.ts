import type { RuleId } from '../../rules'
import { causeWord } from '../colony-words'
import { dayInWords } from '../day-words'
import { signsInWords } from '../sign-words'
import type { Tellers } from './telling'

const EMPTY_WORDS: Readonly<Record<string, string>> = {
  merged: 'united with another colony',
  sold: 'given away or sold',
  absconded: 'the colony left',
}

const HAVE_LOOKED =
  'Close it so that no bee gets in, move nothing of it, and have it looked at: some diseases must be reported. ' +
  'Clean, burn or keep it as you are told, and write that down.'

/** What is said of a hive before all else: its colony is dead or gone, or it is closed for a sign. */
export const TELL_COLONY = {
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
          'looked at: until then nothing of it goes to another hive.'
        : 'Its kit was looked at. Keep it closed against moth and robbers until bees come in again.',
  }),
  'colony.empty': ({ finding: { facts }, reader }) => ({
    title: 'no colony in it',
    what: `Since ${dayInWords(facts.since, reader.vocabulary)}: ${EMPTY_WORDS[facts.because] ?? facts.because}.`,
    fate: facts.held
      ? 'Close its entrance, or it is robbed out. Until somebody has looked at its combs, nothing of it goes ' +
        'to another hive.'
      : 'Its kit was looked at. Keep it closed against moth and robbers until bees come in again.',
  }),
} satisfies Partial<Tellers<RuleId>>
