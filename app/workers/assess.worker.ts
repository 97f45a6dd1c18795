import { expose } from 'comlink'
import { assessHive } from '#core/assess'
import { CATALOGUE } from '#core/catalogue'
import type { Grade } from '#core/checks'
import { partsById } from '#core/geometry'
import type { Yard } from '#core/hive'

export interface HiveGrade {
  readonly hiveId: string
  readonly worst: Grade
}

const CHUNK = 50

/** Assesses a whole yard away from the page: tells how far it is, and stops when it is told to. */
const door = {
  async assessYard(yard: Yard, onProgress: (done: number) => void, isCancelled: () => Promise<boolean>): Promise<HiveGrade[] | null> {
    const parts = partsById(yard)
    const grades: HiveGrade[] = []
    for (let at = 0; at < yard.hives.length; at += CHUNK) {
      for (const hive of yard.hives.slice(at, at + CHUNK)) grades.push({ hiveId: hive.id, worst: assessHive(yard, hive, CATALOGUE, parts).worst })
      onProgress(grades.length)
      if (await isCancelled()) return null
    }
    return grades
  },
}
export type AssessDoor = typeof door

expose(door)
