import { boxOfSize, STARTING_FORMAT, type BoxSize, type Catalogue } from '../parts'
import { comparableMm } from '../units'

/** Wraps as they are made for Langstroth boxes, by what they go round (common practice). */
const AS_MADE: readonly (readonly [name: string, sizes: readonly BoxSize[]])[] = [
  ['two deeps', ['deep', 'deep']],
  ['deep + medium', ['deep', 'medium']],
]

/** A wrap as it is made, and how much of the boxes of a winter it leaves bare, mm; 0 where it covers them. */
export interface WrapCover {
  readonly name: string
  readonly leavesMm: number
}

/** What each wrap leaves bare of boxes that are so high in all, mm. */
export function wrapsFor(boxesMm: number, catalogue: Catalogue): WrapCover[] {
  return AS_MADE.map(([name, sizes]) => {
    const depths = sizes.map((size) => boxOfSize(catalogue, STARTING_FORMAT, size)?.dimensions.depth.mm ?? 0)
    const leavesMm = boxesMm - depths.reduce((sum, mm) => sum + mm, 0)
    return { name, leavesMm: comparableMm(leavesMm) > 0 ? leavesMm : 0 }
  })
}
