/** What can be typed at all, far wider than any that is made; the sizes of parts have limits of their own. */
export const TYPED = {
  diagonal: { minMm: 1, maxMm: 3000 },
  betweenFeet: { minMm: 50, maxMm: 2000 },
  frameSize: { minMm: 1, maxMm: 700 },
  insulation: { minMm: 0.1, maxMm: 300 },
  boardLength: { minMm: 0, maxMm: 12_000 },
  boardWidth: { minMm: 0, maxMm: 2000 },
  kerf: { minMm: 0, maxMm: 500 },
  /** `suchAsKg` stands in the sentence that says what would be right. */
  reading: { leastKg: 0, mostKg: 1000, suchAsKg: 45 },
  cluster: { mostKg: 4 },
  lift: { leastKg: 1, mostKg: 60 },
} as const
