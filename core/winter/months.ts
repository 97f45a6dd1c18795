import type { Climate } from '../hive'

/** Means outside, °C, from October to March. From memory; none where there is no winter. */
const MEANS: Readonly<Record<Climate, readonly number[]>> = {
  'cool-maritime': [10, 7, 5, 5, 6, 8],
  'cold-continental': [9, 3, -4, -8, -6, 1],
  'warm-temperate': [15, 11, 8, 7, 9, 12],
  'tropical-highland': [],
}

/** Mean of the coldest month of a climate, °C; undefined where there is no winter. From memory. */
export function coldestCelsius(climate: Climate): number | undefined {
  const means = MEANS[climate]
  return means.length > 0 ? Math.min(...means) : undefined
}
