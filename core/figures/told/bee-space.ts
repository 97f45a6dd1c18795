import type { BEE_SPACE } from '../bee-space'
import { COMMON, MEMORY, type Told } from './told'

/** What is told of them: where bees pass, what they build across, what seals. */
export const BEE_SPACE_TOLD = {
  beeSpaceMin: {
    unit: 'mm',
    label: 'bee space, at least (published range)',
    usedIn: 'every gap at frames',
    source: { mark: 'P', text: 'Langstroth, The Hive and the Honey-Bee; USDA Agriculture Handbook 335, from memory' },
  },
  beeSpaceMax: {
    unit: 'mm',
    label: 'bee space, at most (published range)',
    usedIn: 'every gap at frames',
    source: { mark: 'P', text: 'Langstroth, The Hive and the Honey-Bee; USDA Agriculture Handbook 335, from memory' },
  },
  singleMin: {
    unit: 'mm',
    label: 'bee space by one figure, at least',
    usedIn: 'yards that choose it',
    source: COMMON,
  },
  singleMax: {
    unit: 'mm',
    label: 'bee space by one figure, at most',
    usedIn: 'yards that choose it',
    source: COMMON,
  },
  metricMin: {
    unit: 'mm',
    label: 'bee space by metric practice, at least',
    usedIn: 'yards that choose it',
    source: COMMON,
  },
  metricMax: {
    unit: 'mm',
    label: 'bee space by metric practice, at most',
    usedIn: 'yards that choose it',
    source: COMMON,
  },
  beeTight: { unit: 'mm', label: 'no bee passes under', usedIn: 'gaps and joints', source: COMMON },
  wide: {
    unit: 'mm',
    label: 'bridged here and there up to',
    usedIn: 'gaps over the band',
    source: COMMON,
  },
  floorMin: {
    unit: 'mm',
    label: 'bottom bars over the floor, at least',
    usedIn: 'frames to floor',
    source: MEMORY,
  },
  floorMax: {
    unit: 'mm',
    label: 'bottom bars over the floor, at most',
    usedIn: 'frames to floor',
    source: MEMORY,
  },
  shoulderToWall: {
    unit: 'mm',
    label: 'last shoulder to the wall, at most',
    usedIn: 'room beside the frames',
    source: COMMON,
  },
  combGapMin: {
    unit: 'mm',
    label: 'comb to comb: two bees pass back to back, at least',
    usedIn: 'gaps across a box',
    source: COMMON,
  },
  combGapMax: {
    unit: 'mm',
    label: 'comb to comb: two bees pass back to back, at most',
    usedIn: 'gaps across a box',
    source: COMMON,
  },
  bearing: {
    unit: 'mm',
    label: 'bearing that seals, at least',
    usedIn: 'joints, and lugs on their rests',
    source: COMMON,
  },
  sliver: {
    unit: 'mm',
    label: 'an overlap narrower than this is an edge, no face',
    usedIn: 'gaps',
    source: COMMON,
  },
  nudge: { unit: 'mm', label: 'one press moves a frame by', usedIn: 'frames spaced by hand', source: COMMON },
  ruler: { unit: 'mm', label: 'a careful ruler reads to ±', usedIn: 'what to measure', source: COMMON },
} as const satisfies Record<keyof typeof BEE_SPACE, Told>
