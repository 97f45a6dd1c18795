import { find, isStand } from '../../parts'
import { add } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { floorOf } from './at-the-door'

/** A mesh right on a closed slab or block has no air, and mites that fell through it stay (common practice). */
export const MESH_SHUT_OFF: Rule<'season.mesh-shut-off'> = {
  id: 'season.mesh-shut-off',
  of: 'bees',
  find: (measured, { catalogue }) => {
    const floor = floorOf(measured)
    const under = floor && measured.layout.parts[floor.index - 1]
    if (floor?.pattern?.surface !== 'mesh' || !under) return []
    if (!isStand(under) || under.pattern?.material !== 'masonry') return []
    return oneOf({
      severity: 'watch',
      partIds: [floor.part.id, under.part.id],
      ways: () => {
        const frame = find(catalogue, { kind: 'stand', use: 'low' })
        return frame ? [add(measured.assembled.hive, floor.index, frame, catalogue)] : []
      },
    })
  },
}
