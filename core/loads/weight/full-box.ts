import { isFrame, type ResolvedPart } from '../../parts'
import { honeyCapacityKg, honeyKg, waxKg } from './honey'
import { type Range, exactly, sumOf } from './range'
import { hungWareKg, shellKg } from './ware'

/** Mass of a box full of honey, kg; its bounds are those of the fill, all else at its middle (common practice). */
export function fullBoxKg(box: ResolvedPart): Range {
  const ware = shellKg(box).middle + hungWareKg(box).middle + waxKg(honeyCapacityKg([box]), box.figures).middle
  return sumOf([exactly(ware), honeyKg([box])])
}

/** Honey of one frame of a box full of it, kg; 0 where none hangs (common practice). */
export function fullFrameHoneyKg(box: ResolvedPart): number {
  const frames = box.hung.filter(isFrame).length
  return frames === 0 ? 0 : honeyKg([box]).middle / frames
}

/**
 * Mass of one frame of a box full of honey, kg, with its comb and what it is made of; 0 where none hangs (common
 * practice).
 */
export function fullFrameKg(box: ResolvedPart): number {
  const frames = box.hung.filter(isFrame).length
  return frames === 0
    ? 0
    : (hungWareKg(box).middle + waxKg(honeyCapacityKg([box]), box.figures).middle + honeyKg([box]).middle) / frames
}
