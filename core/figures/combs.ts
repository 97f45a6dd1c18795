/** How thick comb is drawn, on what, and how its frames are spaced. */
export const COMBS = {
  combGap: 8,
  combMost: 40,
  broodComb: 25,
  foundationSheet: 0.75,
  foundationLower: 6,
  foundationShorter: 4,
  foundationMass: 0.72,
  spacerForNine: 41.3,
  spacerForEight: 46,
  unsupportedComb: 170,
  drawnAtExtra: 0.5,
  drainOffCentre: 3,
  drainTilt: 3,
} as const
