import { there } from '../../units'
import { dimensionMm, isBox } from '../../parts'
import type { Layout, PlacedPart } from '../../stack'
import type { HiveMass, Range } from '../weight'
import { estimatedReachCm, recommendedLimit, type OutOfRange, type Recommended } from './equation'
import { bodyHeights, type LiftProfile } from './profile'
import { guidelineKg, type GuidelineZone } from './zones'

type LiftGrade = 'good' | 'watch' | 'mend'

/** One end of a lift, judged. */
export interface JudgedEnd {
  readonly handMm: number
  readonly reachCm: number
  readonly equation: Recommended
  readonly zone: GuidelineZone | undefined
  readonly close: boolean
  readonly guidelineKg: number | null
}

/** One box as it comes off. */
export interface Lift {
  readonly partId: string
  readonly kg: Range
  readonly from: JudgedEnd
  readonly to: JudgedEnd
  /** What the chosen school allows, kg: the smaller of the two ends; null where it says nothing. */
  readonly allowedKg: number | null
  /** Mass, or the half of each of two people, over what is allowed; null where the school says nothing. */
  readonly index: number | null
  readonly outOfRange: readonly OutOfRange[]
  readonly grade: LiftGrade
  /** How many such are carried at this height: one box, or its frames one at a time. */
  readonly pieces: number
  /** Each of them, kg: a box, or the heaviest frame; an emptied box may be heavier than its frames. */
  readonly pieceKg: number
  /** Both pairs of hands are counted on: never alone. */
  readonly people: 1 | 2
}

/** Every lift that a stack asks for, from the top, with the heaviest. */
export interface StackLifts {
  /** Top box first, as they come off. The lowest box stays where it is. */
  readonly lifts: readonly Lift[]
  readonly worst: Lift | null
  readonly heaviest: Lift | null
  readonly highest: Lift | null
  /** Off and back on again. */
  readonly inspectionLifts: number
  readonly movedKg: Range
}

/** How often a box is lifted in an inspection: at most once in five minutes, for at most an hour (common practice). */
const PACE = { perMinute: 0.2, duration: 'up-to-1-hour', twistDeg: 0, coupling: 'fair' } as const

/**
 * Every box above the lowest as it comes off: mass, hands where it is taken and where it is put down, reach by its
 * width, judged by the profile's school. Boxes pile up where they are put down, unless there is a second stand.
 * Heights in mm, reach in cm. Hand-holds 65 mm below the upper edge; sources with each school.
 */
export function liftsOf(layout: Layout, mass: HiveMass, profile: LiftProfile): StackLifts {
  const boxes = layout.parts.filter(isBox)
  const lifts: Lift[] = []
  let pileMm = profile.putDownMm
  for (let i = boxes.length - 1; i > 0; i--) {
    const box = boxes[i]!
    const depthMm = box.topMm - box.bottomMm
    const putMm = profile.putDown === 'pile' ? pileMm : profile.putDownMm
    lifts.push(
      liftOf(
        box,
        there(mass.parts.get(box.part.id)).kg,
        box.topMm - box.resolved.figures.handHoldMm,
        putMm + depthMm - box.resolved.figures.handHoldMm,
        profile,
      ),
    )
    pileMm += depthMm
  }
  const moved = lifts.reduce(
    (sum, { kg }) => ({ low: sum.low + 2 * kg.low, middle: sum.middle + 2 * kg.middle, high: sum.high + 2 * kg.high }),
    { low: 0, middle: 0, high: 0 },
  )
  return {
    lifts,
    worst: worstOf(lifts),
    heaviest: most(lifts, ({ kg }) => kg.middle),
    highest: most(lifts, ({ from }) => from.handMm),
    inspectionLifts: 2 * lifts.length,
    movedKg: moved,
  }
}

function most(lifts: readonly Lift[], by: (lift: Lift) => number): Lift | null {
  return lifts.reduce<Lift | null>((best, lift) => (best && by(best) >= by(lift) ? best : lift), null)
}

/** The worst of some lifts, or null of none; one that a school says nothing of counts as the worst. */
export function worstOf(lifts: readonly Lift[]): Lift | null {
  return most(lifts, severityOf)
}

/**
 * The same boxes emptied first: their frames go one at a time into an empty box, then the emptied box. Each stands for
 * the heavier of its heaviest frame and its bare box; one person carries a frame. Common practice.
 */
