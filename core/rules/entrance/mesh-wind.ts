import { findAll } from '../../parts'
import { attach } from '../remedies'
import { oneOf, type Rule } from '../rule'
import { floorOf, insertOf } from './at-the-door'

/** Wind under an open mesh in the cold (common practice). */
export const MESH_WIND: Rule<'season.mesh-wind'> = {
  id: 'season.mesh-wind',
  of: 'bees',
  when: ({ isCold }) => isCold,
  find: (measured, { catalogue }) => {
    const floor = floorOf(measured)
    if (floor?.pattern?.surface !== 'mesh' || insertOf(measured)) return []
    return oneOf({
      severity: 'note',
      partIds: [floor.part.id],
      ways: () =>
        floor.pattern?.slots
          ? findAll(catalogue, { kind: 'floor-insert' })
              .slice(0, 1)
              .map((pattern) => attach(measured.assembled.hive, pattern, catalogue))
          : [],
    })
  },
}
