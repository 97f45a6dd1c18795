import { attachmentPlaceOf, isEntranceFitting, isFloorInsert } from '../../parts'
import { isCold, type Attachment, type Part, type Stage } from '../../hive'
import type { Layer, Writing } from './layers'
import { isAsWanted, need, type Use } from '../../catalogue'

/**
 * The fitting at the entrance by stage: narrowed while a colony is small or robbing is about, guarded in the cold, free
 * in between; common practice.
 */
const ENTRANCE: Readonly<Partial<Record<Stage, Use>>> = {
  settling: 'narrow',
  'after-crop': 'narrow',
  dearth: 'narrow',
  'pack-down': 'guard',
  winter: 'guard',
  'late-winter-check': 'guard',
  moving: 'shut',
  bait: 'narrow',
}

/** Where robbers are about, a screen takes the place of the block, where there is one. */
const ROBBING: ReadonlySet<Stage> = new Set<Stage>(['after-crop', 'dearth'])

/** What is attached at a stage: entrance, floor insert, and the ballast that is there. */
export function fittingsAt(
  writing: Writing,
  layers: readonly Layer[],
): { readonly part: Part; readonly attachment: Attachment }[] {
  const { stage, way, assembled, catalogue, pool } = writing
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
  const use = ENTRANCE[stage]
  const screen = ROBBING.has(stage)
    ? pool.takeOwned((_, pattern) => isAsWanted(pattern, { kind: 'entrance-fitting', use: 'robbing' }))
    : undefined
  const entrance = screen
    ? [attach(screen)]
    : use
      ? [attach(pool.take(need(catalogue, { kind: 'entrance-fitting', use })))]
      : []
  const hasSlot = layers.some(({ part }) => catalogue.patterns.get(part.patternId)?.slots)
  const insert =
    hasSlot && isCold(stage) && (way.floor === 'mesh-and-insert' || way.floor === 'as-it-stands')
      ? [attach(pool.take(need(catalogue, { kind: 'floor-insert' })))]
      : []
  const kept = assembled.attached
    .filter(({ pattern }) => !isEntranceFitting({ pattern }) && !isFloorInsert({ pattern }))
    .map(({ part }) => attach(pool.keep(part)))
  return [...entrance, ...insert, ...kept]
}
