import type { Edit } from '../edits/edit'
import type { Hive } from '../model/yard'
import type { Visit } from '../model/season'

/** Begins a visit to a hive. */
export function beginVisit(hiveId: string, visit: Visit): Edit {
  return { kind: 'set-visit', hiveId, visit, doneBefore: null }
}

/** Goes on with a visit that has changed; ends it where nothing is left to do. */
export function goOn({ id, visit: before }: Hive, visit: Visit | null): Edit {
  return { kind: 'set-visit', hiveId: id, visit, doneBefore: before?.done ?? null }
}

/** Ends a visit where it is. */
export function endVisit(hive: Hive): Edit {
  return goOn(hive, null)
}
