import type { DueLine, RoomLeft } from '../book'
import type { Parting } from '../year'
import { SHIPPED_FIGURES } from '../figures'
import { showTemperature } from '../units'
import { dayInWords } from './day-words'
import { capital, counted, stageWord, type Reader } from './names'
import { signsInWords } from './sign-words'
import { inVocabulary } from './vocabulary'

const LOOK_REASONS = {
  swarming: 'swarming is likely',
  clipped: 'swarming is likely; the queen was said to be clipped',
  first: 'the first of this year, on a day that is warm enough',
  season: 'two weeks since the last',
  cells: 'queen cells that may be sealed tomorrow',
  virgin: 'sealed queen cells then; by now a young queen lays, or there is none',
} as const

/** What a line that is due says: what, why, by when. */
export interface DueWords {
  readonly text: string
  readonly why: string
}
type ReasonOf<D extends DueLine['reason']['due']> = Extract<DueLine['reason'], { readonly due: D }>

/** Queen cells: act now on open ones, thin sealed ones and leave them alone. */
function cellsInWords(reason: ReasonOf<'act' | 'cells'>): DueWords {
  return reason.due === 'act'
    ? {
        text: 'Act on the queen cells now',
        why:
          `${counted(reason.open, 'queen cell')} with egg or larva: one may be sealed tomorrow, and the swarm ` +
          'leaves. A nucleus with the old queen, an artificial swarm or a split; knocking cells down only delays it',
      }
    : {
        text: 'Thin the queen cells to one, then leave it alone',
        why:
          `${counted(reason.sealed, 'sealed queen cell')}: several virgins mean casts. ` +
          'Then no inspection for three weeks',
      }
}

/** What the time of a visit says of parting boxes. */
const PARTING_WORDS: Readonly<Record<Parting, string>> = {
  free: '',
  'too-late': '; too late to part boxes: joints are not glued again before the frost',
  cold: '; in the cold no box is parted',
}

function weighInWords({ light, last }: ReasonOf<'weigh'>, day: (iso: string) => string): DueWords {
  return light
    ? {
        text: 'Feed it, and heft it again',
        why: `it was light${last ? ` on ${day(last)}` : ''}; no colony is kept under two full frames of food`,
      }
    : {
        text: 'Weigh or heft it',
        why: last ? `its food was last known on ${day(last)}` : 'nobody has weighed, hefted or counted its food yet',
      }
}

/** A line of what is due: what to do, and why. */
export function dueInWords({ reason }: DueLine, reader: Reader, partName: (partId: string) => string): DueWords {
  const { text, why } = reasonInWords(reason, reader, partName)
  // What the keeper wrote, and what the part is called, stays as it is.
  const isNamed = reason.due === 'task' || reason.due === 'headspace' || reason.due === 'back'
  const said = (words: string) => inVocabulary(words, reader.vocabulary)
  return { text: isNamed ? text : said(text), why: said(why) }
}

/** Combs that are free: `2 of 10 combs`, or `2 to 4 of 10 combs` where they were only counted. */
export function freeInWords({ free, freeMost, combs }: Pick<RoomLeft, 'free' | 'freeMost' | 'combs'>): string {
  return `${free === freeMost ? free : `${free} to ${freeMost}`} of ${counted(combs, 'comb')}`
}

/** What the year asks of every hive, also of one that nothing is written of. */
function dueByYear(reason: ReasonOf<'look'> | ReasonOf<'count'>, { vocabulary, units }: Reader): DueWords {
  const day = (iso: string) => dayInWords(iso, vocabulary)
  if (reason.due === 'look') {
    const warm = showTemperature(SHIPPED_FIGURES.lookBroodCelsius, units)
    const why = reason.lastLook
      ? `last inspection ${day(reason.lastLook)}; ${LOOK_REASONS[reason.because]}`
      : `none is written of it: on a day of ${warm} or more, without wind`
    return { text: 'Inspect it', why }
  }
  const why = reason.lastCount
    ? `last count ${day(reason.lastCount)}`
    : 'none is written: each month while hives are opened'
  return { text: 'Count mites', why }
}

