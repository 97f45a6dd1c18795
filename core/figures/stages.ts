/** Days of the year's stages, and what makes a step of a visit a lift. */
export const STAGES = {
  lateWinterDays: 28,
  superingDays: 21,
  cropDays: 14,
  afterCropLeast: 14,
  treatWithin: 14,
  packDownDays: 28,
  forageAfterPollen: 42,
  swarmAfterPollen: 42,
  foodLeast: 5,
  longestFlowDays: 240,
  miteCountDays: 30,
  winterBeeDays: 56,
  lastLookDays: 14,
  liftFrom: 3,
  twoPeopleFrom: 23,
  travelWay: 20,
} as const
