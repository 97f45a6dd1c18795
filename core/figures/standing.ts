import { COMMON, MEMORY, type Figure } from './figure'

/** Wind on a hive. */
export const STANDING = {
  airDensity: { value: 1.25, unit: 'kg/m³', label: 'air', usedIn: 'standing up to wind', source: MEMORY },
  windForce: {
    value: 1.3,
    unit: '',
    label: 'force of wind on a box, times pressure and area',
    usedIn: 'standing up to wind',
    source: MEMORY,
  },
  strapTail: { value: 300, unit: 'mm', label: 'tail of a strap beyond the hive', usedIn: 'strap', source: COMMON },
  tiltSideways: {
    value: 5,
    unit: 'mm/m',
    label: 'a hive may lean sideways by',
    usedIn: 'standing level',
    source: COMMON,
  },
  tiltForward: {
    value: 40,
    unit: 'mm/m',
    label: 'a hive may lean forward by',
    usedIn: 'standing level',
    source: MEMORY,
  },
} as const satisfies Record<string, Figure>
