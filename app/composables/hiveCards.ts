import type { Hive, Yard } from '#core/hive'
import { stageWord } from '#core/wording'

/** The whole address of a hive's bench, for a code on paper. */
export function benchLink(yardId: string, hiveId: string): string {
  return `${location.origin}${hivePath(yardId, hiveId, 'bench')}`
}

/** A card for each of these hives, with the address of its bench for the code on it. */
export function hiveCards(yard: Yard, hives: readonly Hive[]) {
  return hives.map((hive) => ({
    name: hive.name,
    link: benchLink(yard.id, hive.id),
    lines: [yard.name, `Stands as: ${stageWord(hive.stage)}`],
  }))
}
