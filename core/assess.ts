import { catalogueOf } from './catalogue'
import {
  bandOf,
  bySeverity,
  betterWays,
  judgeGap,
  worse,
  type Context,
  type Finding,
  type Grade,
  type JudgedGap,
  type Measured,
} from './checks'
import { checkEndBars, checkVerticalGaps } from './checks/bee-space'
import { checkFrames } from './checks/fit'
import { checkComb, checkDrainFrames, checkFrameSpacing, checkSideRoom } from './checks/frames'
import { checkJoints } from './checks/joints'
import { checkFeedersAndEmptyBoxes } from './checks/order/feeders-and-empty'
import { checkQueenOrder } from './checks/order/queen-order'
import { checkStackOrder } from './checks/order/stack-order'
import { checkRoom } from './checks/room'
import { withoutHarm } from './checks/trial'
import { areAsMade } from './checks/usual-joint'
import {
  checkBait,
  checkEntrance,
  checkFood,
  checkGrowth,
  checkHeadspace,
  checkSeasonBoxes,
  checkTravel,
  checkWinterTop,
} from './checks/season'
import { assembleHive, gapsOf, jointsOf, layOut, partsById, type AssembledHive, type Gap } from './geometry'
import type { Climate, Hive, Yard } from './hive'
import { comparableMm } from './units'

/** All that is known about a hive as it stands; never stored, always computed again. */
export interface Assessment extends Measured {
  readonly findings: readonly Finding[]
  readonly heightMm: number
  /** The worst grade of what is not accepted. */
  readonly worst: Grade
}

const CHECKS: readonly ((measured: Measured, context: Context) => Finding[])[] = [
  checkStackOrder,
  checkQueenOrder,
  checkFeedersAndEmptyBoxes,
  checkJoints,
  checkFrames,
  checkVerticalGaps,
  checkEndBars,
  checkFrameSpacing,
  checkSideRoom,
  checkComb,
  checkDrainFrames,
  checkRoom,
  checkEntrance,
  checkWinterTop,
  checkSeasonBoxes,
  checkTravel,
  checkHeadspace,
  checkGrowth,
  checkFood,
  checkBait,
]

/**
 * Assesses a stack: where every part sits, every gap with what it is made of, what the bees will do with it,
 * and every finding, worst first; its ways out are tried by `remediesOf`. Lengths in mm.
 */
export function assess(assembled: AssembledHive, context: Context): Assessment {
  const measured = measure(assembled, context)
  const findings = CHECKS.flatMap((check) => check(measured, context))
    .map((finding) => guarded(withAcceptance(finding, assembled.hive), measured, context))
    .sort(bySeverity)
  const worst = findings.reduce<Grade>(
    (grade, finding) => (finding.acceptance ? grade : worse(grade, finding.severity)),
    'good',
  )
  return { ...measured, findings, heightMm: measured.layout.heightMm, worst }
}

/** The geometry alone, without the checks. */
export function measure(assembled: AssembledHive, context: Context): Measured {
  const layout = layOut(assembled)
  const { gaps: plain, reachedFromBelow } = gapsOf(layout, context.figures.beeTight)
  const ways = betterWays(layout, plain, context.band)
  const turned = new Set(ways.flatMap(({ better, partId }) => (better === 'turned' ? [partId] : [])))
  const byId = new Map(layout.parts.map(({ part, resolved }) => [part.id, resolved]))
  const asMade = ({ lowerId, upperId }: Gap) =>
    !turned.has(lowerId) && !turned.has(upperId) && areAsMade(byId.get(lowerId)!, byId.get(upperId)!)
  const gaps: JudgedGap[] = plain.map((gap) => judgeGap(gap, context, asMade(gap)))
  return { assembled, layout, gaps, reachedFromBelow, joints: jointsOf(layout), betterWays: ways }
}

/** The climate of a yard that has not said what year it is. */
const USUAL_CLIMATE: Climate = 'cool-maritime'

/** When a hive is looked at: the day where it is known, and whether it stands so or is planned so. */
export type Look = Pick<Context, 'today' | 'planned'>

/** The context of a hive in its yard: its stage, and the yard's catalogue, band, figures and climate. */
export function contextOf(yard: Yard, hive: Hive, look: Look = {}): Context {
  const catalogue = catalogueOf(yard)
  const { figures } = catalogue
  return {
    catalogue,
    stage: hive.stage,
    band: bandOf(yard.band, figures),
    figures,
    prolific: yard.prolific,
    climate: yard.season?.calendar?.climate ?? USUAL_CLIMATE,
    ...look,
  }
}

/**
 * Assesses one hive of a yard.
 * @param parts the yard's parts by identity, where they are at hand already
 * @param look what is due by a day is judged only where the day is given
 */
export function assessHive(yard: Yard, hive: Hive, parts = partsById(yard), look: Look = {}): Assessment {
  const context = contextOf(yard, hive, look)
  return assess(assembleHive(hive, parts, context.catalogue), context)
}

/** Ways out are gone through for harm once somebody looks at them: most findings are only counted. */
function guarded(finding: Finding, measured: Measured, context: Context): Finding {
  return { ...finding, ways: () => withoutHarm(measured, finding.ways(), context) }
}

/** An acceptance holds as long as the figure is the one that was accepted. */
function withAcceptance(finding: Finding, hive: Hive): Finding {
  const acceptance = hive.accepted.find(({ findingKey }) => findingKey === finding.key)
  if (!acceptance) return finding
  const now = finding.measured ? comparableMm(finding.measured.mm) : null
  const then = acceptance.measuredMm === null ? null : comparableMm(acceptance.measuredMm)
  return now === then ? { ...finding, acceptance } : finding
}
