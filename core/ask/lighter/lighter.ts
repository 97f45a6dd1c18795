import { there } from '../../units'
import { rangeOf } from '../../figures'
import { type Catalogue, isBox, type Part } from '../../parts'
import { assembleHive, layOut, type AssembledHive } from '../../stack'
import { newPart, partIdsOf, type Edit, type Hive } from '../../yard'
import {
  honeyCapacityKg,
  massOfHive,
  mayHold,
  times,
  type HiveMass,
  type Weighing,
  frameByFrame,
  liftsOf,
  worstOf,
  type Lift,
  bodyHeights,
  type LiftProfile,
} from '../../loads'
import type { Layer } from './layer'
import { CHANGES, isRole } from './restructure'
import type { Change } from './change'

/** Another way with the same room for bees and the same honey, and what it does to the worst lift. */
export interface Alternative {
  readonly changes: readonly Change[]
  readonly boxes: number
  readonly lifts: number
  /** The worst index, or null where the school has no figure for it. */
  readonly worstIndex: number | null
  readonly heaviestKg: number
  readonly highestMm: number
  /** What it makes of the hive; null where only the way of working changes. */
  readonly edit: Edit | null
  /** Parts that are new by it, or changed. */
  readonly parts: readonly Part[]
  /** What stands by while one works so, beside the hive: an empty box that frames go into. */
  readonly standsBy: readonly Part[]
  /** It holds only as long as one works so, box by box: nothing that is set here makes it so. */
  readonly habit: boolean
  /** What is carried, as it was judged: boxes, or their frames one at a time. */
  readonly carried: readonly Lift[]
  readonly profile: LiftProfile
}

/** Every lighter form of a hive that can stand, beside what it is now. */
export interface Alternatives {
  readonly now: Alternative
  /** Only what betters the worst lift: single changes first, those that ask for nothing before the others. */
  readonly better: readonly Alternative[]
  readonly tried: number
}

interface Structure {
  readonly changes: readonly Change[]
  readonly hive: Hive
  readonly parts: readonly Part[]
  readonly fillShare: number
}

/** Of each row one is chosen; an empty one changes nothing. */
const STRUCTURES: readonly (readonly (Change | null)[])[] = [
  [null, 'shallower-supers'],
  [null, 'shallower-brood'],
  [null, 'eight-frames'],
  [null, 'one-frame-less', 'two-frames-less'],
  [null, 'half-full-boxes', 'crop-earlier'],
  [null, 'lower-stand', 'no-stand'],
]

const MANNERS: readonly (readonly (Change | null)[])[] = [
  [null, 'second-stand', 'frame-by-frame'],
  [null, 'two-people'],
]

/** More than this at a time is another hive, not a change. */
const MOST_CHANGES = 3

/** Worth saying from here on: less of it is lost in the bounds. */
const WORTH = 0.98

/**
 * Alternatives for one hive with the same room for brood and the same honey, each worked out in full, ranked by what it
 * does to the worst lift. Common practice; the lifts by the profile's school.
 */
export function lighterWays(
  assembled: AssembledHive,
  catalogue: Catalogue,
  weighing: Weighing,
  profile: LiftProfile,
  makeId: () => string,
): Alternatives {
  const now = judged(
    { changes: [], hive: assembled.hive, parts: [], fillShare: 1 },
    [],
    assembled,
    catalogue,
    weighing,
    profile,
    makeId,
  )
  const honeyNowKg = superHoneyKg(assembled.stack)
  const all: Alternative[] = []
  for (const changes of combinations(STRUCTURES)) {
    if (changes.length > MOST_CHANGES) continue
    const structure =
      changes.length === 0
        ? { changes, hive: assembled.hive, parts: [], fillShare: 1 }
        : restructured(assembled, changes, honeyNowKg, catalogue, makeId)
    if (!structure) continue
    for (const manner of combinations(MANNERS)) {
      if (changes.length + manner.length > 0 && changes.length + manner.length <= MOST_CHANGES)
        all.push(judged(structure, manner, assembled, catalogue, weighing, profile, makeId))
    }
  }
  const better = all
    .filter((one) => rank(one) < rank(now) * WORTH)
    .sort((a, b) => effort(a) - effort(b) || rank(a) - rank(b) || a.changes.length - b.changes.length)
  const lean = better.filter(
    (one) =>
      !better.some(
        (other) =>
          other !== one &&
          other.changes.length < one.changes.length &&
          other.changes.every((change) => one.changes.includes(change)) &&
          rank(other) <= rank(one) * 1.02,
      ),
  )
  return { now, better: lean, tried: all.length }
}

function rank({ worstIndex, heaviestKg }: Pick<Alternative, 'worstIndex' | 'heaviestKg'>): number {
  return (worstIndex ?? 1000) + heaviestKg / 1e6
}

/** One thing that costs nothing, one that has to be got, several at a time. */
function effort({ changes, parts, standsBy }: Alternative): number {
  return changes.length > 1 ? 2 : parts.length + standsBy.length > 0 || changes.includes('second-stand') ? 1 : 0
}

