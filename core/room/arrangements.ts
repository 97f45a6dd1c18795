import type { Catalogue } from '../catalogue'
import { boxOfPattern } from '../fit'
import { roomOf, type Room } from './comb'

export interface Arrangement {
  readonly name: string
  readonly patternIds: readonly string[]
  readonly room: Room
  /** Height of the boxes, mm. */
  readonly heightMm: number
}

const ARRANGEMENTS: readonly (readonly [name: string, patternIds: readonly string[]])[] = [
  ['one Langstroth deep', ['box-langstroth-deep']],
  ['two deeps', ['box-langstroth-deep', 'box-langstroth-deep']],
  ['deep and medium', ['box-langstroth-deep', 'box-langstroth-medium']],
  ['two mediums', ['box-langstroth-medium', 'box-langstroth-medium']],
  ['three mediums', ['box-langstroth-medium', 'box-langstroth-medium', 'box-langstroth-medium']],
  ['8-frame deep', ['box-langstroth-8-deep']],
  ['two 8-frame deeps', ['box-langstroth-8-deep', 'box-langstroth-8-deep']],
  ['three 8-frame mediums', ['box-langstroth-8-medium', 'box-langstroth-8-medium', 'box-langstroth-8-medium']],
  ['jumbo', ['box-langstroth-jumbo']],
  ['National single', ['box-national-brood']],
  ['National brood and a half', ['box-national-brood', 'box-national-super']],
  ['National double', ['box-national-brood', 'box-national-brood']],
  ['14×12', ['box-national-14x12']],
  ['16×10', ['box-16x10']],
]

/** The room of every usual brood arrangement, side by side. */
export function arrangements(catalogue: Catalogue, cellWidthMm: number): Arrangement[] {
  return ARRANGEMENTS.map(([name, patternIds]) => {
    const boxes = patternIds.map((id) => boxOfPattern(catalogue.patterns.get(id)!, catalogue).resolved)
    return { name, patternIds, room: roomOf(boxes, cellWidthMm), heightMm: boxes.reduce((sum, box) => sum + (box.dimensions.depth?.mm ?? 0), 0) }
  })
}
