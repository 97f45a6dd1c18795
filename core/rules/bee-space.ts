import { findAll, type Pattern, dimension, framesEndingAt, hangAcross, isBox, isExcluder, isFilledBox } from '../parts'
import {
  gapKey,
  type PlacedPart,
  isMarginal,
  limitDistance,
  outsideMm,
  canStandEitherWay,
  bySeverity,
  type Severity,
  type JudgedGap,
} from '../stack'
import type { Context, MeasuredHive, TriedHive } from './context'
import type { GapFacts } from './facts'
import { findingOf, type Finding, type Remedy } from './finding'
import { exchange, swapFor, takeOff, turnOver } from './remedies'
import { worthwhile } from './trial'

/** Each vertical gap of the chain that is not good, with what mends it. */
export function checkVerticalGaps(measured: MeasuredHive, context: Context): Finding[] {
  const worst = new Map<string, Finding>()
  for (const gap of measured.gaps) {
    if (gap.grade === 'good') continue
    const finding =
      gap.place === 'through-open'
        ? openSpaceFinding(measured, gap, gap.grade)
        : gapFinding(measured, gap, gap.grade, context)
    const known = worst.get(finding.key)
    if (!known || isWorse(finding, known)) worst.set(finding.key, finding)
  }
  return [...worst.values()]
}

/**
 * Of two findings at one place (frames of two sizes in a box, say) the graver one is told, and the larger of equals.
 */
function isWorse(a: Finding, b: Finding): boolean {
  return (
    bySeverity(a, b) < 0 || (a.severity === b.severity && Math.abs(a.measured?.mm ?? 0) > Math.abs(b.measured?.mm ?? 0))
  )
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

function partAt(measured: MeasuredHive, partId: string): PlacedPart {
  return measured.layout.parts.find(({ part }) => part.id === partId)!
}

function gapFinding(measured: MeasuredHive, gap: JudgedGap, severity: Severity, context: Context): Finding {
  const lower = partAt(measured, gap.lowerId)
  const upper = partAt(measured, gap.upperId)
  const ways = () =>
    gap.nearest?.side === 'inside'
      ? []
      : worthwhile(measured, waysOut(measured, lower, upper, context), context, gap.band ?? context.band, (trial) =>
          better(gap, trial, context),
        ).slice(0, 2)
  return findingOf('bee-space.gap', severity, [gap.lowerId, gap.upperId], {
    key: `bee-space.gap:${gapKey(gap)}`,
    measured: { mm: gap.mm, plusMinusMm: gap.plusMinusMm, likelyPlusMinusMm: gap.likelyPlusMinusMm },
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
  })
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

function openSpaceFinding(measured: MeasuredHive, gap: JudgedGap, severity: Severity): Finding {
  const open = gap.throughIds.map((partId) => partAt(measured, partId))
  return findingOf('open-space', severity, gap.throughIds, {
    key: `open-space:${gap.throughIds.join('+')}`,
    measured: { mm: gap.mm, plusMinusMm: gap.plusMinusMm, likelyPlusMinusMm: gap.likelyPlusMinusMm },
    facts: { verdict: gap.verdict, lowerId: gap.lowerId, upperId: gap.upperId },
    ways: () => open.map((part) => takeOff(measured.assembled.hive, part)),
  })
}

/** End bars to the walls, for each kind of frame in each box. */
export function checkEndBars({ layout }: MeasuredHive, { band }: Context): Finding[] {
  return layout.parts.filter(isFilledBox).flatMap((box) => {
    const insideLength = dimension(box, 'insideLength')
    const patterns = new Set(hangAcross(box.resolved).places.map(({ pattern }) => pattern))
    return [...patterns].flatMap((pattern) => {
      const mm = (insideLength.mm - pattern.lengthOverEndBars.mm) / 2
      const plusMinusMm = (insideLength.plusMinusMm + pattern.lengthOverEndBars.plusMinusMm) / 2
      const nearest = limitDistance(mm, band)
      const marginal = isMarginal(plusMinusMm, nearest)
      if (nearest.side === 'inside' && !marginal) return []
      const severity = marginal ? 'watch' : mm < 0 ? 'stop' : outsideMm(mm, band) > 3 ? 'mend' : 'watch'
      const likelyPlusMinusMm = Math.hypot(insideLength.plusMinusMm, pattern.lengthOverEndBars.plusMinusMm) / 2
      return [
        findingOf('bee-space.end-bar', severity, [box.part.id], {
          key: `bee-space.end-bar:${box.part.id}:${pattern.id}`,
          measured: { mm, plusMinusMm, likelyPlusMinusMm },
          band,
          marginal,
          facts: { framePatternId: pattern.id, side: nearest.side },
        }),
      ]
    })
  })
}
