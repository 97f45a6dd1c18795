import { catalogueOf, find, findAll, isFormat, nucleusBoxes, type Pattern, formatsOf, isBox } from '../../parts'
import type { StackedPart } from '../../stack'
import { hiveAt, hiveIn, plannedHiveIn, type HiveIn } from '../hive-in'
import { buildHive, type Hive, type Stage, type Way, type Yard } from '../../yard'
import { writeHive } from '../../year'

export const WINTER_WAY_GROUPS = ['top', 'wrap', 'floor', 'door', 'size'] as const
/** What belongs together among ways of wintering: top, wrap, floor, door, size. */
export type WinterWayGroup = (typeof WINTER_WAY_GROUPS)[number]

/** One way to winter a hive: a choice about how it is kept, or a nucleus that it would be moved into. */
export interface WinterWay {
  readonly id: string
  readonly group: WinterWayGroup
  /** What it changes in how the hive is kept. */
  readonly way: Partial<Way>
  /** The part as made that it names, where it names one. */
  readonly part?: Pattern
  /** Only compared, never planned: another box to move into, or a box more or less than the plan asks for. */
  readonly compare?: { readonly nucleus: Pattern } | 'box-less' | 'box-more'
}

/** Every way to winter a hive of its format; each part as made is a way of its own. */
export function winterWays(hive: HiveIn): WinterWay[] {
  const { catalogue } = hive.context
  const format = formatsOf(hive.assembled.stack).find(isFormat)
  if (!format) return []
  const slabs = findAll(catalogue, { kind: 'slab', format })
  const wraps = findAll(catalogue, { kind: 'wrap' })
  const crowns = findAll(catalogue, { kind: 'crown', format, use: 'cover' }).slice(1)
  const named = (group: WinterWayGroup, what: 'slab' | 'wrap' | 'crown', way: Partial<Way>) => (part: Pattern) => ({
    id: `${group}:${part.id}`,
    group,
    way: { ...way, winterParts: { [what]: part.id } },
    part,
  })
  const plain = (group: WinterWayGroup, id: string, way: Partial<Way>): WinterWay => ({
    id: `${group}:${id}`,
    group,
    way,
  })
  const boxes = hive.assembled.stack.filter(isHome)
  const broods = boxes.filter(({ placement }) => placement.role === 'brood').length
  return [
    ...slabs.map(named('top', 'slab', { winterTop: 'condensing' })),
    plain('top', 'absorbing', { winterTop: 'absorbing' }),
    plain('top', 'vented', { winterTop: 'vented' }),
    plain('top', 'bare', { winterTop: 'bare' }),
    ...crowns.map(named('top', 'crown', {})),
    plain('wrap', 'none', { wrap: 'none' }),
    ...wraps.map(named('wrap', 'wrap', { wrap: 'wrap' })),
    plain('floor', 'solid', { floor: 'solid' }),
    plain('floor', 'mesh', { floor: 'mesh' }),
    plain('floor', 'mesh-and-insert', { floor: 'mesh-and-insert' }),
    plain('door', 'guard', { winterDoor: 'guard' }),
    plain('door', 'narrow', { winterDoor: 'narrow' }),
    plain('door', 'open', { winterDoor: 'open' }),
    ...(broods > 1
      ? [plain('size', 'one', { winterSize: 'one' })]
      : boxes.length > 1
        ? [compared('box-less')]
        : [compared('box-more')]),
    ...nucleusBoxes(catalogue, format).map((box): WinterWay => ({
      id: `size:${box.id}`,
      group: 'size',
      way: {},
      part: box,
      compare: { nucleus: box },
    })),
  ]
}

const compared = (compare: 'box-less' | 'box-more'): WinterWay => ({
  id: `size:${compare}`,
  group: 'size',
  way: {},
  compare,
})

/** A box that the colony lives in or from. */
const isHome = (part: StackedPart) => isBox(part) && part.placement.role !== 'super'

/** The hive that a way of wintering results in: what every figure of that way is worked out from. */
export function hiveByWay(yard: Yard, hive: Hive, stage: Stage, way: WinterWay): HiveIn | undefined {
  return keptBy(yard, `${hive.id} ${stage} ${way.id}`, () => newHiveByWay(yard, hive, stage, way))
}

