import {
  assembleHive,
  gapSumsOf,
  layOut,
  partsById,
  type GapSum,
  type Layout,
  floorBandOf,
  outsideMm,
  type Band,
} from '../stack'
import { applyEdit, emptyYard, isEdit, leavesOf, type Edit, type Yard } from '../yard'
import type { Context, MeasuredHive, TriedHive } from './context'
import type { Remedy, RemedyKind, TriedWay } from './remedy'

const tried = new WeakMap<MeasuredHive, Map<string, TriedHive | undefined>>()

/** Tries a remedy on this hive alone; undefined when it does not apply. What was tried once is remembered. */
function tryRemedy(measured: MeasuredHive, remedy: Remedy, context: Context): TriedHive | undefined {
  let known = tried.get(measured)
  if (!known) tried.set(measured, (known = new Map()))
  const key = remedyKey(remedy)
  if (!known.has(key)) known.set(key, tryEdit(measured, remedy.edit, context))
  return known.get(key)
}

function remedyKey({ kind, partId, otherId, patternId, edit }: Remedy): string {
  const last = leavesOf(edit).at(-1)
  const way = isEdit(last, 'add-part') ? `${last.at}${last.placement.turnedOver}` : ''
  return `${kind}:${partId}:${otherId}:${patternId}:${way}`
}

/** Where everything would sit after an edit of this hive alone; undefined when it does not apply. */
export function layoutAfter(measured: MeasuredHive, edit: Edit, { catalogue }: Context): Layout | undefined {
  const applied = applyEdit(yardOf(measured), edit)
  return applied.ok ? layOut(assembleHive(applied.yard.hives[0]!, partsById(applied.yard), catalogue)) : undefined
}

/** The ways that end within the band; where none does, the best of the others, told as no more than better. */
function endingWithin(ways: readonly TriedWay[], band: Band): TriedWay[] {
  const good = ways.filter(({ resultMm }) => resultMm === undefined || outsideMm(resultMm, band) === 0)
  return good.length > 0 ? good : ways.slice(0, 1).map((way) => ({ ...way, onlyBetter: true }))
}

/**
 * Of these ways the one that leaves the frames' gaps nearest their bands, with the figure that `resultOf` finds in it.
 */
export function nearestBand(
  measured: MeasuredHive,
  ways: readonly Remedy[],
  context: Context,
  resultOf: (trial: TriedHive) => number | undefined,
): TriedWay[] {
  const tried = ways.flatMap((remedy) => {
    const trial = tryRemedy(measured, remedy, context)
    return trial ? [{ remedy, trial }] : []
  })
  const best = tried.sort((a, b) => a.trial.outsideMm - b.trial.outsideMm)[0]
  if (!best) return []
  const resultMm = resultOf(best.trial)
  const promised = resultMm === undefined ? best.remedy : { ...best.remedy, resultMm, resultIn: resultOf }
  return endingWithin([promised], context.band)
}

/** Tries an edit on this hive alone; undefined when it does not apply. */
function tryEdit(measured: MeasuredHive, edit: Edit, context: Context): TriedHive | undefined {
  const layout = layoutAfter(measured, edit, context)
  return layout && trialOf(layout, context)
}

/** What a layout leaves of the gaps that meet frames. */
export function trialOf(layout: Layout, context: Pick<Context, 'band' | 'figures'>): TriedHive {
  const gaps = gapSumsOf(layout)
  return { gaps, outsideMm: totalOutsideMm(gaps, context), layout }
}

/** How far the gaps that meet frames lie outside their bands, in all; parts that would meet weigh heavily. */
export function totalOutsideMm(gaps: readonly GapSum[], { band, figures }: Pick<Context, 'band' | 'figures'>): number {
  const worst = new Map<string, number>()
  for (const gap of gaps) {
    if (gap.place === 'no-frames' || gap.place === 'through-open') continue
    // Frames and a board beside them are one joint: its worst counts, once.
    const joint = `${gap.lowerId}+${gap.upperId}`
    const outside = (gap.mm < 0 ? 100 : 0) + outsideMm(gap.mm, gap.place === 'floor' ? floorBandOf(figures) : band)
    worst.set(joint, Math.max(worst.get(joint) ?? 0, outside))
  }
  let sum = 0
  for (const mm of worst.values()) sum += mm
  return sum
}

/**
 * Of these ways out, the ones that better both the hive and the joint that `resultOf` looks at, the one with most gain
 * for least work first.
 */
export function worthwhile(
  measured: MeasuredHive,
  candidates: readonly Remedy[],
  context: Context,
  band: Band,
  resultOf: (trial: TriedHive) => number | undefined,
): TriedWay[] {
  const nowMm = totalOutsideMm(measured.gaps, context)
  const ways = candidates
    .flatMap((remedy) => {
      const trial = tryRemedy(measured, remedy, context)
      if (!trial || trial.outsideMm > nowMm - 0.01) return []
      const resultMm = resultOf(trial)
      return resultMm === undefined
        ? []
        : [{ remedy: { ...remedy, resultMm, resultIn: resultOf }, outsideMm: trial.outsideMm }]
    })
    .sort((a, b) => a.outsideMm + EFFORT_MM[a.remedy.kind] - b.outsideMm - EFFORT_MM[b.remedy.kind])
    .map(({ remedy }) => remedy)
  return endingWithin(ways, band)
}

/** What a way out has to gain to be worth more work than turning a part over, mm. */
const EFFORT_MM: Record<RemedyKind, number> = {
  'turn-over': 0,
  'open-hole': 0,
  'close-hole': 0,
  'take-off': 0,
  exchange: 1,
  'move-below': 1,
  'move-above': 1,
  centre: 0,
  add: 2,
  'swap-for': 3,
  'push-together': 1,
  'centre-frames': 1,
  'touch-one-side': 1,
  castellate: 2,
  'leave-out': 2,
  alternate: 2,
  'add-dummy': 2,
  'add-frames': 2,
  'mend-part': 0,
  'use-as-food': 0,
  'wire-frames': 2,
}

/** This hive as a yard of its own. */
export function yardOf({ assembled }: Pick<MeasuredHive, 'assembled'>): Yard {
  const parts = [...assembled.stack, ...assembled.attached].map(({ part }) => part)
  return { ...emptyYard('', ''), hives: [assembled.hive], parts }
}
