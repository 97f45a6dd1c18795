import { boxOfSize, type BoxSize, type Catalogue, type Format, dimensionMm } from '../../parts'
import { boxOfPattern } from '../fit/table'
import { roomOf, type Room } from './comb'

export interface Arrangement {
  readonly name: string
  readonly patternIds: readonly string[]
  readonly room: Room
  /** Height of the boxes, mm. */
  readonly heightMm: number
}

const ARRANGEMENTS: readonly (readonly [name: string, format: Format, sizes: readonly BoxSize[]])[] = [
  ['one Langstroth deep', 'langstroth-10', ['deep']],
  ['two deeps', 'langstroth-10', ['deep', 'deep']],
  ['deep and medium', 'langstroth-10', ['deep', 'medium']],
  ['two mediums', 'langstroth-10', ['medium', 'medium']],
  ['three mediums', 'langstroth-10', ['medium', 'medium', 'medium']],
  ['8-frame deep', 'langstroth-8', ['deep']],
  ['two 8-frame deeps', 'langstroth-8', ['deep', 'deep']],
  ['three 8-frame mediums', 'langstroth-8', ['medium', 'medium', 'medium']],
  ['jumbo', 'langstroth-10', ['large']],
  ['National single', 'national', ['deep']],
  ['National brood and a half', 'national', ['deep', 'shallow']],
  ['National double', 'national', ['deep', 'deep']],
  ['14×12', 'national', ['large']],
  ['16×10', '16x10', ['deep']],
]

/** The room of every usual brood arrangement, side by side. */
export function arrangements(catalogue: Catalogue, cellWidthMm: number): Arrangement[] {
  return ARRANGEMENTS.map(([name, format, sizes]) => {
    const boxes = sizes.map((size) => boxOfPattern(boxOfSize(catalogue, format, size)!, catalogue).resolved)
    return {
      name,
      patternIds: boxes.map(({ part }) => part.patternId),
      room: roomOf(boxes, cellWidthMm),
      heightMm: boxes.reduce((sum, box) => sum + dimensionMm(box, 'depth'), 0),
    }
  })
}
