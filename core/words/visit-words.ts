import { type Catalogue, isRoof } from '../parts'
import type { PartLookup } from '../stack'
import type { KnownFood, Placement, Stage, VisitStep } from '../yard'
import {
  cautionsOfStep,
  reasonOf,
  sortFrames,
  type Cannot,
  type Caution,
  type Feed,
  type PartChange,
  type Parting,
} from '../year'
import { holdsWord } from './frame-words'
import { capital, counted, listed, patternName, type Reader } from './names'
import { inVocabulary } from './vocabulary'
import { REASON_WORDS, visitStepInWords } from './year-words'

/** What always stands beside acids. */
export const ACID_CAUTION =
  'Acids burn lungs, eyes and skin: a respirator with the cartridge for acid vapour, never a dust mask, goggles, ' +
  'gloves, ' +
  'water at hand, nobody down the wind; a vaporiser is hot.'

export const CAUTION_WORDS: Record<Caution, string> = {
  'parting-in-cold': 'Do not part boxes below about 10 °C: the brood chills and seals stay broken. Heft instead.',
  'too-late-to-part':
    'Winter is less than a fortnight away: the bees cannot glue this joint again. Leave it, ' +
    'unless the colony would starve.',
  'last-look':
    'Have the last inspection a fortnight before winter, so that the bees can glue the joints ' +
    'again; after it nothing is parted.',
  treatment:
    'Treatments: only products allowed where you are, by the label; whether crop supers may be on is its word. ' +
    ACID_CAUTION,
  headspace: 'Headspace stays on as long as the treatment or the feed lasts: set the day on which it comes off.',
  feeding:
    'Sugar never under crop supers. Feed in the evening, all hives on one day, nothing spilt, entrances small; never ' +
    'honey, comb or feed of other bees: it carries foul brood. A swarm is fed after a day or two.',
  'clear-of-bees':
    'Clear the bees out of it first: an escape board under it a day or two before, a day at the most where small ' +
    'hive beetle is, or shake and brush them off. A comb with brood stays on the hive. Cover each box at once: ' +
    'open honey starts robbing.',
  robbing:
    'Open honey, and nothing comes in: robbers. Boxes covered at once, entrances small, short work towards ' +
    'evening; where ' +
    'bees fight at the entrances, close up and stop.',
  'go-down':
    'Choose a mild day. An escape board under the box a day or two before drives the bees ' +
    'down; it does not move brood. A colony too weak for one box is united instead, disease ' +
    'free.',
  'queen-below': 'Is the queen below it? Look for her, or for eggs, before the excluder goes on.',
  'starves-soon':
    'With its supers off, a strong colony without a flow can starve within days: leave what ' +
    'it needs, and look again within the week.',
  'food-each-week':
    'Food runs out now, not in winter: heft or look each week or two, and never leave a colony with less than two ' +
    'full frames.',
  'treatment-time':
    'Where mites are treated now: only products allowed where you are, by the label, also for supers. ' + ACID_CAUTION,
  'clear-door': 'On a mild day, rake the dead bees from the entrance.',
  'close-drains': 'Close every drain frame before it goes back on.',
  'quilt-air': 'The roof must leave its vents free: the damp goes out above the chips.',
  'two-people': 'A load for two, or take frames out one by one.',
  travel:
    'Nothing lies on the screen, on the road or while you wait: a covered screen on a closed floor can kill a strong ' +
    'colony within the hour. The roof is carried apart. Out of the sun; in heat, water through the mesh.',
  'close-when-in': 'Close it when the last bees are in, at dusk or before dawn: those that are out then are lost.',
  defensive:
    'Where bees are defensive: well away from people and animals, full dress, towards evening, help near, a way ' +
    'to run.',
  'hive-beetle':
    'Where small hive beetle is: no box stands off its hive, and honey is extracted within a day or two; slime ' +
    'spoils it.',
  smoker: 'A smoker is a fire: put it out, and set it down where nothing burns.',
  stings:
    'Stings can kill an allergic person: emergency help first, then what was prescribed. Have help within call, and ' +
    'do not work alone if you are allergic.',
  lifting: 'Close to the body, feet turned instead of the back; a doctor’s limit goes before any figure here.',
  disease: 'Notifiable diseases are reported; local law and your bee inspector go before what stands here.',
}

/** A caution in the reader's words and units. */
export function cautionInWords(caution: Caution, { vocabulary, units }: Reader): string {
  return inVocabulary(
    units === 'mm' ? CAUTION_WORDS[caution] : CAUTION_WORDS[caution].replace('10 °C', '50 °F'),
    vocabulary,
  )
}

export const CANNOT_WORDS: Record<Cannot, string> = {
  broken: 'It is broken',
  'not-here': 'It is not here',
  'too-heavy': 'Too heavy for me',
  'bees-or-weather': 'The bees or the weather do not let me',
  other: 'Something else',
}

