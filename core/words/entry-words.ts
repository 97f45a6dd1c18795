import {
  broodFramesOf,
  foodFramesOf,
  miteRate,
  seamsIn,
  type Entry,
  type EntryBodies,
  type EntryOf,
  type EntrySort,
  type Look,
} from '../book'
import { showMass, showTemperature } from '../units'
import {
  ANSWER_WORDS,
  causeInWords,
  CLEARED_WORDS,
  DAMP_WORDS,
  DEAD_WORDS,
  FATE_WORDS,
  FEED_NAMES,
  HEFT_WORDS,
  PATTERN_WORDS,
  QUEEN_WORDS,
  SOUND_WORDS,
  TEMPER_WORDS,
  VISITOR_WORDS,
} from './book-words'
import { dayInWords } from './day-words'
import { counted, type Reader } from './names'
import { SIGN_WORDS } from './sign-words'
import { inVocabulary } from './vocabulary'

/** A look in one line, with what was said and nothing else. */
function lookInWords(look: Look, reader: Reader): string {
  const seams = seamsIn(look)
  const brood = (['eggs', 'larvae', 'sealed'] as const).flatMap((stage) => {
    const frames = broodFramesOf(look, stage)
    return frames === undefined ? [] : [`${stage} on ${frames}`]
  })
  const food = (['sealed', 'nectar', 'pollen'] as const).flatMap((one) => {
    const frames = foodFramesOf(look, one)
    return frames === undefined ? [] : [`${FOOD_LINE[one]} on ${frames}`]
  })
  const cells = [
    ...(look.cells?.open ? [`${look.cells.open} open`] : []),
    ...(look.cells?.sealed ? [`${look.cells.sealed} sealed`] : []),
    ...(look.cells?.where ? [CELL_PLACE_WORDS[look.cells.where]] : []),
  ]
  const said = [
    ...(look.celsius === undefined ? [] : [showTemperature(look.celsius, reader.units)]),
    ...(look.wind ? [WIND_WORDS[look.wind]] : []),
    ...(seams === undefined ? [] : [`${counted(seams, 'seam')} of bees`]),
    ...(look.temper ? [TEMPER_WORDS[look.temper]] : []),
    ...(look.sound ? [SOUND_WORDS[look.sound]] : []),
    ...(look.queen ? [QUEEN_WORDS[look.queen]] : []),
    ...queenInWords(look),
    ...brood,
    ...(look.pattern ? [`brood ${PATTERN_WORDS[look.pattern]}`] : []),
    ...(cells.length > 0 ? [`queen cells: ${cells.join(', ')}`] : []),
    ...(look.droneBrood === undefined ? [] : [look.droneBrood ? 'drone brood' : 'no drone brood']),
    ...(look.playCups === undefined ? [] : [counted(look.playCups, 'play cup')]),
    ...food,
    ...(look.heft ? [`hefts ${HEFT_WORDS[look.heft]}`] : []),
    ...(look.superSealed === undefined ? [] : [`super sealed to ${Math.round(look.superSealed * 100)} %`]),
    ...(look.undrawnLeft === undefined ? [] : [`${counted(look.undrawnLeft, 'frame')} undrawn`]),
    ...(look.toRenew === undefined ? [] : [`${counted(look.toRenew, 'comb')} to renew`]),
    ...(look.crossComb === undefined ? [] : [look.crossComb ? 'cross comb' : 'no cross comb']),
    ...(look.signs ?? []).map((sign) => SIGN_WORDS[sign]),
    ...(look.deadOnFloor ? [`${DEAD_WORDS[look.deadOnFloor]} dead on the floor`] : []),
    ...(look.damp?.length ? [`damp: ${look.damp.map((place) => DAMP_WORDS[place]).join(', ')}`] : []),
    ...(look.mould?.length ? [`mould: ${look.mould.map((place) => DAMP_WORDS[place]).join(', ')}`] : []),
    ...(look.visitors ?? []).map((one) => VISITOR_WORDS[one]),
  ]
  return said.length > 0 ? inVocabulary(said.join('; '), reader.vocabulary) : 'nothing noted'
}

const FOOD_LINE = { sealed: 'sealed stores', nectar: 'nectar', pollen: 'pollen' } as const
const WIND_WORDS = { calm: 'calm', breeze: 'a breeze', wind: 'wind' } as const
const CELL_PLACE_WORDS = { edge: 'at the edge', middle: 'in the middle', bottom: 'at the bottom' } as const

/** What is known of a queen beside that she is there. */
function queenInWords({ queenMarked, queenClipped, queenBorn }: Look): string[] {
  return [
    ...(queenMarked === undefined ? [] : [queenMarked ? 'queen marked' : 'queen not marked']),
    ...(queenClipped === undefined ? [] : [queenClipped ? 'queen clipped' : 'queen not clipped']),
    ...(queenBorn === undefined ? [] : [`queen of ${queenBorn}`]),
  ]
}

