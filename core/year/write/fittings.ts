import {
  attachmentPlaceOf,
  isEntranceFitting,
  isFloorInsert,
  isWrap,
  isAsWanted,
  need,
  type Use,
  type Part,
} from '../../parts'
import { isCold, type Attachment, type Climate, type Stage, type Way, meaningOf, type StageMeaning } from '../../yard'
import { chosen } from './tops'
import type { PlannedLayer, Writing } from './writing'
import { isWrapped, keepsWarm } from './stages'

/** What is at the entrance in the cold: by itself mice walk in. */
const DOOR_IN_WINTER: Readonly<Record<Way['winterDoor'], Use | undefined>> = {
  guard: 'guard',
  narrow: 'narrow',
  open: undefined,
}

/**
 * The fitting at the entrance by stage: narrowed while a colony is small or robbing is about, guarded in the cold, free
 * in between. A colony that builds up guards a narrow door, unless it wintered behind an open one. Common practice.
 */
function doorAt(stage: Stage, { winterDoor }: Way, isNarrow: boolean): Use | undefined {
  const byDoor: Readonly<Record<StageMeaning['door'], Use | undefined>> = {
    narrow: 'narrow',
    shut: 'shut',
    'as-in-winter': DOOR_IN_WINTER[winterDoor],
    'narrow-after-winter': winterDoor === 'open' ? undefined : 'narrow',
    'stays-narrow': isNarrow ? 'narrow' : undefined,
    free: undefined,
    wide: undefined,
  }
  return byDoor[meaningOf(stage).door]
}

/** Climates in which a mesh floor usually stays open all winter (common practice). */
const MILD: ReadonlySet<Climate> = new Set<Climate>(['cool-maritime', 'warm-temperate', 'tropical-highland'])

/** What is attached at a stage: entrance, floor insert, and the ballast that is there. */
export function fittingsAt(
  writing: Writing,
  layers: readonly PlannedLayer[],
): { readonly part: Part; readonly attachment: Attachment }[] {
  const { stage, way, assembled, catalogue, pool, climate } = writing
  const attach = (part: Part) => {
    const standing = assembled.attached.find(({ part: one }) => one.id === part.id)?.attachment
    const pattern = catalogue.patterns.get(part.patternId)
    const { edge: _edge, ...attachment }: Attachment = standing ?? {
      partId: part.id,
      place: (pattern && attachmentPlaceOf(pattern)) ?? 'around',
    }
    return {
      part,
      attachment:
        isCold(stage) && isEntranceFitting({ pattern }) ? { ...attachment, edge: 'upper' as const } : attachment,
    }
  }
  const isNarrow = assembled.attached.some(({ pattern }) => pattern?.use === 'narrow')
  const use = doorAt(stage, way, isNarrow)
  const means = meaningOf(stage)
  // Where robbers are about, a screen takes the place of the block, where there is one.
  const screen =
    means.robbers === 'about'
      ? pool.takeOwned((_, pattern) => isAsWanted(pattern, { kind: 'entrance-fitting', use: 'robbing' }))
      : undefined
  const entrance = screen
    ? [attach(screen)]
    : use
      ? [attach(pool.take(need(catalogue, { kind: 'entrance-fitting', use })))]
      : []
  const hasSlot = layers.some(({ part }) => catalogue.patterns.get(part.patternId)?.slots)
  const hasInsert = assembled.attached.some(isFloorInsert)
  const wantsInsert =
    way.floor === 'mesh-and-insert' || (way.floor === 'as-it-stands' && (hasInsert || !MILD.has(climate)))
  const insert =
    hasSlot && keepsWarm(stage) && wantsInsert ? [attach(pool.take(need(catalogue, { kind: 'floor-insert' })))] : []
  const kept = assembled.attached
    .filter((one) => !isEntranceFitting(one) && !isFloorInsert(one) && !isWrap(one))
    .filter((one) => !means.isOnTheRoad || one.attachment.place !== 'roof-top')
    .map(({ part }) => attach(pool.keep(part)))
  // A wrap that is on already while it is packed down stays.
  const hasWrap = assembled.hive.stage === stage && assembled.attached.some(isWrap)
  const wrap =
    keepsWarm(stage) && way.wrap === 'wrap' && (hasWrap || isWrapped(stage))
      ? [attach(pool.take(...chosen(writing, { kind: 'wrap' }, 'wrap')))]
      : []
  return [...entrance, ...insert, ...wrap, ...kept]
}
