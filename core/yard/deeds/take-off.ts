import type { Edit } from '../edits/edit'
import type { Hive } from '../model/yard'

/** Takes a part off a stack, or what is fixed to the hive; it goes to the shed. */
export function takeOff({ id, stack }: Hive, partId: string): Edit {
  const stands = stack.some((placement) => placement.partId === partId)
  return { kind: stands ? 'take-off' : 'detach-part', hiveId: id, partId }
}
