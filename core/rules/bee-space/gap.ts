import { findAll, framesEndingAt, isBox, isExcluder, type Pattern } from '../../parts'
import {
  canStandEitherWay,
  gapKey,
  outsideMm,
  type GapPlace,
  type GapVerdict,
  type JudgedGap,
  type PlacedPart,
  type Severity,
} from '../../stack'
import type { Context, MeasuredHive, TriedHive } from '../context'
import { exchange, swapFor, turnOver } from '../remedies'
import type { Remedy } from '../remedy'
import type { Found, Rule } from '../rule'
import { worthwhile } from '../trial'
import { figureOf, gravestOfEach, partAt } from './at-part'

/** What a gap is told with: where it is, what bees do there, and what would make it otherwise. */
export interface GapFacts {
  readonly place: GapPlace
  readonly verdict: GapVerdict
  /** Usual for two parts of this make. */
  readonly usual?: true
  /** So many of the frames over it leave it: they hang to two heights. */
  readonly under?: { readonly count: number; readonly of: number }
  /** A make of box that leaves less, mm. */
  readonly closer?: { readonly patternId: string; readonly mm: number }
  /** A box with its bee space on top meets one with it at the bottom. */
  readonly mixed?: { readonly topSpaceId: string; readonly bottomSpaceId: string }
  readonly eitherWay?: { readonly partId: string; readonly better: 'as-it-stands' | 'turned' | 'neither' }
}

/** How many of the frames over a gap leave it, where others hang lower or higher. */
function twoHeights(upper: PlacedPart, { toMm }: JudgedGap): Pick<GapFacts, 'under'> {
  const { resolved } = upper
  const under = isBox(resolved) ? framesEndingAt(resolved, toMm - upper.bottomMm) : undefined
  return under ? { under } : {}
}

/** The gap at this joint after a trial, where it comes nearer the band. */
function better(gap: JudgedGap, trial: TriedHive, { band }: Context): number | undefined {
  const own = gap.band ?? band
  const after = trial.gaps.find(
    (other) => other.place === gap.place && (other.lowerId === gap.lowerId || other.upperId === gap.upperId),
  )
  return after && outsideMm(after.mm, own) < outsideMm(gap.mm, own) - 0.01 ? after.mm : undefined
}

/** Each vertical gap of the chain that is not good, with what mends it. */
export const GAP: Rule<'bee-space.gap', GapFacts> = {
  id: 'bee-space.gap',
  of: 'stack',
  find: (measured, context) =>
    gravestOfEach(
      measured.gaps.flatMap((gap) =>
        gap.grade === 'good' || gap.place === 'through-open' ? [] : [gapFound(measured, gap, gap.grade, context)],
      ),
    ),
}

function gapFound(measured: MeasuredHive, gap: JudgedGap, severity: Severity, context: Context): Found<GapFacts> {
  const lower = partAt(measured, gap.lowerId)
  const upper = partAt(measured, gap.upperId)
  const ways = () =>
    gap.nearest?.side === 'inside'
      ? []
      : worthwhile(measured, waysOut(measured, lower, upper, context), context, gap.band ?? context.band, (trial) =>
          better(gap, trial, context),
        ).slice(0, 2)
  return {
    severity,
    partIds: [gap.lowerId, gap.upperId],
    at: gapKey(gap),
    measured: figureOf(gap),
    band: gap.band,
    marginal: gap.marginal,
    facts: {
      place: gap.place,
      verdict: gap.verdict,
      ...(gap.usual ? { usual: true as const, ...closerMake(gap, lower, upper, context) } : {}),
      ...twoHeights(upper, gap),
      ...mixedSpace(lower, upper),
      ...bothWays(measured, lower, upper),
    },
    ways,
  }
}

/**
 * Everything that might change this gap: turn a part, swap a box for its twin, a sheet for a frame, two boxes about.
 */
function waysOut(
  { assembled: { hive } }: MeasuredHive,
  lower: PlacedPart,
  upper: PlacedPart,
  { catalogue }: Context,
): Remedy[] {
  const ways: Remedy[] = []
  for (const part of [lower, upper]) {
    if (canStandEitherWay(part) || part.pattern?.reversible) ways.push(turnOver(hive, part))
    const twin = catalogue.patterns.get(part.pattern?.twinId ?? '')
    if (twin) ways.push(swapFor(hive, part, twin, catalogue))
    for (const other of otherExcluders(part, catalogue))
      for (const turned of other.surface === 'rods' ? [false, true] : [false])
        ways.push(swapFor(hive, part, other, catalogue, turned))
  }
  if (isBox(lower) && isBox(upper) && lower.placement.role === upper.placement.role)
    ways.push(exchange(hive, lower, upper))
  return ways
}

/** Excluders of the same format made the other way: framed for bare, bare for framed. */
function otherExcluders(part: PlacedPart, catalogue: Context['catalogue']): Pattern[] {
  if (!isExcluder(part)) return []
  const { pattern } = part
  return findAll(catalogue, { kind: 'excluder', format: pattern.format }).filter(
    (other) => other.surface !== pattern.surface && !other.own,
  )
}

/** A box of the same format for the same frames that leaves less: the make that avoids it. */
function closerMake(
  gap: JudgedGap,
  lower: PlacedPart,
  upper: PlacedPart,
  { catalogue, band }: Context,
): Pick<GapFacts, 'closer'> {
  if (gap.place !== 'frames' || gap.nearest?.side !== 'over') return {}
  const depthMm = ({ pattern }: PlacedPart) => pattern?.dimensions.depth?.mm ?? 0
  const makes = [lower, upper].flatMap((part) =>
    findAll(catalogue, { kind: 'box', format: part.pattern?.format }).flatMap((pattern) => {
      const same = pattern.normalContents?.framePatternId === part.pattern?.normalContents?.framePatternId
      const mm = gap.mm - depthMm(part) + (pattern.dimensions.depth?.mm ?? 0)
      return same && mm < gap.mm - 0.01 && mm >= band.minMm ? [{ patternId: pattern.id, mm }] : []
    }),
  )
  const [closer] = makes.sort((a, b) => a.mm - b.mm)
  return closer ? { closer } : {}
}

/** Names a top-space and a bottom-space box that meet, as the cause behind the gap. */
function mixedSpace(lower: PlacedPart, upper: PlacedPart): Pick<GapFacts, 'mixed'> {
  const below = spaceOf(lower)
  const above = spaceOf(upper)
  if (!below || !above || below === above) return {}
  const [top, bottom] = below === 'top' ? [lower, upper] : [upper, lower]
  return { mixed: { topSpaceId: top.part.id, bottomSpaceId: bottom.part.id } }
}

function spaceOf({ faces, pattern }: PlacedPart): 'top' | 'bottom' | undefined {
  const recess = faces.upper.zones.find((zone) => zone.surface === 'top-bars')?.recess.mm
  return !isBox({ pattern }) || recess === undefined ? undefined : recess > 1 ? 'top' : 'bottom'
}

function bothWays(measured: MeasuredHive, lower: PlacedPart, upper: PlacedPart): Pick<GapFacts, 'eitherWay'> {
  const way = measured.betterWays.find(({ partId }) => partId === lower.part.id || partId === upper.part.id)
  return way ? { eitherWay: { partId: way.partId, better: way.better } } : {}
}
