import { insideLitres } from '../../stack'
import { takeOff } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { baitOf } from './frames'

/**
 * Room that a swarm looks for, litres: about 40 (Seeley 1977, Behavioral Ecology and Sociobiology 2, from memory; the
 * bounds too).
 */
const ROOM_LITRES = { least: 25, most: 60 } as const

/** Room of the right size. */
export const BAIT_ROOM: Rule<
  'season.bait-room',
  { readonly litres: number; readonly least: number; readonly most: number }
> = {
  id: 'season.bait-room',
  of: 'bees',
  when: ({ comes }) => comes === 'as-bait',
  find: (measured) => {
    const { boxes, ids } = baitOf(measured)
    const [highest] = boxes.slice(-1)
    const litres = boxes.reduce((sum, { resolved }) => sum + insideLitres(resolved), 0)
    return oneOf(
      highest &&
        (litres < ROOM_LITRES.least || litres > ROOM_LITRES.most) && {
          severity: 'note',
          partIds: ids,
          facts: { litres: Math.round(litres), ...ROOM_LITRES },
          ways: () => (boxes.length > 1 ? [takeOff(measured.assembled.hive, highest)] : []),
        },
    )
  },
}
