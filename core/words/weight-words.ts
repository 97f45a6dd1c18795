import { type Saying, inWords } from '../parts'
import type {
  BothSchools,
  GuidelineZone,
  Lift,
  OutOfRange,
  School,
  ProfileProblem,
  Fullness,
  MassItem,
  Range,
} from '../loads'
import type { Change, Duty } from '../ask'
import { inchesFromMm, massFigure, massUnit, showLength, showMass, showStature, type UnitSystem } from '../units'
import { counted, listed, type Reader } from './names'
import { inVocabulary } from './vocabulary'

export const FULLNESS_WORDS: Record<Fullness, string> = {
  'as-said': 'as its frames say',
  empty: 'empty, as bought',
  drawn: 'drawn comb, nothing in it',
  'in-flow': 'in the flow',
  full: 'full',
  winter: 'packed for winter',
}

export const ITEM_WORDS: Record<MassItem, string> = {
  ware: 'wood and metal',
  frames: 'frames',
  wax: 'comb wax',
  honey: 'honey and stores',
  brood: 'brood',
  bees: 'bees',
}

/** `20.9 to 25.8 kg`. */
export function rangeInWords(
  { low, high }: Pick<Range, 'low' | 'high'>,
  { units }: Pick<Reader, 'units'>,
  decimals = 1,
): string {
  return `${massFigure(low, units, decimals)} to ${massFigure(high, units, decimals)} ${massUnit(units)}`
}

export const SCHOOL_WORDS: Record<School, string> = {
  equation: 'lifting equation',
  zones: 'guideline zones',
  'own-limit': 'my own limit',
}

export const ZONE_WORDS: Record<GuidelineZone, string> = {
  shoulder: 'at the shoulder and above',
  'elbow-to-shoulder': 'elbow to shoulder',
  'knuckle-to-elbow': 'knuckle to elbow',
  'lower-leg-to-knuckle': 'lower leg to knuckle',
  floor: 'near the floor',
}

const OUT_WORDS: Record<OutOfRange, (length: (cm: number) => string) => string> = {
  reach: (length) => `the hands are more than ${length(63)} in front`,
  height: (length) => `the hands are above ${length(175)}`,
  travel: (length) => `it travels more than ${length(175)} up or down`,
  twist: () => 'it twists more than 135°',
  frequency: () => 'it is lifted more often than the table goes',
}

/** The equation reckons in centimetres, or in inches. */
export function showReach(cm: number, units: UnitSystem): string {
  return units === 'mm' ? `${Number(cm.toFixed(1))} cm` : `${inchesFromMm(cm * 10).toFixed(1)} in`
}

/** What each school answers of one lift, what it allows one person, and what one does with two answers. */
export function schoolsInWords({ equationKg, guidelineKg, lowerKg }: BothSchools, { units }: Reader): string[] {
  const mass = (kg: number | null) => (kg === null ? 'says nothing of it' : `${showMass(kg, units, 0)}`)
  return [
    `Lifting equation: ${mass(equationKg)}. It asks what nearly all healthy workers can repeat in this posture; it ` +
      'knows your height only by where the hands are.',
    `Guideline zones: ${mass(guidelineKg)}. It is a first filter for a body of your height, close or away from it.`,
    lowerKg === null
      ? 'Where one of the two says nothing, make it lighter or lift it with somebody.'
      : `Plan by the lower, ${showMass(lowerKg, units, 0)}. Neither is a permission.`,
  ]
}

/**
 * The verdict on a lift, in words first: `too heavy alone: 23.0 kg, about 10 kg by the lifting equation`.
 * @param kg what is lifted, by each pair of hands where two lift
 */
export function liftVerdict(
  {
    kg,
    allowedKg,
    grade,
    index,
    people,
    outOfRange,
  }: Pick<Lift, 'kg' | 'allowedKg' | 'grade' | 'index' | 'people' | 'outOfRange'>,
  school: School,
  { units }: Pick<Reader, 'units'>,
): string {
  const mass = showMass(kg.middle, units)
  if (index === null || allowedKg === null) return `no figure: ${mass}. ${noFigureInWords(school, outOfRange, units)}`
  const who = people === 2 ? 'for two' : 'alone'
  const words = { good: `all right ${who}`, watch: `too heavy ${who}`, mend: `far too heavy ${who}` } as const
  const each = people === 2 && school !== 'zones' ? ' each' : ''
  const allowed = `${massFigure(allowedKg, units, 0)} ${massUnit(units)} ${ALLOWED[school]}${each}`
  return `${words[grade]}: ${mass}, about ${allowed}`
}

