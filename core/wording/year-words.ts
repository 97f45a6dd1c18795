import type { Pattern, BoxSize } from '../catalogue'
import type { Climate, VisitStep, Way } from '../hive'
import type { CalendarProblem, PartChange, Bounds, StepReason, Work } from '../season'
import { showMass } from '../units'
import { rangeInWords } from './weight-words'
import { capital, inWords, stageWord, type Reader } from './names'
import { inVocabulary } from './vocabulary'
import { isBox, isExcluder } from '../parts'

export const CLIMATE_WORDS: Record<Climate, string> = {
  'cool-maritime': 'cool, by the sea',
  'cold-continental': 'cold inland winters',
  'warm-temperate': 'warm, two flows',
  'tropical-highland': 'tropical highland, no winter',
}

/** A choice with what it gains and what it gives up. */
interface Choice {
  readonly value: string
  readonly word: string
  readonly gains: string
  readonly gives: string
}

export interface WayField {
  readonly field: keyof Way
  readonly word: string
  readonly choices: readonly Choice[]
}

const choice = (value: string | number | boolean, word: string, gains: string, gives: string): Choice => ({
  value: String(value),
  word,
  gains,
  gives,
})

/** The value of a choice, from the text that a list gives. */
export function wayValue(field: keyof Way, text: string): Way[keyof Way] {
  return field === 'supers' || field === 'framesLess'
    ? Number(text)
    : field === 'feeds'
      ? text === 'true'
      : (text as never)
}

/** Every choice of a way of keeping, in the keeper's words. */
export function wayFields({ vocabulary }: Reader): WayField[] {
  const british = vocabulary === 'british'
  const size: Record<BoxSize, string> = british
    ? { deep: 'brood depth', medium: 'medium', shallow: 'super depth', large: 'large (14×12, jumbo)' }
    : { deep: 'deep', medium: 'medium', shallow: 'shallow', large: 'jumbo' }
  const fields: readonly WayField[] = [
    {
      field: 'broodForm',
      word: 'Brood in',
      choices: [
        choice('as-it-stands', 'the boxes that stand there', 'no box to get or to change', 'stays with what is there'),
        choice(
          'single',
          'one brood box',
          'one box to look through, least to lift',
          'tight for a prolific queen; food is watched closely',
        ),
        choice('single-large', 'one large box', 'all brood in one box', 'the heaviest frames and box of all'),
        choice(
          'with-food',
          'one brood box and a food box',
          'winter food stays on the hive',
          'one box more to own and to lift',
        ),
        choice(
          'brood-and-half',
          british ? 'brood and a half' : 'one deep and one shallow',
          'room without a second deep',
          'two frame sizes in the brood nest',
        ),
        choice(
          'double',
          'two brood boxes',
          'room for a prolific queen, much food',
          'two heavy boxes; every look goes through both',
        ),
        choice(
          'mediums',
          'three medium boxes',
          'every frame fits every box; light boxes',
          'more boxes, more lifts, more frames to look at',
        ),
      ],
    },
    {
      field: 'excluder',
      word: 'Excluder',
      choices: [
        choice(
          'above-brood',
          'above the brood',
          'no brood in the crop, the queen is easier to find',
          'one more thing in the bees’ way; that it costs honey is often said and was never measured',
        ),
        choice('above-food', 'above the food box', 'the queen may use the food box', 'more boxes to look for her in'),
        choice('none', 'none', 'nothing in the bees’ way', 'brood may be in the crop'),
      ],
    },
    {
      field: 'supers',
      word: 'Supers in the flow',
      choices: Array.from({ length: 7 }, (_, n) =>
        choice(
          n,
          String(n),
          n < 3 ? 'little to own, little to lift' : 'room in a good flow',
          n < 3 ? 'may run out in mid-flow' : 'more boxes, a higher stack',
        ),
      ),
    },
    {
      field: 'superSize',
      word: 'Supers of',
      choices: (Object.keys(size) as BoxSize[]).map((one) =>
        choice(
          one,
          size[one],
          one === 'deep' || one === 'large' ? 'one size for all' : 'lighter to lift',
          one === 'deep' || one === 'large'
            ? 'very heavy when full'
            : 'another frame size than the brood, unless all are alike',
        ),
      ),
    },
    {
      field: 'framesLess',
      word: 'Frames in drawn supers',
      choices: [
        choice(0, 'full count', 'straight comb, brood frames fit between', 'more frames to uncap'),
        choice(1, 'one fewer', 'thicker comb, easier to uncap', 'only on drawn comb'),
        choice(
          2,
          'two fewer',
          'fewest frames to uncap',
          'only on drawn comb; about the honey of one fewer, since bees draw comb no thicker than about 40 mm',
        ),
      ],
    },
    {
      field: 'superStart',
      word: 'New supers start on',
      choices: [
        choice('foundation', 'foundation', 'straight comb at once', 'foundation is bought'),
        choice(
          'alternating',
          'foundation and empty by turns',
          'half the foundation, straight guides',
          'needs a level hive',
        ),
        choice(
          'foundationless',
          'no foundation',
          'nothing is bought',
          'comb may run across without a drawn one beside it',
        ),
      ],
    },
    {
      field: 'floor',
      word: 'Floor',
      choices: [
        choice('as-it-stands', 'as it is', 'no floor to get', 'stays with what is there'),
        choice('solid', 'solid', 'no draught', 'wet is not drained, no mite count'),
        choice('mesh', 'mesh', 'air, and mites fall through a little', 'draught in the cold'),
        choice(
          'mesh-and-insert',
          'mesh with insert',
          'a mite count, and less draught',
          'the insert is pulled and cleaned',
        ),
      ],
    },
    {
      field: 'winterTop',
      word: 'Winter top',
      choices: [
        choice('condensing', 'warm and closed', 'water forms at the walls and is drunk', 'top and holes must be tight'),
        choice(
          'absorbing',
          'absorbing',
          'chips take up the wet; some set it straight on the box, others over a board with its hole open',
          'chips are dried or changed; holes above them needed',
        ),
        choice('vented', 'vented', 'damp air leaves at the top', 'warmth leaves with it'),
        choice('bare', 'bare', 'nothing to own', 'only where winters are mild'),
      ],
    },
    {
      field: 'winterSize',
      word: 'Winter in',
      choices: [
        choice('all', 'all its boxes', 'more food', 'more space to heat'),
        choice(
          'one',
          'one box',
          'less space to heat: 10 000 to 15 000 bees cover 7 to 8 frames',
          'less food on the hive',
        ),
      ],
    },
    {
      field: 'crops',
      word: 'Crop',
      choices: [
        choice('one', 'once', 'one round of work', 'spring honey may set in the comb'),
        choice(
          'spring-and-summer',
          'spring and summer',
          'spring honey comes off before it sets; half the supers stand at once, so the stack is lower',
          'two rounds of work; have the next boxes ready when the first come off',
        ),
      ],
    },
    {
      field: 'feeds',
      word: 'Feeder',
      choices: [
        choice(
          true,
          'on while settling and after the crop',
          'stores up to weight in time',
          'sugar to buy; never with crop supers on',
        ),
        choice(false, 'none', 'nothing to own', 'what is short stays short'),
      ],
    },
  ]
  const said = (text: string) => inVocabulary(text, vocabulary)
  return fields.map((one) => ({
    ...one,
    choices: one.choices.map((each) => ({
      ...each,
      word: said(each.word),
      gains: said(each.gains),
      gives: said(each.gives),
    })),
  }))
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
  const word = FIELD_WORDS[field] ?? `The beginning of ${stageWord(field as never)}`
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
  crop: 'the crop comes off, never more than winter leaves',
  'winter-form': 'not part of the winter form',
  'queen-to-food': 'the queen must be able to follow the food',
  'clean-crop': 'keeps the queen out of the crop',
  'room-for-nectar': 'room for nectar before it is needed',
  'room-for-brood': 'room for brood',
  'winter-top': 'keeps the top warmer than the walls',
  'winter-top-off': 'not needed any more',
  settling: 'a new colony keeps to one box',
  'sort-frames': 'no box leaves with bees, brood or their food in it',
  'guard-instead': 'the mouse guard takes its place',
  'another-door': 'another door takes its place',
  mice: 'keeps mice out',
  robbing: 'a narrow door is easier to guard',
  'full-entrance': 'full entrance for the traffic',
  'insert-in': 'less draught',
  'insert-out': 'air and a free fall for mites',
  feed: 'food',
  'feed-off': 'food comes in by itself',
  floor: 'the floor that was chosen',
  travel: 'closed for the road, with air',
  cover: 'belongs to this stage',
}

