import { keysOf, recordOf } from '../plain'
import type { Yard } from '../hive'
import type { Source } from '../units'

/** A limit or figure of a check: its value, what it is, and where it comes from. */
export interface Limit {
  readonly value: number
  readonly unit: 'mm' | 'cells' | 'eggs a day' | 'days' | 'kg' | 'litres'
  readonly label: string
  readonly usedIn: string
  readonly source: Source
}

const C: Source = { mark: 'C', text: 'common practice of the trade' }
const M: Source = { mark: 'M', text: 'from memory, to be confirmed by measuring' }
const BEE_SPACE: Source = {
  mark: 'P',
  text: 'Langstroth, The Hive and the Honey-Bee; USDA Agriculture Handbook 335, from memory',
}

/** Every figure that the checks compare with; each can be overwritten for a yard. */
export const LIMITS = {
  beeSpaceMin: {
    value: 6.35,
    unit: 'mm',
    label: 'bee space, at least (published range)',
    usedIn: 'every gap at frames',
    source: BEE_SPACE,
  },
  beeSpaceMax: {
    value: 9.525,
    unit: 'mm',
    label: 'bee space, at most (published range)',
    usedIn: 'every gap at frames',
    source: BEE_SPACE,
  },
  beeTight: { value: 3, unit: 'mm', label: 'no bee passes under', usedIn: 'gaps and joints', source: C },
  wide: { value: 12.7, unit: 'mm', label: 'bridged here and there up to', usedIn: 'gaps over the band', source: C },
  floorMin: {
    value: 6.35,
    unit: 'mm',
    label: 'bottom bars over the floor, at least',
    usedIn: 'frames to floor',
    source: M,
  },
  floorMax: {
    value: 38,
    unit: 'mm',
    label: 'bottom bars over the floor, at most',
    usedIn: 'frames to floor',
    source: M,
  },
  shoulderToWall: {
    value: 9.525,
    unit: 'mm',
    label: 'last shoulder to the wall, at most',
    usedIn: 'room beside the frames',
    source: C,
  },
  combGapMin: {
    value: 8,
    unit: 'mm',
    label: 'comb to comb: two bees pass back to back, at least',
    usedIn: 'gaps across a box',
    source: C,
  },
  combGapMax: {
    value: 13,
    unit: 'mm',
    label: 'comb to comb: two bees pass back to back, at most',
    usedIn: 'gaps across a box',
    source: C,
  },
  unsupportedComb: {
    value: 170,
    unit: 'mm',
    label: 'frame that holds foundationless comb without wires, height at most',
    usedIn: 'foundationless frames',
    source: C,
  },
  drawnAtExtra: {
    value: 0.5,
    unit: 'mm',
    label: 'foundation is drawn straight at full count, and this much over',
    usedIn: 'frames not drawn yet',
    source: M,
  },
  drainOffCentre: {
    value: 3,
    unit: 'mm',
    label: 'drain frames: room at one wall more than at the other, at most',
    usedIn: 'drain frames',
    source: M,
  },
  bearing: {
    value: 6,
    unit: 'mm',
    label: 'bearing that seals, at least',
    usedIn: 'joints, and lugs on their rests',
    source: C,
  },
  cellWidth: { value: 5.4, unit: 'mm', label: 'width of a worker cell', usedIn: 'rooms', source: M },
  broodNeedMend: { value: 42_000, unit: 'cells', label: 'brood space, too little under', usedIn: 'rooms', source: C },
  broodNeedWatch: { value: 55_000, unit: 'cells', label: 'brood space, tight under', usedIn: 'rooms', source: C },
  layingPeak: { value: 2000, unit: 'eggs a day', label: 'laying at the peak', usedIn: 'rooms', source: C },
  foodYearMin: {
    value: 23,
    unit: 'kg',
    label: 'honey kept on a hive of two boxes where winters are cold, at least',
    usedIn: 'rooms',
    source: C,
  },
  foodYearMax: {
    value: 32,
    unit: 'kg',
    label: 'honey kept on a hive of two boxes where winters are cold, at most',
    usedIn: 'rooms',
    source: C,
  },
} as const satisfies Record<string, Limit>

export type LimitName = keyof typeof LIMITS
export type Limits = Readonly<Record<LimitName, number>>

/** What a limit's overwritten figure is kept under. */
export function limitKey(name: LimitName): string {
  return `limit.${name}`
}

const SHIPPED: Limits = recordOf(keysOf(LIMITS), (name): number => LIMITS[name].value)

/** The limits as a yard has them. */
export function limitsOfYard({ overrides }: Pick<Yard, 'overrides'>): Limits {
  const own = overrides.filter(({ key }) => key.startsWith('limit.'))
  return own.length === 0
    ? SHIPPED
    : { ...SHIPPED, ...Object.fromEntries(own.map(({ key, length }) => [key.slice('limit.'.length), length.mm])) }
}
