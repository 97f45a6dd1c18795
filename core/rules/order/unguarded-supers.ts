import { findAll } from '../../parts'
import type { PlacedPart } from '../../stack'
import type { Context, MeasuredHive } from '../context'
import { add } from '../remedies'
import type { Remedy } from '../remedy'
import { nearestBand } from '../trial'
import { boxesOf, excluderOf, withRole } from './in-the-stack'

/** Supers over the brood without an excluder, and where one goes. */
interface UnguardedSupers {
  readonly supers: readonly PlacedPart[]
  readonly below: PlacedPart
  readonly lowest: PlacedPart
}

/** Where nothing keeps the queen out of supers; undefined where there are none, or brood stands over them. */
export function unguardedSupers(measured: MeasuredHive): UnguardedSupers | undefined {
  if (excluderOf(measured)) return undefined
  const boxes = boxesOf(measured)
  const supers = withRole(boxes, 'super')
  const brood = withRole(boxes, 'brood')
  const [lowest] = supers
  const below = brood.filter((box) => lowest && box.index < lowest.index).at(-1)
  if (!lowest || !below || brood.some((box) => box.index > lowest.index)) return undefined
  return { supers, below, lowest }
}

/** Cut comb, sections and drain frames must have no brood in them. */
export function holdsCleanComb({ pattern, hung }: PlacedPart): boolean {
  return pattern?.cleanComb === true || hung.some((one) => one.pattern?.cleanComb)
}

/** Every excluder of this format, both ways up; the one whose two faces come nearest the band. */
export function excluderWays(measured: MeasuredHive, { below, lowest }: UnguardedSupers, context: Context): Remedy[] {
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
