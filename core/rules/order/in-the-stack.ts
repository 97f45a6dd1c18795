import {
  STARTING_FORMAT,
  find,
  isBox,
  isExcluder,
  isFloor,
  isRoof,
  type Pattern,
  type Role,
  type Wanted,
} from '../../parts'
import { coversColony, type PlacedPart, type Severity } from '../../stack'
import type { Context, MeasuredHive } from '../context'
import type { Found } from '../rule'
import { move } from '../remedies'

/** The boxes of a hive, from below. */
export const boxesOf = ({ layout }: MeasuredHive): PlacedPart[] => layout.parts.filter(isBox)

/** The lowest excluder. */
export const excluderOf = ({ layout }: MeasuredHive): PlacedPart | undefined => layout.parts.find(isExcluder)

/** Those of some boxes that stand in a role. */
export const withRole = (boxes: readonly PlacedPart[], role: Role): PlacedPart[] =>
  boxes.filter(({ placement }) => placement.role === role)

/** A pattern that goes with what stands there already, at the bottom or at the top of it. */
export function matching(
  { layout }: MeasuredHive,
  { catalogue }: Context,
  wanted: Wanted,
  at: 'bottom' | 'top' = 'bottom',
): Pattern | undefined {
  const standing = layout.parts.filter((part) => isBox(part) || isFloor(part))
  const format = standing.at(at === 'bottom' ? 0 : -1)?.pattern?.format ?? STARTING_FORMAT
  return find(catalogue, { ...wanted, format }) ?? find(catalogue, { ...wanted, format: 'any' })
}

/** Those of some boxes that stand lower than the highest brood: one goes above it, of several the brood goes below. */
export function belowBrood(
  measured: MeasuredHive,
  some: readonly PlacedPart[],
  severity: Severity,
): readonly Found<{ readonly broodId: string }>[] {
  const { hive } = measured.assembled
  const highest = withRole(boxesOf(measured), 'brood').at(-1)
  const low = highest ? some.filter((box) => box.index < highest.index) : []
  const [lowest] = low
  if (!highest || !lowest) return []
  return [
    {
      severity,
      partIds: low.map(({ part }) => part.id),
      facts: { broodId: highest.part.id },
      ways: () =>
        low.length === 1
          ? [move(hive, lowest, highest.index, 'move-above', highest)]
          : [move(hive, highest, lowest.index, 'move-below', lowest)],
    },
  ]
}

/** A roof that the bees get to, with nothing between it and the frames, and what it lies on. */
export function roofOverBees({
  layout,
  reachedFromBelow,
}: MeasuredHive): { readonly roof: PlacedPart; readonly below: PlacedPart } | undefined {
  const roof = layout.parts.find(isRoof)
  const below = roof && layout.parts[roof.index - 1]
  if (!below || !reachedFromBelow?.has(roof.part.id)) return undefined
  const frames = layout.parts.findLast(({ faces }) => faces.upper.zones.some(({ surface }) => surface === 'top-bars'))
  return layout.parts.slice((frames?.index ?? 0) + 1, roof.index).some(coversColony) ? undefined : { roof, below }
}
