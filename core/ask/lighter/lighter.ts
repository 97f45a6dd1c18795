import { rangeOf } from '../../figures'
import {
  HIVE_FORMATS,
  find,
  findAll,
  isFormat,
  type BoxSize,
  type Catalogue,
  type Pattern,
  framesOf,
  isBox,
  isStand,
  resolvePart,
  type ResolvedPart,
  combAreaDm2,
  type Part,
  type Role,
} from '../../parts'
import { spacedFor, fullCount, assembleHive, layOut, type AssembledHive } from '../../stack'
import { newPart, newPlacement, partIdsOf, type Edit, type Hive, type Placement } from '../../yard'
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

/** One thing to do differently. */
export type Change =
  | 'shallower-supers'
  | 'shallower-brood'
  | 'eight-frames'
  | 'one-frame-less'
  | 'two-frames-less'
  | 'half-full-boxes'
  | 'crop-earlier'
  | 'lower-stand'
  | 'no-stand'
  | 'second-stand'
  | 'two-people'
  | 'frame-by-frame'

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
    parts: new Map([...full.parts].map(([id, one]) => [id, supers.has(id) ? half.parts.get(id)! : one])),
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

interface Layer {
  readonly resolved: ResolvedPart
  readonly placement: Placement
}

type Restructure = (layers: readonly Layer[], catalogue: Catalogue, makeId: () => string) => Layer[] | undefined

const CHANGES: Partial<Record<Change, Restructure>> = {
  'shallower-supers': (layers, catalogue, makeId) => shallower(layers, 'super', catalogue, makeId),
  'shallower-brood': (layers, catalogue, makeId) => shallower(layers, 'brood', catalogue, makeId),
  'eight-frames': eightFrames,
  'one-frame-less': (layers, catalogue) => fewer(layers, 1, catalogue),
  'two-frames-less': (layers, catalogue) => fewer(layers, 2, catalogue),
  'half-full-boxes': twice,
  'crop-earlier': (layers) => (layers.some(isRole('super')) ? [...layers] : undefined),
  'lower-stand': (layers, catalogue, makeId) =>
    stands(layers, find(catalogue, { kind: 'stand', use: 'low' }), catalogue, makeId),
  'no-stand': (layers) =>
    layers.some(({ resolved }) => isStand(resolved)) ? layers.filter(({ resolved }) => !isStand(resolved)) : undefined,
}

function isRole(role: Role): (layer: Layer) => boolean {
  return ({ resolved, placement }) => isBox(resolved) && placement.role === role && resolved.part.contents.length > 0
}

/** Depths from the largest down. */
const LADDER: readonly BoxSize[] = ['large', 'deep', 'medium', 'shallow']

/** The next lower box of the same format, with its bee space at the same end. */
function nextLower(pattern: Pattern | undefined, catalogue: Catalogue): Pattern | undefined {
  const at = pattern?.size ? LADDER.indexOf(pattern.size) : -1
  if (!pattern || at < 0) return undefined
  const { format, space } = pattern
  return LADDER.slice(at + 1).flatMap((size) => findAll(catalogue, { kind: 'box', format, size, space }).slice(0, 1))[0]
}

/** Boxes of a role a size lower, as many as give the same honey, or the same comb for brood. */
function shallower(
  layers: readonly Layer[],
  role: Role,
  catalogue: Catalogue,
  makeId: () => string,
): Layer[] | undefined {
  return exchanged(layers, isRole(role), (pattern) => nextLower(pattern, catalogue), role, catalogue, makeId)
}

/** Exchanges boxes for others, with as many more as keep what they hold; undefined where none has another. */
function exchanged(
  layers: readonly Layer[],
  which: (layer: Layer) => boolean,
  other: (pattern: Pattern | undefined) => Pattern | undefined,
  role: Role,
  catalogue: Catalogue,
  makeId: () => string,
): Layer[] | undefined {
  const found = layers.filter((layer) => which(layer) && other(layer.resolved.pattern))
  if (found.length === 0) return undefined
  const holds = (boxes: readonly ResolvedPart[]) => (role === 'brood' ? combOf(boxes) : honeyCapacityKg(boxes))
  const wanted = holds(found.map(({ resolved }) => resolved))
  const fresh: Layer[] = []
  while (holds(fresh.map(({ resolved }) => resolved)) < wanted - 1e-6 && fresh.length < 20) {
    const pattern = other(found[Math.min(fresh.length, found.length - 1)]!.resolved.pattern)!
    fresh.push(layerOf(pattern, found[0]!.placement.role, catalogue, makeId))
  }
  const at = layers.indexOf(found[0]!)
  return [...layers.slice(0, at), ...fresh, ...layers.slice(at).filter((layer) => !found.includes(layer))]
}

