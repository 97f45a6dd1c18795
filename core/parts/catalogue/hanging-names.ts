export const HANGING_DIMENSIONS = [
  'topBarLength',
  'topBarWidth',
  'topBarThickness',
  'lugThickness',
  'lengthOverEndBars',
  'endBarThickness',
  'bottomBarThickness',
  'height',
  'spacing',
] as const
/** Those that every pattern has, and the thickness of a board, which some have. */
export const HANGING_FIGURES = [...HANGING_DIMENSIONS, 'thickness'] as const
/** A size of a frame, dummy or feeder. */
export type HangingDimension = (typeof HANGING_FIGURES)[number]
