import { findAll, isBox, isCrown, isFloor } from '../../parts'
import type { PlacedPart } from '../../stack'
import type { MeasuredHive } from '../context'
import { insertOf } from '../entrance/at-the-door'
import { add, swapFor, takeOffAll } from '../remedies'
import type { Remedy } from '../remedy'
import { oneOf, type Rule } from '../rule'
import { screenOf } from './screen'

/** No screen above: with a closed floor the bees have no air at all. Common practice. */
export const TRAVEL_AIR: Rule<'season.travel-air', { readonly isAired: boolean }> = {
  id: 'season.travel-air',
  of: 'bees',
  when: ({ isOnTheRoad }) => isOnTheRoad,
  find: (measured, { catalogue }) => {
    const { parts } = measured.layout
    const { hive } = measured.assembled
    const box = parts.findLast(isBox)
    const top = parts.find(isCrown) ?? parts.at(-1)
    if (!box || !top || screenOf(measured)) return []
    const isAired = parts.find(isFloor)?.pattern.surface === 'mesh' && !insertOf(measured)
    const ways = (): Remedy[] => {
      const screen = findAll(catalogue, { kind: 'crown', use: 'travel', format: box.pattern.format }).at(0)
      if (!screen) return []
      const above = parts.slice(box.index + 1)
      const put = isCrown(top) ? swapFor(hive, top, screen, catalogue) : add(hive, box.index + 1, screen, catalogue)
      const others = above.filter(({ part }) => part.id !== top.part.id || !isCrown(top))
      return [others.length > 0 ? { ...put, edit: withoutRest(put, hive, others) } : put]
    }
    return oneOf({ severity: isAired ? 'mend' : 'stop', partIds: [top.part.id], facts: { isAired }, ways })
  },
}

/** What lies over the bees goes first, so that nothing covers the screen. */
function withoutRest(
  put: Remedy,
  hive: MeasuredHive['assembled']['hive'],
  others: readonly PlacedPart[],
): Remedy['edit'] {
  return { kind: 'batch', edits: [takeOffAll(hive, others).edit, put.edit] }
}
