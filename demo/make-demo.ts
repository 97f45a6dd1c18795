import { writeFileSync } from 'node:fs'
import { CATALOGUE, attachmentPlaceOf, type FrameState, type Part, type Role, type Spacing } from '#core/parts'
import { CALENDARS } from '#core/year'
import { buildHive, closedUp, emptyYard, newPart, planOf, type Hive, type Stage, type Yard } from '#core/yard'
import type { Length } from '#core/units'
import { demoBook } from './make-book'
import { demoLog } from './make-log'

/** The demo yards, written to demo-plan.json beside this file: `npx tsx demo/make-demo.ts`. */
interface Story {
  readonly name: string
  readonly stage: Stage
  readonly note: string
  readonly stack: readonly (readonly [patternId: string, role?: Role])[]
  /** Layers, counted from the ground, that stand the other way up than they are drawn. */
  readonly turned?: readonly number[]
  /** A rim as the ruler had it, by layer. */
  readonly rimsMm?: Readonly<Record<number, number>>
  readonly fittings?: readonly string[]
  /** Layers whose hole is closed. */
  readonly closedHoles?: readonly number[]
  /** What is in the frames of a layer, and how they are spaced. */
  readonly frames?: Readonly<Record<number, Frames>>
}

interface Frames {
  readonly spacing?: Spacing
  /** So many of its frames, not all. */
  readonly count?: number
  /** One state for all, or one after the other across the box. */
  readonly states?: readonly FrameState[]
}

const [HONEY, NECTAR, POLLEN, BROOD, EMPTY]: readonly FrameState[] = (['capped-honey', 'nectar', 'pollen', 'brood', 'empty'] as const).map((holds) => ({ comb: 'drawn', holds }))
const SHEET: FrameState = { comb: 'wax-foundation' }
const BARE: FrameState = { comb: 'foundationless' }
/** A brood nest as it stands in the flow: honey outside, pollen next, brood in the middle. */
const nest = (count: number): FrameState[] => Array.from({ length: count }, (_, i) => (i === 0 || i === count - 1 ? HONEY! : i === 1 || i === count - 2 ? POLLEN! : BROOD!))
const NINE: Spacing = { system: 'spacer', count: 9, slack: 'both-sides' }

const ruler = (mm: number): Length => ({ mm, plusMinusMm: 0.5, source: { mark: 'measured', text: 'steel rule, half millimetres' } })

const SALLOW_QUAY: readonly Story[] = [
  {
    name: 'Twill', stage: 'flow', note: 'Single brood box, excluder and two supers, as the book has it. Rims measured.',
    stack: [['stand-timber-200'], ['floor-mesh-national'], ['box-national-brood', 'brood'], ['excluder-framed-national'], ['box-national-super', 'super'], ['box-national-super', 'super'], ['crown-national'], ['roof-telescoping-national']],
    rimsMm: { 3: 8, 6: 8 }, fittings: ['entrance-block'],
    frames: { 2: { states: nest(11) }, 4: { states: [NECTAR!, HONEY!, HONEY!, HONEY!, HONEY!, HONEY!, HONEY!, HONEY!, HONEY!, NECTAR!, EMPTY!] }, 5: { states: [SHEET, SHEET, NECTAR!, NECTAR!, EMPTY!, EMPTY!, NECTAR!, SHEET, SHEET, SHEET, SHEET] } },
  },
  {
    name: 'Calico', stage: 'flow', note: 'The lower super came from another keeper.',
    stack: [['stand-timber-200'], ['floor-mesh-national'], ['box-national-brood', 'brood'], ['excluder-framed-national'], ['box-national-super-top-space', 'super'], ['box-national-super', 'super'], ['crown-national'], ['roof-telescoping-national']],
    rimsMm: { 3: 8, 6: 8 },
  },
  {
    name: 'Gingham', stage: 'building-up', note: 'The crown board went back on in the rain.',
    stack: [['stand-timber-200'], ['floor-solid-national'], ['box-national-brood', 'brood'], ['crown-national'], ['roof-flush-national']], turned: [3], fittings: ['entrance-block'],
  },
  {
    name: 'Hessian', stage: 'supering', note: 'On 14×12, with a sheet excluder that was at hand.',
    stack: [['stand-block-8in'], ['stand-slab-4in'], ['floor-mesh-national'], ['box-national-14x12', 'brood'], ['excluder-sheet-national'], ['box-national-super', 'super'], ['crown-national'], ['roof-gabled-national']],
    rimsMm: { 6: 8 },
    frames: { 3: { states: [HONEY!, BROOD!, BROOD!, BARE, BARE, BROOD!, BROOD!, BARE, POLLEN!, EMPTY!, HONEY!] } },
  },
  {
    name: 'Damask', stage: 'winter', note: 'Packed down with a quilt of chips over the frames.',
    stack: [['stand-timber-200'], ['floor-insert-national'], ['box-national-brood', 'brood'], ['box-national-super', 'food'], ['crown-national'], ['absorber-national'], ['roof-telescoping-national']],
    rimsMm: { 4: 8 }, fittings: ['mouse-guard', 'floor-insert-board', 'ballast-brick'],
  },
  {
    name: 'Poplin', stage: 'flow', note: 'Treated in spring; the eke was to come off in a fortnight.',
    stack: [['stand-timber-200'], ['floor-mesh-national'], ['box-national-brood', 'brood'], ['eke-shallow-national'], ['crown-national'], ['roof-telescoping-national']],
  },
]

