import { isCold, type Hive, meaningOf } from '../../yard'
import { setEdge } from '../../yard/deeds'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding, type Remedy } from '../finding'
import { add as putIn, attach, detach, takeOff } from '../remedies'
import { isEntranceFitting, isFloor, isFloorInsert, isStand, isVent, find, findAll, type Use } from '../../parts'
import type { PlacedPart } from '../../stack'

/**
 * What is at the door and in the floor, against the stage: guarded in the cold, narrow for a small colony, free in the
 * flow (common practice).
 */
export function checkEntrance(measured: MeasuredHive, context: Context): Finding[] {
  const { layout, assembled } = measured
  const { stage, catalogue } = context
  const floor = layout.parts.find(isFloor)
  if (!floor) return []
  const { hive } = assembled
  const fittings = assembled.attached.filter(isEntranceFitting)
  const insert = assembled.attached.find(isFloorInsert)
  const add = (use: Use) =>
    findAll(catalogue, { kind: 'entrance-fitting', use })
      .slice(0, 1)
      .map((pattern) => attach(hive, pattern, catalogue))
  const means = meaningOf(stage)
  const hasFewGuards = means.robbers === 'about' || means.robbers === 'to-the-weak'
  const shut = fittings.filter(({ pattern }) => pattern.use === 'shut')
  const found: Finding[] = isCold(stage) ? inTheCold(measured, context, floor) : []
  if (hasFewGuards && fittings.length === 0)
    found.push(
      findingOf('season.wide-entrance', 'note', [floor.part.id], {
        facts: { stage },
        ways: () => [...add('narrow'), ...(means.robbers === 'about' ? add('robbing') : [])],
      }),
    )
  if (means.door === 'wide')
    for (const one of fittings)
      found.push(findingOf('season.narrow-entrance', 'note', [one.part.id], { ways: () => [detach(hive, one)] }))
  if (means.supers !== 'none' && insert)
    found.push(findingOf('season.insert-in', 'note', [insert.part.id], { ways: () => [detach(hive, insert)] }))
  if (shut.length > 0 && !means.isOnTheRoad)
    found.push(
      findingOf(
        'season.shut-in',
        'stop',
        shut.map(({ part }) => part.id),
        { ways: () => shut.map((one) => detach(hive, one)) },
      ),
    )
  if (means.isOnTheRoad && shut.length === 0)
    found.push(findingOf('season.travel-open', 'mend', [floor.part.id], { ways: () => add('shut') }))
  found.push(...meshOnSlab(measured, context, floor))
  const vent = layout.parts.find(isVent)
  if (vent && (hasFewGuards || means.isOnTheRoad))
    found.push(
      findingOf('season.upper-hole', means.isOnTheRoad ? 'mend' : 'watch', [vent.part.id], {
        facts: { stage },
        ways: () => [takeOff(hive, vent)],
      }),
    )
  return found
}

/** A guard at the door, its opening above the dead, wind under a mesh; whoever looks today is reminded of the door. */
function inTheCold(
  { assembled }: MeasuredHive,
  { stage, catalogue, today, planned }: Context,
  floor: PlacedPart,
): Finding[] {
  const { hive } = assembled
  const fittings = assembled.attached.filter(isEntranceFitting)
  const insert = assembled.attached.find(isFloorInsert)
  const guarded = fittings.some(({ pattern }) => pattern.use === 'guard')
  const found: Finding[] = []
  if (!guarded)
    found.push(
      findingOf('season.no-guard', fittings.length > 0 ? 'note' : 'watch', [floor.part.id], {
        facts: { narrow: fittings.length > 0 },
        ways: () => {
          const guard = find(catalogue, { kind: 'entrance-fitting', use: 'guard' })
          return guard ? [attach(hive, guard, catalogue)] : []
        },
      }),
    )
  for (const one of fittings)
    if (OPENS_AT_AN_EDGE.has(one.pattern.use) && one.attachment.edge !== 'upper')
      found.push(findingOf('season.lower-opening', 'note', [one.part.id], { ways: () => [toUpperEdge(hive, one)] }))
  if (floor.pattern?.surface === 'mesh' && !insert)
    found.push(
      findingOf('season.mesh-wind', 'note', [floor.part.id], {
        ways: () =>
          floor.pattern?.slots
            ? findAll(catalogue, { kind: 'floor-insert' })
                .slice(0, 1)
                .map((pattern) => attach(hive, pattern, catalogue))
            : [],
      }),
    )
  // Whoever looks at a hive of today is reminded; a plan needs no sweeping.
  if (meaningOf(stage).isDoorCleared && today && !planned)
    found.push(findingOf('season.clear-door', 'note', [floor.part.id]))
  return found
}

/** A mesh right on a closed slab or block has no air, and mites that fell through it stay (common practice). */
function meshOnSlab({ layout, assembled }: MeasuredHive, { catalogue }: Context, floor: PlacedPart): Finding[] {
  const under = layout.parts[floor.index - 1]
  if (floor.pattern?.surface !== 'mesh' || !under || !isStand(under) || under.pattern?.material !== 'masonry') return []
  const frame = find(catalogue, { kind: 'stand', use: 'low' })
  return [
    findingOf('season.mesh-shut-off', 'watch', [floor.part.id, under.part.id], {
      ways: () => (frame ? [putIn(assembled.hive, floor.index, frame, catalogue)] : []),
    }),
  ]
}

/** Fittings that narrow a part of the door, so that it matters where they leave it open. */
const OPENS_AT_AN_EDGE: ReadonlySet<Use | undefined> = new Set<Use>(['narrow', 'guard'])

function toUpperEdge(hive: Hive, { part }: MeasuredHive['assembled']['attached'][number]): Remedy {
  return { kind: 'turn-over', partId: part.id, edit: setEdge(hive, part, 'upper') }
}