/** What is known of a hive that a visit is made to. */
export interface VisitTo {
  readonly toStage: Stage
  readonly catalogue: Catalogue
  /** Names of the parts that stand there, or stood there last. */
  readonly names: ReadonlyMap<string, string>
  readonly parts: PartLookup
  readonly roleOf: (partId: string) => Placement['role']
  /** Whether boxes may be parted on the day of the visit. */
  readonly parting: Parting
  /** What is known of the hive's food; nothing where it is left out. */
  readonly food?: KnownFood | undefined
}

/** What a step of a visit says. */
export interface StepWords {
  /** How it is done, line by line, where the step itself does not say. */
  readonly how?: readonly string[]
  /** Asked before it may be ticked: the answer that ticks it. */
  readonly asks?: string
  readonly text: string
  readonly why: string
  readonly cautions: readonly string[]
}

/** A step with its reason and the cautions that belong to it. */
export function stepOfVisitInWords(
  step: VisitStep,
  { toStage, catalogue, names, parts, roleOf, parting, food }: VisitTo,
  reader: Reader,
): StepWords {
  const pattern = catalogue.patterns.get(step.patternId)
  const name = names.get(step.partId) ?? patternName(step.patternId, catalogue, reader.vocabulary)
  const said = (text: string) => inVocabulary(text, reader.vocabulary, names.values())
  const reason = reasonOf(step, pattern, step.placement?.role ?? roleOf(step.partId), toStage)
  return {
    text: said(capital(visitStepInWords(step, name, changeIn(step, parts), reader, isRoof({ pattern })))),
    why: said(REASON_WORDS[reason]),
    ...(reason === 'crop' && !step.sortInto ? { how: [said(cropInWords(step.partId, food))] } : {}),
    ...(step.sortInto
      ? {
          how: sortingInWords(step, parts, (id) => names.get(id) ?? 'the box that stays', reader),
          asks: `Yes: ${name} is free of bees, brood and food`,
        }
      : {}),
    cautions: cautionsOfStep(
      step,
      pattern,
      toStage,
      catalogue.figures,
      parting,
      step.placement?.role ?? roleOf(step.partId),
    ).map((caution) => cautionInWords(caution, reader)),
  }
}

/** Whether a super is crop, by the food of its hive. */
function cropInWords(partId: string, food: KnownFood | undefined): string {
  if (!food?.stores)
    return (
      'First heft or weigh the hive, or count its sealed combs, and write it in its book: nobody knows what is ' +
      'in it. Only what its food can spare comes off; else this super stays on as food.'
    )
  if (food.stillFills)
    return (
      'It is still being filled: weigh or heft the hive on the day. Only what its food can spare comes off; else ' +
      'this ' +
      'super stays on as food.'
    )
  return food.mayGo.includes(partId)
    ? 'By the book’s food it may go: what stays covers the need.'
    : 'By the book’s food nothing of it can be spared today: it stays on as food, unless a later weighing says more.'
}

/** Where the frames go of a box that is to leave, comb by comb as far as they are known, in the order of work. */
function sortingInWords(
  { partId, sortInto = [] }: VisitStep,
  parts: PartLookup,
  nameOf: (partId: string) => string,
  reader: Reader,
): string[] {
  if (sortInto.length === 0)
    return [
      'Its combs fit no box that stays: leave it on top until the colony has moved out of it, and come back then.',
    ]
  const there = listed(sortInto.map(nameOf))
  const leaving = parts.get(partId)
  const staying = sortInto.flatMap((id) => parts.get(id) ?? [])
  const { moves, unknown } = leaving ? sortFrames(leaving, staying) : { moves: [], unknown: 0 }
  const combs = moves.map(({ content, place, into }) => {
    const comb = `Comb ${place}, ${holdsWord(content.holds ?? 'empty', reader)}`
    if (into) return `${comb}: into ${nameOf(into.partId)}, in the place of comb ${into.place}.`
    return content.holds === 'brood'
      ? `${comb}: no place is free for it. Leave this box on until it has hatched.`
      : `${comb}: over; to a hive that is short, or back here on top.`
  })
  return [
    `Find the queen, and see her into ${there}.`,
    ...combs,
    ...(unknown > 0 || combs.length === 0
      ? [
          `${unknown > 0 ? `Of ${counted(unknown, 'comb')} nobody has said what they hold: look at each. ` : ''}` +
            `Combs with bees, brood and food go into ${there}, in the place of empty and undrawn ones.`,
        ]
      : []),
    'Food that is over goes to hives that are short.',
    'Shake the last bees down.',
  ]
}

function changeIn({ partId, part }: VisitStep, parts: PartLookup): PartChange['change'] | undefined {
  const before = parts.get(partId)
  if (!part || !before) return undefined
  if (part.hole !== before.hole) return part.hole === 'closed' ? 'close-hole' : 'open-hole'
  return part.contents.length === before.contents.length ? undefined : 'space-frames'
}

export const FEED_WORDS: Record<Feed, string> = {
  'two-to-one': 'syrup of two parts sugar to one of water, by mass',
  'one-to-one': 'syrup of equal parts, by mass',
  fondant: 'fondant over the cluster',
}
