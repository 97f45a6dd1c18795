import { COMMON, MEMORY, figure } from './figure'

/** Wind on a hive. */
export const STANDING = {
  airDensityKgPerM3: figure(1.25, 'kg/m³', 'air', 'standing up to wind', MEMORY),
  windForceFactor: figure(1.3, '', 'force of wind on a box, times pressure and area', 'standing up to wind', MEMORY),
  strapTailMm: figure(300, 'mm', 'tail of a strap beyond the hive', 'strap', COMMON),
  tiltSidewaysMmPerM: figure(5, 'mm/m', 'a hive may lean sideways by', 'standing level', COMMON),
  tiltForwardMmPerM: figure(40, 'mm/m', 'a hive may lean forward by', 'standing level', MEMORY),
  brickKg: figure(2.7, 'kg', 'a brick on the roof', 'standing in wind', MEMORY),
} as const
