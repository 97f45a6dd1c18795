/** Wind on a hive. */
export const STANDING = {
  airDensity: 1.25,
  windForce: 1.3,
  strapTail: 300,
  tiltSideways: 5,
  tiltForward: 40,
  brickKg: 2.7,
} as const
