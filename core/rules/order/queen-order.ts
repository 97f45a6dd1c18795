import type { PlacedPart, Severity } from '../../stack'
import { isCold } from '../../yard'
import { type Role, isBox, isExcluder, findAll } from '../../parts'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding, type Remedy } from '../finding'
import { add, move, takeOff } from '../remedies'
import { nearestBand } from '../trial'

/** Where brood boxes, excluder and supers stand to each other. */
export function checkQueenOrder(measured: MeasuredHive, context: Context): Finding[] {
  const boxes = measured.layout.parts.filter(isBox)
  const excluders = measured.layout.parts.filter(isExcluder)
  return [
    ...supersBelowBrood(measured, boxes, context),
    ...foodBelowBrood(measured, boxes, context),
    ...excluders.slice(1).map((second) =>
      findingOf('order.two-excluders', 'mend', [second.part.id], {
        ways: () => [takeOff(measured.assembled.hive, second)],
      }),
    ),
    ...(excluders[0] ? aroundExcluder(measured, boxes, excluders[0], context) : noExcluder(measured, boxes, context)),
  ]
}

function withRole(boxes: readonly PlacedPart[], role: Role): PlacedPart[] {
  return boxes.filter(({ placement }) => placement.role === role)
}

/** Bees carry up what stands under them until autumn; in the cold they do not reach it (common practice). */
function supersBelowBrood(measured: MeasuredHive, boxes: readonly PlacedPart[], { stage }: Context): Finding[] {
  return belowBrood(
    measured,
    boxes,
    withRole(boxes, 'super'),
    'order.super-below-brood',
    isCold(stage) ? 'mend' : 'note',
  )
}

/** The cluster moves up through the winter, not down: food under it is not reached. */
function foodBelowBrood(measured: MeasuredHive, boxes: readonly PlacedPart[], { stage }: Context): Finding[] {
  return isCold(stage)
    ? belowBrood(
        measured,
        boxes,
        withRole(boxes, 'food').filter(({ part }) => part.contents.length > 0),
        'order.food-below-brood',
        'mend',
      )
    : []
}

/** Those of some boxes that stand lower than the highest brood: one goes above it, of several the brood goes below. */
function belowBrood(
  { assembled: { hive } }: MeasuredHive,
  boxes: readonly PlacedPart[],
  some: readonly PlacedPart[],
  rule: 'order.super-below-brood' | 'order.food-below-brood',
  severity: Severity,
): Finding[] {
  const highest = withRole(boxes, 'brood').at(-1)
  const low = highest ? some.filter((box) => box.index < highest.index) : []
  if (!highest || low.length === 0) return []
  return [
    findingOf(
      rule,
      severity,
      low.map(({ part }) => part.id),
      {
        facts: { broodId: highest.part.id },
        ways: () =>
          low.length === 1
            ? [move(hive, low[0]!, highest.index, 'move-above', highest)]
            : [move(hive, highest, low[0]!.index, 'move-below', low[0]!)],
      },
    ),
  ]
}

function aroundExcluder(
  measured: MeasuredHive,
  boxes: readonly PlacedPart[],
  excluder: PlacedPart,
  { stage, climate }: Context,
): Finding[] {
  const { hive } = measured.assembled
  const found: Finding[] = []
  const brood = withRole(boxes, 'brood')
  const under = withRole(boxes, 'super').filter(
    (box) => box.index < excluder.index && brood.every((other) => other.index < box.index),
  )
  const over = brood.filter((box) => box.index > excluder.index)
  if (isCold(stage) && boxes.some((box) => box.index > excluder.index)) {
    // Where the cluster never has to move up, leaving it in is a school.
    const mild = climate === 'warm-temperate' || climate === 'tropical-highland'
    found.push(
      findingOf('order.excluder-in-winter', mild ? 'watch' : 'mend', [excluder.part.id], {
        facts: { mild },
        ways: () => [takeOff(hive, excluder)],
      }),
    )
  }
  if (under.length > 0) {
    found.push(
      findingOf('order.super-under-excluder', 'mend', [under[0]!.part.id, excluder.part.id], {
        ways: () => [move(hive, excluder, under[0]!.index, 'move-below', under[0]!)],
      }),
    )
  }
  if (over.length > 0) {
    const highest = over.at(-1)!
    found.push(
      findingOf(
        'order.brood-above-excluder',
        over.length < brood.length ? 'watch' : 'mend',
        [over[0]!.part.id, excluder.part.id],
        {
          facts: { broodBelow: over.length < brood.length },
          ways: () => [move(hive, excluder, highest.index, 'move-above', highest)],
        },
      ),
    )
  }
  return found
}

function noExcluder(measured: MeasuredHive, boxes: readonly PlacedPart[], context: Context): Finding[] {
  const supers = withRole(boxes, 'super')
  const brood = withRole(boxes, 'brood')
  const lowest = supers[0]
  const below = brood.filter((box) => lowest && box.index < lowest.index).at(-1)
  if (isCold(context.stage) || !lowest || !below || brood.some((box) => box.index > lowest.index)) return []
  const clean = supers.find(holdsCleanComb)
  if (clean)
    return [
      findingOf('order.no-excluder-clean-comb', 'mend', [clean.part.id], {
        ways: () => excluderWays(measured, below, lowest, context),
      }),
    ]
  return [
    findingOf('order.no-excluder', 'note', [below.part.id, lowest.part.id], {
      ways: () => excluderWays(measured, below, lowest, context),
    }),
  ]
}

/** Cut comb, sections and drain frames must have no brood in them. */
function holdsCleanComb({ pattern, hung }: PlacedPart): boolean {
  return pattern?.cleanComb === true || hung.some((one) => one.pattern?.cleanComb)
}

/** Every excluder of this format, both ways up; the one whose two faces come nearest the band. */
function excluderWays(measured: MeasuredHive, below: PlacedPart, lowest: PlacedPart, context: Context): Remedy[] {
  const { hive } = measured.assembled
  const patterns = findAll(context.catalogue, { kind: 'excluder', format: below.pattern?.format })
  const ways = patterns.flatMap((pattern) =>
    (pattern.surface === 'rods' ? [false, true] : [false]).map((turned) =>
      add(hive, lowest.index, pattern, context.catalogue, turned),
    ),
  )
  return nearestBand(
    measured,
    ways,
    context,
    ({ gaps }) => gaps.find((gap) => gap.lowerId === below.part.id && gap.place === 'excluder')?.mm,
  )
}
