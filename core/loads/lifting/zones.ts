import { bodyHeights, type LiftProfile } from './profile'

export const ZONES = ['shoulder', 'elbow-to-shoulder', 'knuckle-to-elbow', 'lower-leg-to-knuckle', 'floor'] as const
/** A zone of the guideline by height and reach, with its mass. */
export type GuidelineZone = (typeof ZONES)[number]

/**
 * Guideline weights, kg, close to and away from the body: HSE, Manual handling operations, L23, 4th ed., figure of
 * guideline weights, from memory.
 */
export const GUIDELINE_KG: Readonly<
  Record<GuidelineZone, Readonly<Record<'men' | 'women', { readonly close: number; readonly away: number }>>>
> = {
  shoulder: { men: { close: 10, away: 5 }, women: { close: 7, away: 3 } },
  'elbow-to-shoulder': { men: { close: 20, away: 10 }, women: { close: 13, away: 7 } },
  'knuckle-to-elbow': { men: { close: 25, away: 15 }, women: { close: 16, away: 10 } },
  'lower-leg-to-knuckle': { men: { close: 20, away: 10 }, women: { close: 13, away: 7 } },
  floor: { men: { close: 10, away: 5 }, women: { close: 7, away: 3 } },
}

/** Hands this near the ankles are close to the body. */
export const CLOSE_CM = 35
/** Two people together: about two thirds of the sum. */
const TWO_PEOPLE = (2 * 2) / 3

/** The zone of a hand height; undefined above the reach of shoulder and arm, where there is no figure. */
export function zoneOf(handMm: number, profile: LiftProfile): GuidelineZone | undefined {
  const { shoulderMm, elbowMm, knuckleMm, lowerLegMm, mostReachMm } = bodyHeights(profile)
  if (handMm > mostReachMm) return undefined
  if (handMm > shoulderMm) return 'shoulder'
  if (handMm > elbowMm) return 'elbow-to-shoulder'
  if (handMm > knuckleMm) return 'knuckle-to-elbow'
  return handMm > lowerLegMm ? 'lower-leg-to-knuckle' : 'floor'
}

/** The guideline weight at a hand height, kg; null above the reach. Guideline values, no limits. */
export function guidelineKg(
  handMm: number,
  reachCm: number,
  profile: LiftProfile,
): { readonly zone: GuidelineZone | undefined; readonly close: boolean; readonly kg: number | null } {
  const zone = zoneOf(handMm, profile)
  const close = reachCm <= CLOSE_CM
  if (!zone) return { zone, close, kg: null }
  return {
    zone,
    close,
    kg: GUIDELINE_KG[zone][profile.column][close ? 'close' : 'away'] * (profile.people === 2 ? TWO_PEOPLE : 1),
  }
}
