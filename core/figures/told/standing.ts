import type { STANDING } from '../standing'
import { COMMON, MEMORY, type Told } from './told'

/** What is told of them: wind on a hive. */
export const STANDING_TOLD = {
  airDensity: { unit: 'kg/m³', label: 'air', usedIn: 'standing up to wind', source: MEMORY },
  windForce: {
    unit: '',
    label: 'force of wind on a box, times pressure and area',
    usedIn: 'standing up to wind',
    source: MEMORY,
  },
  strapTail: { unit: 'mm', label: 'tail of a strap beyond the hive', usedIn: 'strap', source: COMMON },
  tiltSideways: {
    unit: 'mm/m',
    label: 'a hive may lean sideways by',
    usedIn: 'standing level',
    source: COMMON,
  },
  tiltForward: {
    unit: 'mm/m',
    label: 'a hive may lean forward by',
    usedIn: 'standing level',
    source: MEMORY,
  },
  brickKg: { unit: 'kg', label: 'a brick on the roof', usedIn: 'standing in wind', source: MEMORY },
} as const satisfies Record<keyof typeof STANDING, Told>
