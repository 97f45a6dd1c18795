import type { Grade } from '#core/checks'
import type { Yard } from '#core/hive'
import { hiveIn } from '#core/hive-in'

export interface HiveGrade {
  readonly hiveId: string
  readonly worst: Grade
}

const CHUNK = 50

/**
 * The worst grade of every hive of a yard. Tells after each chunk how many are done, and ends with null as soon as
 * it is told that nobody waits any more.
 */
export async function assessYard(
  yard: Yard,
  onProgress: (done: number) => void,
  isCancelled: () => Promise<boolean> | boolean,
): Promise<HiveGrade[] | null> {
  const grades: HiveGrade[] = []
  for (let at = 0; at < yard.hives.length; at += CHUNK) {
    for (const hive of yard.hives.slice(at, at + CHUNK))
      grades.push({ hiveId: hive.id, worst: hiveIn(yard, hive).assessment.worst })
    onProgress(grades.length)
    if (await isCancelled()) return null
  }
  return grades
}
