import { catalogueOf } from '../parts'
import { partsById } from '../stack'
import { applyEdit, type Edit, type Hive, type Stage, type Yard } from '../yard'
import { beginVisit, setHive, together } from '../yard/deeds'
import { changeoverOf } from './changeover'
import { tickEdit, visitOf } from './visit'
import { partsWith } from './write/planned'
import { writeHive } from './write/write'

/**
 * A change that was done without being ticked, as one edit that can be undone: the hive stands as planned for a stage.
 * Undefined where there is no such plan, or the plan cannot be carried out.
 * @param visitId an identity for the visit that it is told as
 */
export function doneAtOnce(yard: Yard, hive: Hive, stage: Stage, today: string, visitId: string): Edit | undefined {
  const parts = partsById(yard)
  const planned = writeHive(yard, hive, [stage]).stages.get(stage)
  if (!planned) return undefined
  const goal = { hive: planned.hive, parts: partsWith(parts, planned) }
  const changeover = changeoverOf({ hive, parts }, goal, catalogueOf(yard))
  if (changeover.steps.length === 0) return setHive(hive, { stage })
  const begun = beginVisit(hive.id, visitOf(changeover, visitId, today))
  const edits = [begun]
  let now = applyEdit(yard, begun)
  while (now.ok) {
    const standing = now.yard.hives.find(({ id }) => id === hive.id)
    const tick = standing && tickEdit(now.yard, standing)
    if (!tick) return together(...edits)
    edits.push(tick)
    now = applyEdit(now.yard, tick)
  }
  return undefined
}