const KILN_BANK: readonly Story[] = [
  {
    name: 'Corduroy', stage: 'flow', note: 'Two deeps and four supers; reach for the steps.',
    stack: [['stand-frame-4in'], ['floor-reversible-langstroth'], ['box-langstroth-deep', 'brood'], ['box-langstroth-deep', 'brood'], ['excluder-framed-langstroth'], ['box-langstroth-medium', 'super'], ['box-langstroth-medium', 'super'], ['box-langstroth-shallow', 'super'], ['box-langstroth-shallow', 'super'], ['crown-langstroth'], ['roof-telescoping-langstroth']],
    turned: [4], fittings: ['ballast-brick'],
    frames: { 2: { states: nest(10) }, 3: { states: nest(10) }, 5: { spacing: NINE, count: 9, states: [HONEY!] }, 6: { spacing: NINE, count: 9, states: [SHEET] } },
  },
  {
    name: 'Muslin', stage: 'supering', note: 'The super on it is an 8-frame one that was at hand.',
    stack: [['stand-block-8in'], ['stand-frame-4in'], ['floor-solid-langstroth'], ['box-langstroth-deep', 'brood'], ['box-langstroth-8-medium', 'super'], ['crown-langstroth'], ['roof-telescoping-langstroth']],
  },
  {
    name: 'Ticking', stage: 'building-up', note: '8-frame mediums throughout, no excluder.',
    stack: [['stand-timber-200'], ['floor-mesh-langstroth-8'], ['box-langstroth-8-medium', 'brood'], ['box-langstroth-8-medium', 'brood'], ['box-langstroth-8-medium', 'brood'], ['crown-langstroth-8'], ['roof-telescoping-langstroth-8']],
    fittings: ['entrance-block'],
  },
  {
    name: 'Serge', stage: 'settling', note: 'A package hived in a hurry; floor and inner cover stayed at home.',
    stack: [['stand-timber-200'], ['box-langstroth-deep', 'brood'], ['roof-telescoping-langstroth']],
  },
  {
    name: 'Flannel', stage: 'winter', note: 'Deep and medium with a slab over the inner cover; the excluder is still in.',
    stack: [['stand-frame-4in'], ['floor-solid-langstroth'], ['box-langstroth-deep', 'brood'], ['excluder-framed-langstroth'], ['box-langstroth-medium', 'food'], ['crown-langstroth'], ['slab-langstroth'], ['roof-telescoping-langstroth']],
    fittings: ['mouse-guard', 'ballast-brick'], closedHoles: [5],
  },
]