/** A treatment as the record of it asks: how much, from when to when, by the label, of which batch. */
function treatmentInWords(body: EntryOf<'treatment'>['body'], reader: Reader): string {
  const day = (iso: string) => dayInWords(iso, reader.vocabulary)
  const warm = (celsius: number) => showTemperature(celsius, reader.units)
  const { amount, until, labelDays, withdrawalDays, fromCelsius, toCelsius, highCelsius } = body
  return [
    `Treated with ${body.product}${amount ? `, ${amount}` : ''}${until ? ` until ${day(until)}` : ''}`,
    ...(labelDays === undefined ? [] : [`stays on ${counted(labelDays, 'day')}`]),
    ...(withdrawalDays === undefined ? [] : [`withdrawal ${counted(withdrawalDays, 'day')}`]),
    ...(fromCelsius === undefined ? [] : [`not below ${warm(fromCelsius)}`]),
    ...(toCelsius === undefined ? [] : [`not above ${warm(toCelsius)}`]),
    ...(highCelsius === undefined ? [] : [`high of these days ${warm(highCelsius)}`]),
    ...(body.batch ? [`batch ${body.batch}`] : []),
    ...(body.supplier ? [`from ${body.supplier}`] : []),
    ...(body.boughtOn ? [`bought ${day(body.boughtOn)}`] : []),
    ...(body.expiresOn ? [`not used after ${day(body.expiresOn)}`] : []),
    ...(body.supersMayStay ? ['its label allows supers'] : []),
  ].join('; ')
}

/** A crop with what was said of it. */
function cropInWords(body: EntryOf<'crop'>['body'], reader: Reader): string {
  return [
    `${inVocabulary('Crop', reader.vocabulary)} taken: ${showMass(body.kg, reader.units, 1)}`,
    ...(body.boxIds?.length ? [counted(body.boxIds.length, 'box', 'boxes')] : []),
    ...(body.sealedShare === undefined ? [] : [`${Math.round(body.sealedShare * 100)} % of its cells sealed`]),
    ...(body.water === undefined ? [] : [`${(body.water * 100).toFixed(1)} % water`]),
    ...(body.squares === undefined ? [] : [counted(body.squares, 'square of comb honey', 'squares of comb honey')]),
    ...(body.sections === undefined ? [] : [counted(body.sections, 'section')]),
  ].join('; ')
}

/** Mites of a count: `3.0 a day`, `2.3 in 100 bees`. */
export function mitesInWords(body: EntryOf<'mites'>['body']): string {
  const { in: measure, rate } = miteRate(body)
  return `${rate.toFixed(1)} ${measure === 'day' ? 'a day' : 'in 100 bees'}`
}

/** A sort of entry by name: one of it, and many. */
export const SORT_WORDS: Readonly<Record<EntrySort, { readonly one: string; readonly many: string }>> = {
  look: { one: 'Inspection', many: 'Looks' },
  mites: { one: 'Mites', many: 'Counts of mites' },
  treatment: { one: 'Treatment', many: 'Treatments' },
  feed: { one: 'Food given', many: 'Food given' },
  crop: { one: 'Crop', many: 'Crops' },
  task: { one: 'To do', many: 'Tasks' },
  answer: { one: 'Answer', many: 'Answers to what was due' },
  fate: { one: 'What became of it', many: 'What became of colonies' },
  trial: { one: 'Trial', many: 'Trials' },
  cleared: { one: 'Looked at, cleaned', many: 'Looked at or cleaned' },
}

/** What an entry of each sort says, in one line. */
const SAYS: { readonly [S in EntrySort]: (body: EntryBodies[S], reader: Reader) => string } = {
  look: (look, reader) => `Inspected: ${lookInWords(look, reader)}`,
  mites: (count) => `Mites counted: ${mitesInWords(count)}`,
  treatment: treatmentInWords,
  feed: ({ kg, feed }, { units }) => `Fed ${showMass(kg, units, 1)} of ${FEED_NAMES[feed]}`,
  crop: cropInWords,
  task: ({ by, text }, { vocabulary }) => `To do by ${dayInWords(by, vocabulary)}: ${text}`,
  answer: ({ answer }) => ANSWER_WORDS[answer],
  fate: (body, { vocabulary }) => {
    const cause = causeInWords(body)
    return inVocabulary(FATE_WORDS[body.fate], vocabulary) + (cause ? `: ${cause}` : '')
  },
  trial: ({ trial, side }) => `Drawn by lot into the trial “${trial}”: ${side === 'with' ? 'with it' : 'without it'}`,
  cleared: ({ how, who }) => CLEARED_WORDS[how] + (who ? `, by ${who}` : ''),
}

/** An entry in one line. */
export function entryInWords(entry: Entry, reader: Reader): string {
  const says = <S extends EntrySort>(sort: S, body: EntryBodies[S]) => SAYS[sort](body, reader)
  return says(entry.sort, entry.body)
}
