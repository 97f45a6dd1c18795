/** How much room a colony needs, and food. */
export const ROOM = {
  cellWidth: 5.4,
  broodNeedMend: 42000,
  broodNeedWatch: 55000,
  layingPeak: 2000,
  broodDays: 21,
  prolific: 1.5,
  foodYearMin: 23,
  foodYearMax: 32,
  storesFromSugar: 1.25,
  storesFromFondant: 1.05,
} as const
