/** Bees on the comb. */
export const BEES = {
  beesPerCm2: 1.38,
  beeGrams: 0.13,
  coverLow: 0.5,
  coverTypical: 0.75,
  coverHigh: 1,
  winterCoverLow: 0.25,
  winterCoverTypical: 0.4,
  winterCoverHigh: 0.6,
  clusterLitresPerKg: 10,
  spareSeams: 2,
} as const
