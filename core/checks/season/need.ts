import type { Climate } from '../../hive'

/** Food that a colony is left with for winter by climate, kg; without a winter, for a dearth (common practice; the dearth from memory). */
export const NEED_KG: Readonly<Record<Climate, { readonly low: number; readonly high: number }>> = {
  'cool-maritime': { low: 16, high: 20 }, 'warm-temperate': { low: 18, high: 27 }, 'cold-continental': { low: 27, high: 41 }, 'tropical-highland': { low: 5, high: 10 },
}