function combinations(rows: readonly (readonly (Change | null)[])[]): Change[][] {
  return rows.reduce<Change[][]>(
    (lists, row) => lists.flatMap((list) => row.map((one) => (one ? [...list, one] : list))),
    [[]],
  )
}

function judged(
  { changes, hive, parts, fillShare }: Structure,
  manner: readonly Change[],
  assembled: AssembledHive,
  catalogue: Catalogue,
  weighing: Weighing,
  profile: LiftProfile,
  makeId: () => string,
): Alternative {
  const known = new Map([...assembled.stack, ...assembled.attached].map(({ part }) => [part.id, part]))
  for (const part of parts) known.set(part.id, part)
  const now = assembleHive(hive, known, catalogue)
  const layout = layOut(now)
  const mass = massToLift(now, mayHold(weighing), fillShare)
  const own: LiftProfile = {
    ...profile,
    ...(manner.includes('second-stand')
      ? { putDown: 'second-stand' as const, putDownMm: Math.round(bodyHeights(profile).knuckleMm) - 100 }
      : {}),
    ...(manner.includes('two-people') ? { people: 2 as const } : {}),
  }
  const boxwise = liftsOf(layout, mass, own)
  const framewise = manner.includes('frame-by-frame')
  const carried = framewise ? frameByFrame(boxwise, mass, layout, own) : boxwise.lifts
  const worst = worstOf(carried)
  const built = changes.some((change) => change !== 'crop-earlier')
  return {
    changes: [...changes, ...manner],
    boxes: layout.parts.filter(isBox).length,
    // Each frame there and back, and each emptied box.
    lifts: framewise ? carried.reduce((sum, { pieces }) => sum + 2 * (pieces + 1), 0) : boxwise.inspectionLifts,
    worstIndex: worst === null ? 0 : worst.index,
    heaviestKg: Math.max(0, ...carried.map(({ kg }) => kg.middle)),
    highestMm: boxwise.highest?.from.handMm ?? 0,
    edit: built ? { kind: 'replace-hive', hive, parts: [...parts] } : null,
    parts: built ? parts : [],
    standsBy: framewise ? emptyBoxFor(now, carried, catalogue, makeId) : [],
    habit: fillShare !== 1 || framewise,
    carried,
    profile: own,
  }
}

/** One box without frames that takes those of the fullest box that is lifted. */
function emptyBoxFor(
  { stack }: AssembledHive,
  carried: readonly Lift[],
  catalogue: Catalogue,
  makeId: () => string,
): Part[] {
  const fullest = carried.reduce<Lift | null>((most, lift) => (most && most.pieces >= lift.pieces ? most : lift), null)
  const pattern = stack.find(({ part }) => part.id === fullest?.partId)?.pattern
  return pattern ? [{ ...newPart(pattern, catalogue, makeId), contents: [] }] : []
}

/** What each box may hold when it is lifted; only supers are lifted half full, since food is not cropped. */
function massToLift(hive: AssembledHive, weighing: Weighing, superShare: number): HiveMass {
  const full = massOfHive(hive, weighing)
  if (superShare === 1) return full
  const fill = weighing.fill ?? rangeOf(hive.figures, 'fillShare')
  const half = massOfHive(hive, { ...weighing, fullness: 'full', fill: times(fill, superShare) })
  const supers = new Set(hive.stack.filter((layer) => isRole('super')(layer)).map(({ part }) => part.id))
  return {
    ...full,
    parts: new Map([...full.parts].map(([id, one]) => [id, supers.has(id) ? there(half.parts.get(id)) : one])),
  }
}

/** What the supers hold with every comb full, kg. */
function superHoneyKg(layers: readonly Layer[]): number {
  return honeyCapacityKg(layers.filter(isRole('super')).map(({ resolved }) => resolved))
}

/** The hive with these changes made, or undefined where one of them cannot be. */
function restructured(
  assembled: AssembledHive,
  changes: readonly Change[],
  honeyNowKg: number,
  catalogue: Catalogue,
  makeId: () => string,
): Structure | undefined {
  let layers = assembled.stack.map(({ resolved, placement }): Layer => ({ resolved, placement }))
  let fillShare = 1
  for (const change of changes) {
    const next = CHANGES[change]?.(layers, catalogue, makeId)
    if (!next) return undefined
    layers = next
    if (change === 'half-full-boxes' || change === 'crop-earlier') fillShare = 0.5
  }
  // Fewer frames hold less where the combs are drawn no thicker: that is not the same honey.
  if (superHoneyKg(layers) < honeyNowKg - 0.01) return undefined
  const old = new Set(partIdsOf(assembled.hive))
  const parts = layers.flatMap(({ resolved }) =>
    old.has(resolved.part.id) && assembled.stack.some(({ part }) => part === resolved.part) ? [] : [resolved.part],
  )
  return { changes, hive: { ...assembled.hive, stack: layers.map(({ placement }) => placement) }, parts, fillShare }
}
