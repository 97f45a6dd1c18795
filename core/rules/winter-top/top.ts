import { findAll, isAbsorber, isCrown, isRoof, isSlab, isVent } from '../../parts'
import type { PlacedPart } from '../../stack'
import type { Hive } from '../../yard'
import { chipsFullInDays, coldestTimeOf, type ColdestTime } from '../../heat'
import type { Context, MeasuredHive } from '../context'
import { insulate } from '../remedies'
import type { Remedy } from '../remedy'

/** The winter top as it stands: closed and warm, absorbing, vented, or bare. */
interface Top {
  readonly crown: PlacedPart | undefined
  readonly slab: PlacedPart | undefined
  readonly absorber: PlacedPart | undefined
  readonly vent: PlacedPart | undefined
  readonly coldest: ColdestTime | undefined
  /** Days until chips are full that cannot dry; null where nothing says it. */
  readonly fullInDays: number | null
}

const known = new WeakMap<MeasuredHive, Top>()

/** The top of a hive, looked at once. */
export function topOf(measured: MeasuredHive, context: Context): Top {
  let top = known.get(measured)
  if (!top) known.set(measured, (top = asItStands(measured, context)))
  return top
}

function asItStands({ layout, assembled }: MeasuredHive, context: Context): Top {
  const { parts } = layout
  const absorber = parts.find(isAbsorber)
  const coldest = coldestTimeOf(assembled.hive, context)
  const days = absorber && coldest && chipsFullInDays(layout, coldest)
  return {
    crown: parts.find(isCrown),
    slab: parts.find(isSlab),
    absorber,
    vent: parts.find(isVent),
    coldest,
    fullInDays: days === undefined ? null : Math.max(1, Math.round(days)),
  }
}

/** A crown under something that wants its hole open, and has it closed. */
export function shutUnder(over: PlacedPart | undefined, { crown }: Top): PlacedPart | undefined {
  return over && crown && crown.index < over.index && crown.part.hole === 'closed' ? crown : undefined
}

/** Every slab of the format over a cover, under the roof: the promise says which of them is enough. */
export const slabsOver =
  (hive: Hive, over: PlacedPart, { catalogue }: Context): (() => readonly Remedy[]) =>
  () => {
    const format = over.pattern?.format
    if (isRoof(over)) return []
    return findAll(catalogue, { kind: 'slab', format }).map((slab) => insulate(hive, over, slab, catalogue))
  }
