import { isOneOf, showMass, type UnitSystem } from '../units'
import { type Pattern, isBox, isExcluder, inWords } from '../parts'
import { STAGES, type Climate, type TravelTask, type VisitStep } from '../yard'
import type { CalendarProblem, PartChange, Bounds, StepReason, Work } from '../year'
import { rangeInWords } from './weight-words'
import { capital, counted, stageWord, type Reader } from './names'

export const CLIMATE_WORDS: Record<Climate, string> = {
  'cool-maritime': 'cool, by the sea',
  'cold-continental': 'cold inland winters',
  'warm-temperate': 'warm, two flows',
  'tropical-highland': 'tropical highland, no winter',
}

const FIELD_WORDS: Partial<Record<CalendarProblem['field'], string>> = {
  firstPollen: 'First pollen',
  flowStart: 'Start of the flow',
  flowEnd: 'End of the flow',
  secondFlow: 'The second flow',
  firstFrost: 'First frost',
  lastFrost: 'Last frost',
}

/** What is wrong with a year, naming the field and what would be right. */
export function calendarProblemInWords({ field, problem }: Pick<CalendarProblem, 'field' | 'problem'>): string {
  const word = FIELD_WORDS[field] ?? `The beginning of ${isOneOf(STAGES, field) ? stageWord(field) : 'a stage'}`
  switch (problem) {
    case 'no-date':
      return `${word} is no day of a year: choose one such as 20 May; the 29th of February counts as the 28th.`
    case 'flow-too-long':
      return `${word} comes before its start, or the flow lasts over eight months: check both days.`
    case 'flows-overlap':
      return `${word} lies within the first one: begin it after that one ends.`
    case 'frost-without-winter':
      return `${word} is given, but this climate has no winter: leave it empty, or choose another climate.`
    case 'winter-without-frost':
      return `${word} is empty: this climate has a winter, and packing down goes by it.`
    case 'flow-before-last-frost':
      return `${word} comes after the flow begins. That happens; keep an eye on food and warmth.`
    case 'overlaps':
      return `${word} would lie past its own end or before the stage in front of it: move it back.`
    case 'not-in-this-year':
      return `${word} cannot be moved: this year does not have that stage.`
  }
}

export const REASON_WORDS: Record<StepReason, string> = {
  'in-the-way': 'stands in the way',
  'goes-back': 'goes back on',
  crop: 'the crop comes off, never more than what has to stay',
  'winter-form': 'not part of the winter form',
  'queen-to-food': 'the queen must be able to follow the food',
  'clean-crop': 'keeps the queen out of the crop',
  'room-for-nectar': 'room for nectar before it is needed',
  'room-for-brood': 'room for brood',
  'winter-top': 'keeps the top warmer than the walls',
  'winter-top-off': 'the nights are mild and it is strong; a slab may as well stay on all year',
  settling: 'a new colony keeps to one box',
  'sort-frames': 'no box leaves with bees, brood or their food in it',
  'guard-instead': 'the mouse guard takes its place',
  'another-door': 'another entrance fitting takes its place',
  mice: 'keeps mice out',
  robbing: 'a narrow entrance is easier to guard',
  'full-entrance': 'strong by now: full entrance for the traffic; a small colony keeps it narrow',
  'they-fly': 'they fly again and keep mice out themselves',
  'insert-in': 'less draught',
  'insert-out': 'it is warm: air, and a free fall for mites',
  feed: 'food',
  'feed-off': 'forage comes in',
  'feed-too-late': 'too late for syrup: they cannot dry it any more; fondant over the cluster instead',
  'vent-on': 'air at the top',
  'vent-off': 'air at the top is not needed now',
  'wrap-on': 'keeps wind and cold off the walls',
  'wrap-off': 'the frosts are over and the colony is strong',
  floor: 'the floor that was chosen',
  travel: 'no bee flies out on the road',
  'air-for-the-road': 'air for the road: nothing lies on it',
  'apart-on-the-road': 'carried apart: on the screen it would stifle them',
  distance: 'bees that know the country fly back to the old place',
  fix: 'parts that shift crush bees and let them out',
  shade: 'bees that are shut in make heat, and die of it',
  water: 'it cools them',
  'open-again': 'shut in where they are to stay they overheat or starve',
  cover: 'belongs to this stage',
}