/** The names of the set-down places. */
const PLACE_WORDS = ['the upturned roof', 'the ground board', 'the spare stand'] as const
function placeWord(pile: VisitStep['from']): string {
  return pile === 'hive' ? 'the hive' : pile === 'van' ? 'the van' : (PLACE_WORDS[pile - 1] ?? `place ${pile}`)
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
          ? `, with ${step.part?.contents.length ?? 0} frames`
          : ''
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
  return (
    `${lifts} ${lifts === 1 ? 'lift' : 'lifts'}, ${showMass(kg, units)}${between} in ${moves} ` +
    `${moves === 1 ? 'move' : 'moves'}`
  )
}

/** How what comes home is kept. */
export function storingInWords(
  pattern: Pick<Pattern, 'kind' | 'material' | 'label'>,
  hasHeld: readonly string[],
  { vocabulary }: Reader,
): string {
  const clean =
    pattern.material === 'polystyrene'
      ? 'scrub with washing soda, never boil or scorch'
      : pattern.material === 'wood' && !isExcluder({ pattern })
        ? 'scrape, scorch the inside'
        : 'scrape and wash'
  if (!isBox({ pattern })) return `${capital(inWords(pattern.label, vocabulary))}: ${clean}.`
  return (
    `${capital(inWords(pattern.label, vocabulary))}: combs frozen against wax moth, then ` +
    'stacked with ' +
    `air${hasHeld.includes('brood') ? '; it has held brood, so it is no super any more' : ''}; ` +
    `an empty one: ${clean}.`
  )
}
