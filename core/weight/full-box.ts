import type { ResolvedPart } from '../geometry'
import { honeyCapacityKg, honeyKg, waxKg } from './honey'
import type { Range } from './range'
import { exactly, sumOf } from './range'
import { hungWareKg, shellKg } from './ware'

/** Mass of a box full of honey, kg; its bounds are those of the fill, all else at its middle (common practice). */
export function fullBoxKg(box: ResolvedPart): Range {
  const ware = shellKg(box).middle + hungWareKg(box).middle + waxKg(honeyCapacityKg([box])).middle
  return sumOf([exactly(ware), honeyKg([box])])
}

/** Mass of one frame of a box full of honey, kg, with its comb and what it is made of; 0 where none hangs (common practice). */
export function fullFrameKg(box: ResolvedPart): number {
  const frames = box.hung.filter(({ pattern }) => pattern?.kind === 'frame').length
  return frames === 0 ? 0 : (hungWareKg(box).middle + waxKg(honeyCapacityKg([box])).middle + honeyKg([box]).middle) / frames
}