/** Behind a figure of a school: whose figure it is. */
const ALLOWED: Record<School, string> = {
  equation: 'by the lifting equation',
  zones: 'by the guideline for your height',
  'own-limit': 'by your own limit',
}

/** Why a school has no figure for a lift. */
export function noFigureInWords(school: School, outOfRange: readonly OutOfRange[], units: UnitSystem): string {
  if (school === 'zones') return 'No guideline figure: the hands are above the reach of shoulder and arm.'
  const why = outOfRange.map((one) => OUT_WORDS[one]((cm) => showReach(cm, units)))
  return `The equation does not cover it: ${why.join(', ')}. No figure is made up.`
}

const CHANGES: Record<Change, (reader: Reader) => string> = {
  'shallower-supers': () => 'supers a size lower, as many as hold the same honey',
  'shallower-brood': ({ vocabulary }) =>
    `${inWords({ british: 'brood boxes', northAmerican: 'hive bodies' }, vocabulary)} a size ` +
    'lower, as much comb for brood',
  'eight-frames': () => 'the whole hive in the 8-frame width',
  'one-frame-less': () => 'one frame less in each super, spaced out',
  'two-frames-less': () => 'two frames less in each super, spaced out',
  'half-full-boxes': () => 'twice the supers, half full each',
  'crop-earlier': () => 'the crop taken in two rounds, boxes half full',
  'lower-stand': ({ units }) => `a low stand of ${showLength(101.6, units)}`,
  'no-stand': () => 'no stand, which gives up dry ground, shelter from beetle and animals, and air under a mesh floor',
  'second-stand': () => 'boxes put down on a second stand at knuckle height',
  'two-people': () => 'two people at every lift',
  'frame-by-frame': () => 'frame by frame into an empty box',
}

/** What an alternative does differently. */
export function changesInWords(changes: readonly Change[], reader: Reader): string {
  return inVocabulary(changes.map((change) => CHANGES[change](reader)).join('; '), reader.vocabulary)
}

/** What a profile cannot be, naming the field. */
export function profileProblemInWords({ field, problem, least, most }: ProfileProblem, { units }: Reader): string {
  const words: Record<ProfileProblem['field'], string> = {
    statureMm: 'Body height',
    shoulderMm: 'Shoulder height',
    elbowMm: 'Elbow height',
    knuckleMm: 'Knuckle height',
    limitKg: 'Own limit',
    putDownMm: 'Height to put down on',
  }
  const show = (value: number) => (field === 'limitKg' ? showMass(value, units) : showStature(value, units))
  return problem === 'out-of-range'
    ? `${words[field]} is not between ${show(least)} and ${show(most)}.`
    : `${words[field]} does not lie between ${show(least)} and ${show(most)}: knuckle, elbow, ` +
        'shoulder and body height follow each other from below.'
}

/** The work of a visit: `12 lifts, 210 kg moved`. */
export function dutyInWords({ lifts, movedKg, framesTurned }: Duty, { units }: Reader): string {
  return (
    `${counted(lifts, 'lift')}, ${showMass(movedKg, units)} moved, ` +
    `${counted(framesTurned, 'frame')} lifted and turned over`
  )
}

/** What is often said of a full box beside what its combs come to: in all and of honey are two things. */
export function sayingInWords(
  { honeyKg, boxKg }: Saying,
  name: string,
  honey: Range,
  inAll: Range,
  reader: Reader,
): string {
  const mass = (kg: number) => showMass(kg, reader.units)
  const said = [
    ...(honeyKg === undefined ? [] : [`to hold ${mass(honeyKg)} of honey`]),
    ...(boxKg === undefined
      ? []
      : [`to weigh ${boxKg[0] === boxKg[1] ? '' : `${mass(boxKg[0])} to `}${mass(boxKg[1])} in all`]),
  ]
  return (
    `A full ${name} is said ${listed(said)}; by its combs it is ${rangeInWords(honey, reader)} of honey, ` +
    `${rangeInWords(inAll, reader)} in all.`
  )
}
