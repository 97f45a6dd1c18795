import { there } from '../../units'
import { boxOfSize, dimensionMm, FORMATS, HIVE_FORMATS, type Catalogue } from '../../parts'
import { boxOfPattern } from '../fit/table'
import { roomOf, type Room } from './comb'

/** Boxes for brood, with the room that they make. */
export interface Arrangement {
  readonly name: string
  readonly patternIds: readonly string[]
  readonly room: Room
  /** Height of the boxes, mm. */
  readonly heightMm: number
}

/** The room of every usual brood arrangement, side by side. */
export function arrangements(catalogue: Catalogue, cellWidthMm: number): Arrangement[] {
  const rooms = FORMATS.flatMap((format) => HIVE_FORMATS[format].broodRooms.map((room) => [format, ...room] as const))
  return rooms.map(([format, name, sizes]) => {
    const boxes = sizes.map((size) => boxOfPattern(there(boxOfSize(catalogue, format, size)), catalogue).resolved)
    return {
      name,
      patternIds: boxes.map(({ part }) => part.patternId),
      room: roomOf(boxes, cellWidthMm),
      heightMm: boxes.reduce((sum, box) => sum + dimensionMm(box, 'depth'), 0),
    }
  })
}