function reasonInWords(reason: DueLine['reason'], reader: Reader, partName: (partId: string) => string): DueWords {
  const day = (iso: string) => dayInWords(iso, reader.vocabulary)
  switch (reason.due) {
    case 'look':
    case 'count':
      return dueByYear(reason, reader)
    case 'act':
    case 'cells':
      return cellsInWords(reason)
    case 'count-after':
      return { text: 'Count mites again', why: `${reason.product} ended ${day(reason.ended)}: did it work?` }
    case 'treatment-end':
      return { text: `Take ${reason.product} out`, why: `put in ${day(reason.began)}, as its label says` }
    case 'treatment-open':
      return { text: `Is ${reason.product} still in?`, why: `put in ${day(reason.began)}, no end was noted` }
    case 'headspace':
    case 'back':
    case 'battery':
    case 'loan':
      return kitDueInWords(reason, reader, partName)
    case 'weigh':
      return weighInWords(reason, day)
    case 'feed':
      return { text: 'Is the feed taken down?', why: `given ${day(reason.given)}; an open feeder brings robbers` }
    case 'box':
      return {
        text: 'Put the next box on',
        why: `${freeInWords(reason)} free at the last inspection, filled by then at the earliest`,
      }
    case 'hive-nucleus':
      return {
        text: 'Hive it: a full box',
        why:
          `its bees cover ${counted(reason.seams, 'comb')}: out of a small box it swarms. Its combs keep their ` +
          `order`,
      }
    case 'task':
      return { text: capital(reason.text), why: 'you wrote it down' }
    case 'visit':
      return {
        text: `Change to ${stageWord(reason.stage)}`,
        why: `stands as ${stageWord(reason.stands)}${PARTING_WORDS[reason.parting]}`,
      }
    case 'inspect':
    case 'close-door':
    case 'kit':
    case 'let-out':
      return safetyInWords(reason)
    case 'visit-under-way':
      return { text: `Go on with the visit to ${stageWord(reason.stage)}`, why: 'it was begun and not ended' }
  }
}

/** What is due of kit and devices. */
function kitDueInWords(
  reason: Extract<DueLine['reason'], { due: 'headspace' | 'back' | 'battery' | 'loan' }>,
  reader: Reader,
  partName: (partId: string) => string,
): DueWords {
  const day = (iso: string) => dayInWords(iso, reader.vocabulary)
  switch (reason.due) {
    case 'headspace':
      return { text: `Take off ${partName(reason.partId)}`, why: 'bees build comb into empty room' }
    case 'back':
      return {
        text: `${capital(partName(reason.partId))} is due back at ${reason.to}`,
        why: `borrowed ${day(reason.since)}; while bees live in it, ask for longer`,
      }
    case 'battery':
      return {
        text: `Change or charge the battery of ${reason.name}`,
        why: `it has ${Math.round(reason.percent)} % left; without it nothing is weighed or measured`,
      }
    case 'loan': {
      const what = `${reason.count > 1 ? `${reason.count} × ` : ''}${partName(reason.partId)}`
      return reason.isLent
        ? { text: `Ask for it back: ${what}`, why: `lent to ${reason.to} ${day(reason.since)}` }
        : { text: `Give it back to ${reason.to}: ${what}`, why: `borrowed ${day(reason.since)}, in the shed` }
    }
  }
}

/** What is due where bees, or what bees leave, could be harmed. */
function safetyInWords(reason: Extract<DueLine['reason'], { due: 'inspect' | 'close-door' | 'kit' | 'let-out' }>): {
  readonly text: string
  readonly why: string
} {
  switch (reason.due) {
    case 'inspect':
      return {
        text: 'Have it looked at, today',
        why:
          reason.signs.length > 0
            ? `${signsInWords(reason.signs)}: some diseases must be reported`
            : 'it died of what may be a disease or is not known: some must be reported',
      }
    case 'close-door':
      return {
        text: 'Close its entrance',
        why: 'robbers carry off its honey, and what killed it; nothing of it is moved',
      }
    case 'kit':
      return {
        text: reason.mayBeDisease ? 'Clean, burn or keep its kit as you are told' : 'Look at its kit and clean it',
        why: 'nothing of it goes to another hive until its book says that it was looked at or cleaned',
      }
    case 'let-out':
      return { text: 'Open its entrance', why: 'it is shut for the road: where it stands, bees that are shut in die' }
  }
}
