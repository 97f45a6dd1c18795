import type { Rule } from '../rule'
import { broodRooms } from './brood-boxes'

/** Brood space in cells against what a queen fills at her peak, for each colony. */
export const TOO_LITTLE_ROOM: Rule<
  'room.brood',
  {
    readonly cells: number
    readonly needCells: number
    readonly layingPeak: number
    readonly shared: boolean
    readonly litres: number
  }
> = {
  id: 'room.brood',
  of: 'bees',
  when: ({ isGrowing, isSettling }) => isGrowing && !isSettling,
  find: (measured, context) => {
    const { figures, prolific } = context
    const factor = prolific ? figures.prolificRoomTimes : 1
    const [mend, watch] = [figures.broodNeedMendCells * factor, figures.broodNeedWatchCells * factor]
    return broodRooms(measured, context).flatMap(({ key, isShared, boxes, room: { cells, litres } }) =>
      cells >= watch
        ? []
        : [
            {
              severity: cells < mend ? 'mend' : 'watch',
              partIds: boxes.map(({ part }) => part.id),
              at: key,
              facts: {
                cells: Math.round(cells),
                needCells: Math.round(cells < mend ? mend : watch),
                layingPeak: figures.layingPeakEggsADay * factor,
                shared: isShared,
                litres,
              },
            },
          ],
    )
  },
}
