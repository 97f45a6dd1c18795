import { insideLitres } from '../../stack'
import { takeOff } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { baitOf } from './frames'

/** Room of the right size. */
export const BAIT_ROOM: Rule<
  'season.bait-room',
  { readonly litres: number; readonly least: number; readonly usual: number; readonly most: number }
> = {
  id: 'season.bait-room',
  of: 'bees',
  when: ({ comes }) => comes === 'as-bait',
  find: (measured, { figures }) => {
    const { boxes, ids } = baitOf(measured)
    const [highest] = boxes.slice(-1)
    const litres = boxes.reduce((sum, { resolved }) => sum + insideLitres(resolved), 0)
    return oneOf(
      highest &&
        (litres < figures.baitLeastLitres || litres > figures.baitMostLitres) && {
          severity: 'note',
          partIds: ids,
          facts: {
            litres: Math.round(litres),
            least: figures.baitLeastLitres,
            usual: figures.baitUsualLitres,
            most: figures.baitMostLitres,
          },
          ways: () => (boxes.length > 1 ? [takeOff(measured.assembled.hive, highest)] : []),
        },
    )
  },
}
