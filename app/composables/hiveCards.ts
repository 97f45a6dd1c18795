import type { Hive, Yard } from '#core/yard'
import { laidIn } from '#core/ask'
import { localToday } from './localTime'
import { hivePath } from './paths'
import { printedHive } from '~/drawing/printed'
import { usePreferences } from '~/stores/preferences'

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
    // No stage: a card stays on the hive longer than one lasts.
    lines: [yard.name, `As it stood on ${usePreferences().day(localToday())}`],
  }))
}