/** The names of the set-down places. */
const PLACE_WORDS = ['the upturned roof', 'the ground board', 'the spare stand'] as const
function placeWord(pile: VisitStep['from']): string {
  return pile === 'hive' ? 'the hive' : pile === 'van' ? 'the van' : setDownWord(pile)
}
/** A set-down place by its number, from one. */
export function setDownWord(place: number): string {
  return PLACE_WORDS[place - 1] ?? `place ${place}`
}

/** What is done on a move beside parts that come and go; the distance is common practice. */
function travelTaskInWords(task: TravelTask, units: UnitSystem): string {
  const tasks: Record<TravelTask, string> = {
    distance:
      units === 'mm'
        ? 'Ask how far it goes: a metre or less a day, or more than about 5 km'
        : 'Ask how far it goes: a few feet a day, or more than about 3 miles',
    fix: 'Strap or screw every part to the next, floor to screen',
    shade: 'On the road: out of the sun, nothing on the screen, never left standing in a closed car',
    water: 'In heat, spray water through the mesh at every stop',
    'open-again':
      'At the new place, open the entrance at once, with a branch before it; the roof goes on when they are out',
  }
  return tasks[task]
}

/** A step to be done: `Take super 1 off, onto the ground board. 25.2 kg`. */
export function visitStepInWords(
  step: VisitStep,
  name: string,
  change: PartChange['change'] | undefined,
  { units }: Reader,
  isRoof = false,
): string {
  const mass = step.kg > 0 ? `, ${showMass(step.kg, units)}` : ''
  const changed =
    change === 'close-hole'
      ? ', its hole closed'
      : change === 'open-hole'
        ? ', its hole open'
        : change === 'space-frames'
          ? `, with ${counted(step.part?.contents.length ?? 0, 'frame')}`
          : ''
  if (step.task) return travelTaskInWords(step.task, units)
  if (step.sortInto) return `Go through ${name} frame by frame, until it holds no bees, no brood and no food`
  if (step.attachment)
    return step.to === 'hive'
      ? `Put the ${name} on${step.attachment.edge === 'upper' ? ', opening at the upper edge' : ''}`
      : `Take the ${name} off`
  if (step.from === 'hive' && step.to === 'hive')
    return change === 'close-hole'
      ? `Close the hole of the ${name}`
      : change === 'open-hole'
        ? `Open the hole of the ${name}`
        : change === 'space-frames'
          ? `Space the frames of ${name} anew`
          : `Keep ${name} as it is from now on`
  if (isRoof && step.to === 1) return `${capital(name)} off, upside down on the ground: boxes go on it${mass}`
  if (step.to === 'hive')
    return (
      `${capital(name)} from ${placeWord(step.from)} onto the ` +
      `hive${step.turned ? ', turned over' : ''}${changed}${mass}`
    )
  return `${capital(name)} off ${placeWord(step.from)}, to ${placeWord(step.to)}${mass}`
}

/** `5 lifts, 70.1 kg (62.0 to 81.0 kg) in 8 moves`. */
export function workInWords({ lifts, kg, moves }: Work, { units }: Reader, bounds?: Bounds): string {
  const between = bounds && bounds.high - bounds.low >= 0.1 ? ` (${rangeInWords(bounds, { units })})` : ''
  return `${counted(lifts, 'lift')}, ${showMass(kg, units)}${between} in ${counted(moves, 'move')}`
}

/** Beside every word of a flame at wood. */
export const SCORCH_CAUTION =
  'outdoors, wax scraped off first, water at hand, nothing dry near, never painted or treated wood, foam or plastic'

/** Beside every word of washing soda. */
export const SODA_CAUTION =
  'washing soda burns eyes and skin: gloves and goggles on, soda into the water and never water onto it, rinse well'

/** How what comes home is kept. */
export function storingInWords(
  pattern: Pick<Pattern, 'kind' | 'material' | 'label'>,
  hasHeld: readonly string[],
  { vocabulary }: Reader,
): string {
  const clean =
    pattern.material === 'polystyrene'
      ? `scrub with washing soda, never boil or scorch; ${SODA_CAUTION}`
      : pattern.material === 'wood' && !isExcluder({ pattern })
        ? `scrape, scorch the bare wood inside; ${SCORCH_CAUTION}`
        : 'scrape and wash'
  if (!isBox({ pattern })) return `${capital(inWords(pattern.label, vocabulary))}: ${clean}.`
  return (
    `${capital(inWords(pattern.label, vocabulary))}: combs frozen against wax moth, then ` +
    'stacked with ' +
    `air${hasHeld.includes('brood') ? '; it has held brood, so it is no super any more' : ''}; ` +
    `an empty one: ${clean}.`
  )
}
