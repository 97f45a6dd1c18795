import { there } from '../../units'
import { isEdit, leavesOf } from '../edits/edit'
import type { HiveChange } from './past'
import type { Stage } from '../stages'

/** Changes to a hive that were made in one go, newest first. */
export interface Sitting {
  readonly changes: readonly HiveChange[]
  /** The stage to which a visit of the plan led, where one was begun in it. */
  readonly visitTo: Stage | null
}

/** Who comes back later than this came anew. Common practice: an apiary is done in one go. */
const APART_MINUTES = 3 * 60

/**
 * Changes grouped by visit: those that follow each other within three hours; a visit that is begun begins a group of
 * its own. The order is kept, newest first.
 */
export function sittingsOf(changes: readonly HiveChange[]): Sitting[] {
  const groups: HiveChange[][] = []
  for (const change of changes) {
    const later = groups.at(-1)?.at(-1)
    const apartMinutes = later ? (Date.parse(later.happenedAt) - Date.parse(change.happenedAt)) / 60_000 : Infinity
    const begun = later !== undefined && visitIn(later) !== null
    if (apartMinutes <= APART_MINUTES && !begun) there(groups.at(-1)).push(change)
    else groups.push([change])
  }
  return groups.map((group) => ({
    changes: group,
    visitTo: group.map(visitIn).find((stage) => stage !== null) ?? null,
  }))
}

/** The stage of a visit that a change begins. */
function visitIn({ edit }: HiveChange): Stage | null {
  for (const leaf of leavesOf(edit))
    if (isEdit(leaf, 'set-visit') && leaf.visit && leaf.doneBefore === null) return leaf.visit.toStage
  return null
}