/** The same, kept by nobody: for a sweep over many hives, which would hold them all. */
export function newHiveByWay(yard: Yard, hive: Hive, stage: Stage, { way, compare }: WinterWay): HiveIn | undefined {
  if (compare === undefined) return writtenWith(yard, hive, stage, way)
  return typeof compare === 'object'
    ? asNucleus(yard, hive, stage, compare.nucleus)
    : withBoxes(yard, hiveAt(yard, hive, stage), compare)
}

/** The same hive with its uppermost box left out, or with another like its lowest. */
function withBoxes(yard: Yard, known: HiveIn, which: 'box-less' | 'box-more'): HiveIn | undefined {
  const { stack } = known.assembled
  const home = stack.filter(isHome)
  const [lowest, highest] = [home[0], home.at(-1)]
  if (!lowest || !highest || (which === 'box-less' && lowest === highest)) return undefined
  const parts = stack.map(({ part }) => part).concat(known.assembled.attached.map(({ part }) => part))
  const another = { ...lowest.part, id: `${lowest.part.id}/another` }
  const at = stack.indexOf(highest)
  const layers = known.hive.stack
  const more = { ...lowest.placement, partId: another.id }
  const changed: Hive = {
    ...known.hive,
    stack:
      which === 'box-less'
        ? layers.filter((_, i) => i !== at)
        : [...layers.slice(0, at + 1), more, ...layers.slice(at + 1)],
  }
  return hiveIn({ ...yard, hives: [changed], parts: [...parts, another] }, changed, { planned: true })
}

/** Ways are asked for again with every move of a slider: each hive is written once for a yard. */
const kept = new WeakMap<Yard, Map<string, HiveIn | undefined>>()

function keptBy(yard: Yard, key: string, make: () => HiveIn | undefined): HiveIn | undefined {
  let known = kept.get(yard)
  if (!known) kept.set(yard, (known = new Map()))
  if (!known.has(key)) known.set(key, make())
  return known.get(key)
}

function writtenWith(yard: Yard, hive: Hive, stage: Stage, way: Partial<Way>): HiveIn | undefined {
  const { byHand: _asPlannedBefore, ...season } = hive.season ?? {}
  const keptSo: Hive = { ...hive, season: { ...season, way: withWay(season.way, way) } }
  // What a way comes to is worked out as if nothing of the hive were held; nothing is done by it.
  const { [hive.id]: _held, ...others } = yard.colonies ?? {}
  const plan = writeHive({ ...yard, colonies: others }, keptSo, [stage]).stages.get(stage)
  return plan && plannedHiveIn(yard, plan)
}

/** A way of keeping with another one over it; parts that are named stay named unless others are. */
export function withWay(before: Partial<Way> | undefined, way: Partial<Way>): Partial<Way> {
  const winterParts = { ...before?.winterParts, ...way.winterParts }
  return { ...before, ...way, ...(Object.keys(winterParts).length > 0 ? { winterParts } : {}) }
}

function asNucleus(yard: Yard, hive: Hive, stage: Stage, box: Pattern): HiveIn | undefined {
  const catalogue = catalogueOf(yard)
  const { format } = box
  const parts = [
    find(catalogue, { kind: 'floor', format, use: 'solid' }),
    box,
    find(catalogue, { kind: 'crown', format, use: 'cover' }),
    find(catalogue, { kind: 'slab', format }),
    find(catalogue, { kind: 'roof', format, roofForm: 'telescoping' }),
  ]
  let n = 0
  const built = buildHive(
    {
      name: hive.name,
      stage,
      stack: parts.flatMap((part) => (part ? [[part.id, part === box ? 'brood' : undefined] as const] : [])),
    },
    catalogue,
    () => `${hive.id}/nucleus/${n++}`,
  )
  const closed = built.parts.map((part) =>
    part.patternId === parts[2]?.id ? { ...part, hole: 'closed' as const } : part,
  )
  const moved: Hive = { ...built.hive, ...(hive.season ? { season: hive.season } : {}) }
  return hiveIn({ ...yard, hives: [moved], parts: closed }, moved)
}
