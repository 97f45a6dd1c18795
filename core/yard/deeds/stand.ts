import type { Edit } from '../edits/edit'
import type { Hive, Placement } from '../model/yard'

/** Stands a part otherwise: shifted, turned, for another use. */
export function stand({ id }: Hive, placement: Placement): Edit {
  return { kind: 'set-placement', hiveId: id, placement }
}

/** Stands a part the other way up. */
export function turnOver(hive: Hive, placement: Placement): Edit {
  return stand(hive, { ...placement, turnedOver: !placement.turnedOver })
}