function tell(story: Story): { hive: Hive; parts: Part[] } {
  let count = 0
  const makeId = () => `${story.name.toLowerCase()}/${count++}`
  const { hive, parts } = buildHive(story, CATALOGUE, makeId)
  const measured = parts.map((part, layer) => hungAs(part, story.frames?.[layer])).map((part, layer) => {
    const rim = story.rimsMm?.[layer]
    const held: Part = story.closedHoles?.includes(layer) ? { ...part, hole: 'closed' } : part
    return rim === undefined ? held : { ...held, measured: { rimDepth: ruler(rim) } }
  })
  const fittings = (story.fittings ?? []).map((patternId) => newPart(CATALOGUE.patterns.get(patternId)!, CATALOGUE, makeId))
  return {
    parts: [...measured, ...fittings],
    hive: {
      ...hive,
      stack: hive.stack.map((placement, layer) => (story.turned?.includes(layer) ? { ...placement, turnedOver: true } : placement)),
      attachments: fittings.map((part) => ({ partId: part.id, place: attachmentPlaceOf(CATALOGUE.patterns.get(part.patternId)!)!, ...(part.patternId === 'mouse-guard' ? { edge: 'upper' as const } : {}) })),
    },
  }
}

/** A box with its frames as the story has them. */
function hungAs(part: Part, frames: Frames | undefined): Part {
  if (!frames) return part
  const kept = closedUp(part.contents.slice(0, frames.count ?? part.contents.length))
  const states = frames.states ?? []
  return { ...part, ...(frames.spacing ? { spacing: frames.spacing } : {}), contents: kept.map((content, i) => (CATALOGUE.hanging.get(content.patternId)?.kind === 'frame' ? { ...content, ...states[i % states.length] } : content)) }
}

/** What lies in the shed of Kiln Bank: spare supers, and a home-made rim as it was measured. */
function shedOfKilnBank(): Part[] {
  let count = 0
  const make = (patternId: string) => newPart(CATALOGUE.patterns.get(patternId)!, CATALOGUE, () => `shed/${count++}`)
  const inch = (fraction: string, mm: number): Length => ({ mm, plusMinusMm: 1.5875, source: { mark: 'measured', text: 'folding rule, sixteenths' }, inches: fraction })
  return [
    { ...make('box-langstroth-medium'), hasHeld: ['honey'] },
    { ...make('box-langstroth-medium'), hasHeld: ['honey', 'brood'], condition: 'worn' },
    { ...make('box-langstroth-8-medium'), hasHeld: ['honey'] },
    make('box-drain-super'),
    { ...make('eke-langstroth'), name: 'Home-made rim', measured: { outsideLength: inch('20', 508), outsideWidth: inch('16 1/8', 409.575), rimWidth: inch('3/4', 19.05) } },
  ]
}

function yard(id: string, name: string, note: string, stories: readonly Story[], season: NonNullable<Yard['season']>, shed: readonly Part[] = []): Yard {
  const told = stories.map(tell)
  return { ...emptyYard(id, name), note, hives: told.map(({ hive }) => hive), parts: [...told.flatMap(({ parts }) => parts), ...shed], season }
}

/** Both demo yards as one plan. */
export function demoPlan() {
  const yards = [
    yard('sallow-quay', 'Sallow Quay', 'Harbour allotments, cool and maritime.', SALLOW_QUAY, { calendar: CALENDARS['cool-maritime'] }),
    yard('kiln-bank', 'Kiln Bank', 'An old quarry edge, cold in winter.', KILN_BANK, { calendar: CALENDARS['cold-continental'], way: { winterTop: 'condensing' } }, shedOfKilnBank()),
  ]
  return { ...planOf(yards), books: yards.map((one) => ({ yardId: one.id, entries: demoBook(one) })) }
}

if (process.argv[1]?.endsWith('make-demo.ts')) {
  const plan = demoPlan()
  writeFileSync(new URL('demo-plan.json', import.meta.url), `${JSON.stringify(plan, null, 1)}\n`)
  writeFileSync(new URL('demo-log.json', import.meta.url), `${JSON.stringify(plan.yards.map((one) => ({ yardId: one.id, entries: demoLog(one) })), null, 1)}\n`)
}
