/** How a keeper lifts. Heights in mm above the ground. */
export interface LiftProfile {
  readonly school: School
  readonly statureMm: number
  /** Measured, or null: then from body height. */
  readonly shoulderMm: number | null
  readonly elbowMm: number | null
  readonly knuckleMm: number | null
  readonly limitKg: number
  readonly people: 1 | 2
  /** Which column of the guideline weights. */
  readonly column: 'men' | 'women'
  /** Where boxes are put down: on an upturned roof, where they pile up, or each on a second stand. */
  readonly putDown: 'pile' | 'second-stand'
  readonly putDownMm: number
}

export const SCHOOLS = ['equation', 'zones', 'own-limit'] as const
/** Whose limit a lift is held against. */
export type School = (typeof SCHOOLS)[number]

/** An upturned roof. */
export const ROOF_PILE_MM = 150

export const USUAL_PROFILE: LiftProfile = {
  school: 'equation',
  statureMm: 1700,
  shoulderMm: null,
  elbowMm: null,
  knuckleMm: null,
  limitKg: 20,
  people: 1,
  column: 'women',
  putDown: 'pile',
  putDownMm: ROOF_PILE_MM,
}

/** Heights as shares of body height: Drillis & Contini body-segment proportions, from memory. */
export const STATURE_SHARES = { shoulder: 0.82, elbow: 0.63, knuckle: 0.43, lowerLeg: 0.28, mostReach: 1.26 } as const

/** Heights of a lifter's body that a lift is measured by, mm. */
export interface BodyHeights {
  readonly shoulderMm: number
  readonly elbowMm: number
  readonly knuckleMm: number
  readonly lowerLegMm: number
  /** Shoulder and arm: above this there is no guideline figure. */
  readonly mostReachMm: number
}

/** The heights of a keeper's body, mm: as measured, else by published proportions. */
export function bodyHeights({ statureMm, shoulderMm, elbowMm, knuckleMm }: LiftProfile): BodyHeights {
  return {
    shoulderMm: shoulderMm ?? statureMm * STATURE_SHARES.shoulder,
    elbowMm: elbowMm ?? statureMm * STATURE_SHARES.elbow,
    knuckleMm: knuckleMm ?? statureMm * STATURE_SHARES.knuckle,
    lowerLegMm: statureMm * STATURE_SHARES.lowerLeg,
    mostReachMm: statureMm * STATURE_SHARES.mostReach,
  }
}

/** What is wrong with a lifter's own figures. */
export type ProfileProblem = {
  readonly field: 'statureMm' | 'shoulderMm' | 'elbowMm' | 'knuckleMm' | 'limitKg' | 'putDownMm'
  readonly problem: 'out-of-range' | 'out-of-order'
  readonly least: number
  readonly most: number
}

/** The first thing that cannot be true of a keeper, or undefined. */
export function profileProblem(profile: LiftProfile): ProfileProblem | undefined {
  const range = (
    field: ProfileProblem['field'],
    value: number,
    least: number,
    most: number,
  ): ProfileProblem | undefined =>
    value >= least && value <= most ? undefined : { field, problem: 'out-of-range', least, most }
  const { shoulderMm, elbowMm, knuckleMm } = bodyHeights(profile)
  const order = (
    field: ProfileProblem['field'],
    value: number,
    least: number,
    most: number,
  ): ProfileProblem | undefined =>
    value > least && value < most ? undefined : { field, problem: 'out-of-order', least, most }
  return (
    range('statureMm', profile.statureMm, 1000, 2300) ??
    range('limitKg', profile.limitKg, 1, 60) ??
    range('putDownMm', profile.putDownMm, 0, 1500) ??
    order('shoulderMm', shoulderMm, elbowMm, profile.statureMm) ??
    order('elbowMm', elbowMm, knuckleMm, shoulderMm) ??
    order('knuckleMm', knuckleMm, 0, elbowMm)
  )
}
