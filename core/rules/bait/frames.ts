import type { MeasuredHive } from '../context'
import { boxesOf } from '../order/in-the-stack'

/** What hangs in a bait hive, and its boxes. */
export function baitOf(measured: MeasuredHive) {
  const boxes = boxesOf(measured)
  return { boxes, ids: boxes.map(({ part }) => part.id), frames: boxes.flatMap(({ hung }) => hung) }
}
