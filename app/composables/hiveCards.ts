import type { Hive, Yard } from '#core/hive'
import { laidIn } from '#core/laid-hive'
import { stageSaid } from './said'
import { printedHive } from '~/drawing/printed'

/** The whole address of a hive's bench, for a code on paper. */
export function benchLink(yardId: string, hiveId: string): string {
  return `${location.origin}${hivePath(yardId, hiveId, 'bench')}`
}

/** A card for each of these hives, with the address of its bench for the code on it. */
export function hiveCards(yard: Yard, hives: readonly Hive[]) {
  return hives.map((hive) => ({
    name: hive.name,
    link: benchLink(yard.id, hive.id),
    drawing: printedHive(laidIn(yard, hive).layout),
    lines: [yard.name, `Stands as: ${stageSaid(hive.stage)}`],
  }))
}
