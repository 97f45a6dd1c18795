import {
  bySeverity,
  worse,
  type Grade,
  gapsOfBoth,
  assembleHive,
  hasTwoSides,
  onSide,
  partsById,
  type AssembledHive,
  type Layout,
} from '../stack'
import type { Finding } from './finding'
import { findingsOfBoth } from './both-sides'
import type { Context, MeasuredHive } from './context'
import { foundInHive, mayStay } from './checks'
import { keptPromises, triedOut, type Judgement } from './promise'
import { trialOf, yardOf } from './trial'
import { heldBack, type Edit, type Hive, type HiveSide, type Yard } from '../yard'
import { contextOf, measure, type AsOf } from './measure'
import { comparableMm } from '../units'

/** All that is known about a hive as it stands; never stored, always computed again. */
export interface Assessment extends MeasuredHive {
  readonly findings: readonly Finding[]
  readonly heightMm: number
  /** The worst grade of what is not accepted. */
  readonly worst: Grade
}

/**
 * Assesses a stack: where every part sits, every gap with what it is made of, what the bees will do with it,
 * and every finding, worst first; its ways out are tried by `remediesOf`. Lengths in mm.
 */
export function assess(assembled: AssembledHive, context: Context, layout?: Layout): Assessment {
  const judged = judge(assembled, context, layout)
  const yard = yardOf(judged)
  const before = { findings: judged.findings, sides: judged.sides }
  const after = triedOut(yard, ({ hives, parts }) =>
    judge(assembleHive(hives[0]!, new Map(parts.map((part) => [part.id, part])), context.catalogue), context),
  )
  const { sides: _tried, ...known } = judged
  const { colony } = context
  // What holds the kit of a colony holds it against every way out too.
  const isHeld = colony && ((edit: Edit) => heldBack({ ...yard, colonies: { [assembled.hive.id]: colony } }, edit))
  return gradedOf({
    ...known,
    // Ways out are tried once somebody looks at them: most findings are only counted.
    findings: judged.findings.map((finding) => ({
      ...withAcceptance(finding, assembled.hive),
      // Clean kit is hung into no hive that may be sick: there only what lets robbers in is closed.
      ways: () =>
        colony?.holds === 'all' && finding.severity !== 'stop'
          ? []
          : keptPromises(finding, before, after, context.band).filter(({ edit }) => !isHeld?.(edit)),
    })),
  })
}

interface Judged extends MeasuredHive {
  readonly findings: readonly Finding[]
}

/** The hive as it stands, on both of its sides where it has two. */
function judge(assembled: AssembledHive, context: Context, layout?: Layout): Judged & Judgement {
  if (!hasTwoSides(assembled)) {
    const only = judgedOn(measure(assembled, context, layout), context)
    return { ...only, sides: [trialOf(only.layout, context)] }
  }
  const on = (side: HiveSide) =>
    judgedOn(measure(onSide(assembled, side, context.catalogue), context, undefined, assembled), context)
  const [first, other] = [on('first'), on('other')]
  return {
    ...first,
    assembled,
    gaps: gapsOfBoth(first.gaps, other.gaps),
    findings: findingsOfBoth(first.findings, other.findings),
    sides: [first, other].map((one) => trialOf(one.layout, context)),
  }
}

const judgedOn = (measured: MeasuredHive, context: Context): Judged => ({
  ...measured,
  findings: foundInHive(measured, context),
})

/** Worst first, with the worst grade of what is not accepted. */
function gradedOf(judged: Judged): Assessment {
  const findings = [...judged.findings].sort(bySeverity)
  const worst = findings.reduce<Grade>(
    (grade, finding) => (finding.acceptance ? grade : worse(grade, finding.severity)),
    'good',
  )
  return { ...judged, findings, heightMm: judged.layout.heightMm, worst }
}

/**
 * Assesses one hive of a yard.
 * @param parts the yard's parts by identity, where they are at hand already
 * @param look what is due by a day is judged only where the day is given
 */
export function assessHive(yard: Yard, hive: Hive, parts = partsById(yard), look: AsOf = {}): Assessment {
  const context = contextOf(yard, hive, look)
  return assess(assembleHive(hive, parts, context.catalogue), context)
}

/**
 * An acceptance holds as long as the figure is the one that was accepted; a colony’s state is written, not accepted.
 */
function withAcceptance(finding: Finding, hive: Hive): Finding {
  const acceptance = hive.accepted.find(({ findingKey }) => findingKey === finding.key)
  if (!acceptance || !mayStay(finding)) return finding
  const now = finding.measured ? comparableMm(finding.measured.mm) : null
  const then = acceptance.measuredMm === null ? null : comparableMm(acceptance.measuredMm)
  return now === then ? { ...finding, acceptance } : finding
}
