import type { Source } from '../units'
import { COMMON, MEMORY, figure } from './figure'

const RANGE_OF_BEE_SPACE: Source = {
  mark: 'P',
  text: 'Langstroth, The Hive and the Honey-Bee; USDA Agriculture Handbook 335, from memory',
}

/** Where bees pass, what they build across, what seals. */
export const BEE_SPACE = {
  beeSpaceMinMm: figure(6.35, 'mm', 'bee space, at least (published range)', 'every gap at frames', RANGE_OF_BEE_SPACE),
  beeSpaceMaxMm: figure(9.525, 'mm', 'bee space, at most (published range)', 'every gap at frames', RANGE_OF_BEE_SPACE),
  singleMinMm: figure(7.9375, 'mm', 'bee space by one figure, at least', 'yards that choose it', COMMON),
  singleMaxMm: figure(11.1125, 'mm', 'bee space by one figure, at most', 'yards that choose it', COMMON),
  metricMinMm: figure(6, 'mm', 'bee space by metric practice, at least', 'yards that choose it', COMMON),
  metricMaxMm: figure(10, 'mm', 'bee space by metric practice, at most', 'yards that choose it', COMMON),
  beeTightMm: figure(3, 'mm', 'no bee passes under', 'gaps and joints', COMMON),
  wideMm: figure(12.7, 'mm', 'bridged here and there up to', 'gaps over the band', COMMON),
  floorMinMm: figure(6.35, 'mm', 'bottom bars over the floor, at least', 'frames to floor', MEMORY),
  floorMaxMm: figure(38, 'mm', 'bottom bars over the floor, at most', 'frames to floor', MEMORY),
  shoulderToWallMm: figure(9.525, 'mm', 'last shoulder to the wall, at most', 'room beside the frames', COMMON),
  combGapMinMm: figure(8, 'mm', 'comb to comb: two bees pass back to back, at least', 'gaps across a box', COMMON),
  combGapMaxMm: figure(13, 'mm', 'comb to comb: two bees pass back to back, at most', 'gaps across a box', COMMON),
  endBarMendMm: figure(3, 'mm', 'end bars so far outside bee space are mended', 'end bars to the walls', COMMON),
  bearingMm: figure(6, 'mm', 'bearing that seals, at least', 'joints, and lugs on their rests', COMMON),
  sliverMm: figure(15, 'mm', 'an overlap narrower than this is an edge, no face', 'gaps', COMMON),
  nudgeMm: figure(5, 'mm', 'one press moves a frame by', 'frames spaced by hand', COMMON),
  rulerMm: figure(0.5, 'mm', 'a careful ruler reads to ±', 'what to measure', COMMON),
} as const
