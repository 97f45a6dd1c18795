import { applyEdit, type Hive, type Yard } from '#core/yard'
import { hiveIn, type HiveIn, type Alternative } from '#core/ask'

const known = new WeakMap<Yard, WeakMap<Alternative, HiveIn>>()

/** The hive that a lighter way results in: what every view of that way is drawn and reckoned from. */
export function plannedOn(yard: Yard, hive: Hive, way: Alternative): HiveIn {
  let ofYard = known.get(yard)
  if (!ofYard) known.set(yard, (ofYard = new WeakMap()))
  const found = ofYard.get(way)
  if (found) return found
  const applied = way.edit ? applyEdit(yard, way.edit) : null
  const changed = applied?.ok ? applied.yard : yard
  const made = hiveIn(changed, changed.hives.find(({ id }) => id === hive.id) ?? hive)
  ofYard.set(way, made)
  return made
}