export function frameByFrame({ lifts }: StackLifts, mass: HiveMass, layout: Layout, profile: LiftProfile): Lift[] {
  return lifts.map((lift) => {
    const { heaviestFrameKg, items } = there(mass.parts.get(lift.partId))
    const kg = heaviestFrameKg.middle >= items.ware.middle ? heaviestFrameKg : items.ware
    const index = lift.allowedKg === null || lift.allowedKg <= 0 ? null : kg.middle / lift.allowedKg
    const box = there(layout.parts.find(({ part }) => part.id === lift.partId))
    return {
      ...lift,
      kg,
      index,
      grade: gradeOf(index, profile),
      pieces: box.part.contents.length,
      pieceKg: heaviestFrameKg.middle,
      people: 1,
    }
  })
}

/** A lift that a school says nothing of is worse than any that it judges. */
function severityOf({ index }: Lift): number {
  return index ?? Number.POSITIVE_INFINITY
}

function liftOf(box: PlacedPart, kg: Range, fromMm: number, toMm: number, profile: LiftProfile): Lift {
  const widthCm = heldWidthMm(box) / 10
  const travelCm = Math.abs(fromMm - toMm) / 10
  const from = judgedEnd(fromMm, travelCm, widthCm, profile)
  const to = judgedEnd(toMm, travelCm, widthCm, profile)
  const allowedKg = allowed(from, to, profile)
  // The guideline of two people is a figure of its own; elsewhere each carries a half.
  const hands = profile.school === 'zones' ? 1 : profile.people
  const index = allowedKg === null || allowedKg <= 0 ? null : kg.middle / hands / allowedKg
  const outOfRange =
    profile.school === 'equation' ? [...new Set([...from.equation.outOfRange, ...to.equation.outOfRange])] : []
  return {
    partId: box.part.id,
    kg,
    from,
    to,
    allowedKg,
    index,
    outOfRange,
    grade: gradeOf(index, profile),
    pieces: 1,
    pieceKg: kg.middle,
    people: profile.people,
  }
}

/** The side that faces the body when a box is held by its ends: its width (common practice). */
function heldWidthMm(box: PlacedPart): number {
  return dimensionMm(box, 'outsideWidth')
}

function judgedEnd(handMm: number, travelCm: number, widthCm: number, profile: LiftProfile): JudgedEnd {
  const vCm = handMm / 10
  const reachCm = estimatedReachCm(widthCm, vCm)
  const guide = guidelineKg(handMm, reachCm, profile)
  return {
    handMm,
    reachCm,
    equation: recommendedLimit({ ...PACE, hCm: reachCm, vCm, dCm: travelCm }),
    zone: guide.zone,
    close: guide.close,
    guidelineKg: guide.kg,
  }
}

/** What each school says of one lift, for one person; null where it says nothing. */
export interface BothSchools {
  readonly equationKg: number | null
  readonly guidelineKg: number | null
  /** The lower of the two is the one to plan by; null where either says nothing. */
  readonly lowerKg: number | null
}

/**
 * The lifting equation and the guideline beside each other: they answer different questions, so both stand, and the
 * lower is planned by (NIOSH 94-110 and HSE L23, from memory).
 */
export function schoolsBeside({ from, to }: Pick<Lift, 'from' | 'to'>, profile: LiftProfile): BothSchools {
  const equationKg = allowed(from, to, { ...profile, school: 'equation' })
  const alone = { ...profile, people: 1 } as const
  const guide = ({ handMm, reachCm }: JudgedEnd) => guidelineKg(handMm, reachCm, alone).kg
  const byGuideline = smaller(guide(from), guide(to))
  return { equationKg, guidelineKg: byGuideline, lowerKg: smaller(equationKg, byGuideline) }
}

/** What the school allows at the worse end, kg. */
function allowed(from: JudgedEnd, to: JudgedEnd, profile: LiftProfile): number | null {
  switch (profile.school) {
    case 'equation':
      return smaller(from.equation.limitKg, to.equation.limitKg)
    case 'zones':
      return smaller(from.guidelineKg, to.guidelineKg)
    case 'own-limit': {
      const { shoulderMm } = bodyHeights(profile)
      return Math.max(from.handMm, to.handMm) > shoulderMm ? profile.limitKg / 2 : profile.limitKg
    }
  }
}

function smaller(a: number | null, b: number | null): number | null {
  return a === null || b === null ? null : Math.min(a, b)
}

/**
 * Over 1 raised strain for some, over 3 for most (equation); over a guideline or one's own limit, and over twice of it.
 */
function gradeOf(index: number | null, { school }: LiftProfile): LiftGrade {
  if (index === null) return 'mend'
  const grave = school === 'equation' ? 3 : school === 'zones' ? 2 : 1
  return index > grave ? 'mend' : index > 1 ? 'watch' : 'good'
}
