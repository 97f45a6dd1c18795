import {
  AM_DEG,
  COUPLING,
  DM_CM,
  DM_IN,
  FREQUENCY,
  HM_CM,
  HM_IN,
  VM_CM,
  VM_IN,
  readTable,
  type Coupling,
  type Duration,
} from './tables'

/** One end of a lift, in the equation's own measures. */
export interface LiftEnd {
  /** Hands in front of the ankles, cm. */
  readonly hCm: number
  /** Hands above the ground, cm. */
  readonly vCm: number
  /** How far the hands travel up or down, cm. */
  readonly dCm: number
  readonly twistDeg: number
  readonly perMinute: number
  readonly duration: Duration
  readonly coupling: Coupling
}

/** The factors of the lifting equation for one lift. */
export interface Multipliers {
  readonly hm: number
  readonly vm: number
  readonly dm: number
  readonly am: number
  readonly fm: number
  readonly cm: number
}

/** What the equation does not cover, by the measure that is out of range. */
export type OutOfRange = 'reach' | 'height' | 'travel' | 'twist' | 'frequency'

/** The mass that the lifting equation recommends, with its multipliers. */
export interface Recommended extends Multipliers {
  /** Recommended weight limit, kg; null where the equation gives none. */
  readonly limitKg: number | null
  readonly outOfRange: readonly OutOfRange[]
}

/** The load constant, kg; 51 lb in US measure. */
export const LOAD_CONSTANT_KG = 23
export const LOAD_CONSTANT_LB = 51

/**
 * The recommended weight limit at one end of a lift: RWL = 23 kg × HM × VM × DM × AM × FM × CM, with HM = 25/H,
 * VM = 1 − 0.003·|V − 75|, DM = 0.82 + 4.5/D, AM = 1 − 0.0032·A (cm, degrees). Waters, Putz-Anderson & Garg 1994,
 * DHHS (NIOSH) 94-110, section 1.1, from memory. Out of its range there is no limit, and none is made up.
 */
export function recommendedLimit(end: LiftEnd): Recommended {
  const outOfRange = outOf(end)
  const multipliers: Multipliers = {
    hm: end.hCm > 63 ? 0 : Math.min(1, 25 / end.hCm),
    vm: end.vCm < 0 || end.vCm > 175 ? 0 : 1 - 0.003 * Math.abs(end.vCm - 75),
    dm: end.dCm > 175 ? 0 : Math.min(1, 0.82 + 4.5 / Math.max(25, end.dCm)),
    am: end.twistDeg > 135 ? 0 : 1 - 0.0032 * end.twistDeg,
    fm: frequencyMultiplier(end),
    cm: couplingMultiplier(end.coupling, end.vCm),
  }
  return { ...multipliers, limitKg: outOfRange.length > 0 ? null : LOAD_CONSTANT_KG * product(multipliers), outOfRange }
}

/**
 * The same in US customary measure: 51 lb, HM = 10/H, VM = 1 − 0.0075·|V − 30|, DM = 0.82 + 1.8/D (in). The same
 * source.
 */
export function recommendedLimitLb(end: {
  readonly hIn: number
  readonly vIn: number
  readonly dIn: number
  readonly twistDeg: number
  readonly perMinute: number
  readonly duration: Duration
  readonly coupling: Coupling
}): Multipliers & { readonly limitLb: number } {
  const multipliers: Multipliers = {
    hm: end.hIn > 25 ? 0 : Math.min(1, 10 / end.hIn),
    vm: end.vIn < 0 || end.vIn > 70 ? 0 : 1 - 0.0075 * Math.abs(end.vIn - 30),
    dm: end.dIn > 70 ? 0 : Math.min(1, 0.82 + 1.8 / Math.max(10, end.dIn)),
    am: end.twistDeg > 135 ? 0 : 1 - 0.0032 * end.twistDeg,
    fm: frequencyMultiplier({ ...end, vCm: end.vIn * 2.5 }),
    cm: couplingMultiplier(end.coupling, end.vIn * 2.5),
  }
  return { ...multipliers, limitLb: LOAD_CONSTANT_LB * product(multipliers) }
}

/** The limit by the manual's printed tables, kg or lb, to compare its worked examples with. */
export function printedLimit(
  end: Omit<LiftEnd, 'hCm' | 'vCm' | 'dCm'> & { readonly h: number; readonly v: number; readonly d: number },
  measure: 'cm' | 'in',
): Multipliers & { readonly limit: number } {
  const [hm, vm, dm] = measure === 'cm' ? [HM_CM, VM_CM, DM_CM] : [HM_IN, VM_IN, DM_IN]
  const vCm = measure === 'cm' ? end.v : end.v * 2.5
  const multipliers: Multipliers = {
    hm: readTable(hm, end.h),
    vm: readTable(vm, end.v),
    dm: readTable(dm, end.d),
    am: readTable(AM_DEG, end.twistDeg),
    fm: frequencyMultiplier({ ...end, vCm }),
    cm: couplingMultiplier(end.coupling, vCm),
  }
  return { ...multipliers, limit: (measure === 'cm' ? LOAD_CONSTANT_KG : LOAD_CONSTANT_LB) * product(multipliers) }
}

function product({ hm, vm, dm, am, fm, cm }: Multipliers): number {
  return hm * vm * dm * am * fm * cm
}

function outOf({ hCm, vCm, dCm, twistDeg, perMinute, duration }: LiftEnd): OutOfRange[] {
  const out: OutOfRange[] = []
  if (hCm > 63) out.push('reach')
  if (vCm < 0 || vCm > 175) out.push('height')
  if (dCm > 175) out.push('travel')
  if (twistDeg > 135) out.push('twist')
  if (frequencyMultiplier({ perMinute, duration, vCm }) === 0) out.push('frequency')
  return out
}

const FREQUENCY_COLUMN = { 'up-to-1-hour': 1, 'up-to-2-hours': 2, 'up-to-8-hours': 3 } as const

/**
 * Between the printed rows it goes straight, and to nothing before a row of nothing; one lift in five minutes is the
 * first row.
 */
export function frequencyMultiplier({
  perMinute,
  duration,
  vCm,
}: Pick<LiftEnd, 'perMinute' | 'duration' | 'vCm'>): number {
  const column = FREQUENCY_COLUMN[duration]
  const at = (row: (typeof FREQUENCY)[number]) => row[column][vCm < 75 ? 'low' : 'high']
  const first = FREQUENCY[0]!
  if (perMinute <= first[0]) return at(first)
  const above = FREQUENCY.findIndex(([row]) => row >= perMinute)
  if (above < 0) return 0
  const [a, b] = [FREQUENCY[above - 1]!, FREQUENCY[above]!]
  return at(b) === 0 ? 0 : at(a) + ((at(b) - at(a)) * (perMinute - a[0])) / (b[0] - a[0])
}

export function couplingMultiplier(coupling: Coupling, vCm: number): number {
  return COUPLING[coupling][vCm < 75 ? 'low' : 'high']
}

/**
 * Hands in front of the ankles where nobody measured it, cm: 20 + W/2 with the hands 25 cm or more above the ground,
 * 25 + W/2 below; W the load in front of the body. The same manual, section 1.3, from memory.
 */
export function estimatedReachCm(loadWidthCm: number, vCm: number): number {
  return (vCm >= 25 ? 20 : 25) + loadWidthCm / 2
}
