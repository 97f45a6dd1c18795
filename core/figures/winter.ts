/** What lies between the colony and the cold. */
export const WINTER = {
  woodConducts: 0.12,
  polystyreneConducts: 0.036,
  foamConducts: 0.033,
  chipsConduct: 0.06,
  chipsLeast: 25,
  needMaritimeLow: 16,
  needMaritimeHigh: 20,
  needWarmLow: 18,
  needWarmHigh: 27,
  needColdLow: 27,
  needColdHigh: 41,
  needDearthLow: 5,
  needDearthHigh: 10,
  prolificFood: 1.2,
} as const