function combOf(boxes: readonly ResolvedPart[]): number {
  return framesOf(boxes.flatMap(({ hung }) => hung)).reduce((sum, { pattern }) => sum + combAreaDm2(pattern), 0)
}

function layerOf(pattern: Pattern, role: Role | undefined, catalogue: Catalogue, makeId: () => string): Layer {
  const part = newPart(pattern, catalogue, makeId)
  return { resolved: resolvePart(part, catalogue), placement: newPlacement(part.id, pattern, role) }
}

/** The same part in the eight-frame width of its format. */
function narrowerOf(pattern: Pattern | undefined, catalogue: Catalogue): Pattern | undefined {
  const format = pattern && isFormat(pattern.format) ? HIVE_FORMATS[pattern.format].narrower : undefined
  if (!pattern || !format) return undefined
  const { kind, size, space, use, surface, roofForm, feederForm } = pattern
  return isBox({ pattern }) && !size
    ? undefined
    : find(catalogue, { kind, format, size, space, use, surface, roofForm, feederForm })
}

/** The whole hive in the eight-frame width, with boxes added until room and honey are what they were. */
function eightFrames(layers: readonly Layer[], catalogue: Catalogue, makeId: () => string): Layer[] | undefined {
  const narrow = (pattern: Pattern | undefined) => narrowerOf(pattern, catalogue)
  const boxes = layers.filter(({ resolved }) => isBox(resolved))
  if (boxes.length === 0 || !boxes.every(({ resolved }) => narrow(resolved.pattern))) return undefined
  let next: Layer[] | undefined = [...layers]
  for (const role of ['brood', 'food', 'super'] as const)
    if (next?.some(isRole(role))) next = exchanged(next, isRole(role), narrow, role, catalogue, makeId)
  return next
    ?.map((layer) => {
      const pattern = isBox(layer.resolved) ? undefined : narrow(layer.resolved.pattern)
      return pattern
        ? { ...layerOf(pattern, undefined, catalogue, makeId), placement: { ...layer.placement, partId: '' } }
        : layer
    })
    .map((layer) => ({ ...layer, placement: { ...layer.placement, partId: layer.resolved.part.id } }))
}

/** Supers with fewer frames, spaced out: as much honey in fewer combs. */
function fewer(layers: readonly Layer[], less: number, catalogue: Catalogue): Layer[] | undefined {
  if (!layers.some(isRole('super'))) return undefined
  return layers.map((layer) => {
    if (!isRole('super')(layer)) return layer
    const spaced = spacedFor(layer.resolved, Math.max(1, fullCount(layer.resolved) - less), catalogue)
    return spaced ? { ...layer, resolved: spaced } : layer
  })
}

/** Each super a second time: the same honey in twice the boxes, half full each. */
function twice(layers: readonly Layer[], catalogue: Catalogue, makeId: () => string): Layer[] | undefined {
  if (!layers.some(isRole('super'))) return undefined
  return layers.flatMap((layer) =>
    isRole('super')(layer) ? [layer, layerOf(layer.resolved.pattern!, 'super', catalogue, makeId)] : [layer],
  )
}

/** Everything it stands on exchanged for one low frame. */
function stands(
  layers: readonly Layer[],
  low: Pattern | undefined,
  catalogue: Catalogue,
  makeId: () => string,
): Layer[] | undefined {
  const on = layers.filter(({ resolved }) => isStand(resolved))
  const heightMm = on.reduce((sum, { resolved }) => sum + (resolved.dimensions.depth?.mm ?? 0), 0)
  if (!low || heightMm <= (low.dimensions.depth?.mm ?? 0)) return undefined
  return [layerOf(low, undefined, catalogue, makeId), ...layers.filter((layer) => !on.includes(layer))]
}
