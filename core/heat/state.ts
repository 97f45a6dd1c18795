import type { Figures } from '../figures'
import { balanceOf, clusterWatts, honeyKgADay, waterOfHoneyKg } from './colony'
import { draughtAt, draughtFactor, draughtOf, heatOfAir, type AirOpening } from './draught'
import type { StackOpening } from './openings'
import type { Enclosure, HeatFace } from './enclosure'
import { airToKeepDry, dripsFrom, surfaceCelsius, type Air } from './moisture'

/**
 * How the inside is thought of: only the cluster is warm, and how warm the air is follows from what it gives; or the
 * whole cavity is as warm as is said, and what that takes follows.
 */
export type Inside = { readonly warm: 'cluster' } | { readonly warm: 'cavity'; readonly celsius: number }

/** What is asked of a hive. */
export interface Asked {
  readonly outsideCelsius: number
  /** Bees of one colony, kg. */
  readonly beesKg: number
  readonly inside: Inside
  /** Of what is known of a cluster's heat, how much is taken: 1, or one of its bounds. */
  readonly times?: number
}

/** A hive's walls and its ways for air, which is all that its heat depends on. */
export interface Shell {
  readonly enclosure: Enclosure
  readonly openings: readonly StackOpening[]
  /** That of another colony on the other side of a board: heat goes through it to the colder of the two. */
  readonly beside?: Omit<Shell, 'beside'>
}

/** One face at one time. */
export interface FaceState {
  readonly face: HeatFace
  readonly watts: number
  readonly surfaceCelsius: number
  /** Humidity inside from which it drips, or grows frost, 0 to 1. */
  readonly dripsFrom: number
}

/** A hive at one time; of two colonies side by side each gives and eats its half. */
export interface WinterState extends Burn {
  readonly faces: readonly FaceState[]
  /** All that is lost, and so all that is given, W; of all its colonies. */
  readonly watts: number
  /** What one colony eats and gives off a day, kg. */
  readonly honeyKgADay: number
  readonly waterKgADay: number
  /** What such a cluster can give in this air, W: by its bounds. */
  readonly canGiveWatts: { readonly low: number; readonly middle: number; readonly high: number }
  /** The face that is wet first. */
  readonly wetFirst: FaceState | undefined
}

/**
 * Heat that an enclosure loses to the outside for each degree, W/K: Σ area / R (EN ISO 13789, Eq. 1, from memory); air
 * left out, and what goes through a board to another colony.
 */
export function lossWPerK({ faces }: Pick<Enclosure, 'faces'>): number {
  return faces.reduce((sum, face) => sum + (face.isInner ? 0 : face.areaM2 / face.m2KPerW), 0)
}

/** Heat that goes to another colony for each degree between the two, W/K. */
function innerWPerK({ faces }: Pick<Enclosure, 'faces'>): number {
  return faces.reduce((sum, face) => sum + (face.isInner ? face.areaM2 / face.m2KPerW : 0), 0)
}

/** How warm it is inside, and what one colony gives for it. */
interface Burn extends Air {
  /** How warm it is on the other side of a board between two colonies, °C. */
  readonly besideCelsius?: number
  readonly colonyWatts: number
  /** Through the ways for air, W and m³/s; of all colonies. */
  readonly airWatts: number
  readonly airM3PerS: number
}

/** What a shell lets go, reckoned once: heat for each degree, and how freely air goes through. */
interface Lets {
  readonly wPerK: number
  readonly freely: number
}

/** Shells and figures are asked for again with every month and bound. */
const lets = new WeakMap<Omit<Shell, 'beside'>, { readonly figures: Figures; readonly of: Lets }>()

function letsGo(shell: Omit<Shell, 'beside'>, figures: Figures): Lets {
  const known = lets.get(shell)
  if (known?.figures === figures) return known.of
  const of = { wPerK: lossWPerK(shell.enclosure), freely: draughtFactor(shell.openings, figures) }
  lets.set(shell, { figures, of })
  return of
}

/**
 * How warm it is inside and what that takes: energy balance; never said to be colder inside than out. Two colonies over
 * each other, each of so many bees, are two balances that are solved in turn until neither moves.
 */
export function burnAt(shell: Shell, asked: Asked, figures: Figures): Burn {
  const { beside } = shell
  if (!beside || asked.inside.warm === 'cavity') return burnBeside(shell, asked, figures)
  const wPerK = innerWPerK(shell.enclosure)
  let own = burnBeside(shell, asked, figures)
  let other = burnBeside(beside, asked, figures)
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const was = own.insideCelsius
    own = burnBeside(shell, asked, figures, { celsius: other.insideCelsius, wPerK })
    other = burnBeside(beside, asked, figures, { celsius: own.insideCelsius, wPerK })
    if (Math.abs(own.insideCelsius - was) < NEAR_CELSIUS) break
  }
  return { ...own, besideCelsius: other.insideCelsius }
}

/** Rounds in which two balances are solved in turn at most, and when neither is taken to move any more, °C. */
const MOST_ROUNDS = 40
const NEAR_CELSIUS = 0.001

/** The balance of one colony with what is beside it held at a temperature. */
function burnBeside(
  shell: Omit<Shell, 'beside'>,
  { outsideCelsius, beesKg, inside, times }: Asked,
  figures: Figures,
  beside?: { readonly celsius: number; readonly wPerK: number },
): Burn {
  const { colonies } = shell.enclosure
  const { wPerK, freely } = letsGo(shell, figures)
  const passes = (insideCelsius: number) => draughtAt(freely, { insideCelsius, outsideCelsius })
  const airAt = (celsius: number) => heatOfAir(passes(celsius), figures) * (celsius - outsideCelsius)
  const toOther = (celsius: number) => (beside ? beside.wPerK * (celsius - beside.celsius) : 0)
  const lossAt = (celsius: number) =>
    (wPerK * (celsius - outsideCelsius) + airAt(celsius) + toOther(celsius)) / colonies
  const insideCelsius =
    inside.warm === 'cavity'
      ? Math.max(inside.celsius, outsideCelsius)
      : balanceOf(beesKg, outsideCelsius, lossAt, figures, times).insideCelsius
  return {
    insideCelsius,
    outsideCelsius,
    colonyWatts: lossAt(insideCelsius),
    airWatts: airAt(insideCelsius),
    airM3PerS: passes(insideCelsius),
  }
}

/**
 * A hive at one time: heat through each face and each way for air, where it is wet first, what that costs. Heat given
 * equals heat lost (energy balance).
 */
export function stateOf(shell: Shell, asked: Asked, figures: Figures): WinterState {
  const { enclosure } = shell
  const burn = burnAt(shell, asked, figures)
  const { insideCelsius, outsideCelsius, colonyWatts } = burn
  const faces = enclosure.faces.map((face) => {
    const beyondCelsius = face.isInner ? (burn.besideCelsius ?? insideCelsius) : outsideCelsius
    const air = { insideCelsius, outsideCelsius: beyondCelsius }
    return {
      face,
      watts: (face.areaM2 / face.m2KPerW) * (insideCelsius - beyondCelsius),
      surfaceCelsius: surfaceCelsius(face, air),
      dripsFrom: dripsFrom(face, air),
    }
  })
  const honey = honeyKgADay(colonyWatts, figures)
  const gives = (share: number) => clusterWatts(asked.beesKg, insideCelsius, figures, share)
  const { clusterBoundsShare } = figures
  return {
    ...burn,
    faces,
    watts: colonyWatts * enclosure.colonies,
    honeyKgADay: honey,
    waterKgADay: waterOfHoneyKg(honey, figures),
    canGiveWatts: { low: gives(1 - clusterBoundsShare), middle: gives(1), high: gives(1 + clusterBoundsShare) },
    wetFirst: firstWet(faces),
  }
}

/** Of these faces the one that is wet first; undefined where there are none. */
export function firstWet(faces: readonly FaceState[]): FaceState | undefined {
  return faces.reduce<FaceState | undefined>(
    (first, face) => (first && first.dripsFrom <= face.dripsFrom ? first : face),
    undefined,
  )
}

/** Whether a colony can give what is asked of it: it can, only the strongest by the figures can, or none can. */
export type CanGive = 'yes' | 'perhaps' | 'no'

/** Heat that the whole cavity warm takes against what such a cluster can give at most, W/kg (from memory). */
export function canGive({ colonyWatts }: WinterState, beesKg: number, figures: Figures): CanGive {
  const most = beesKg * figures.clusterMostWPerKg
  return colonyWatts <= most * (1 - figures.clusterBoundsShare)
    ? 'yes'
    : colonyWatts <= most * (1 + figures.clusterBoundsShare)
      ? 'perhaps'
      : 'no'
}

/** What it would take to keep the top dry by air alone. */
export interface DryByAir {
  readonly m3PerS: number
  /** Passed already by the ways for air that are there, m³/s. */
  readonly passesM3PerS: number
  /** An opening at the top that lets so much through, with the door that is there, mm²; undefined where none could. */
  readonly openingMm2: number | undefined
  /** Honey that its warmth costs, kg a day. */
  readonly honeyKgADay: number
}

/**
 * Air that keeps the top dry, the opening that it takes above the door, and the honey that it costs; undefined where
 * the top is not there. Stack effect turned round: A₂ from 1/A² = 1/A₁² + 1/A₂².
 */
export function dryByAir(
  { enclosure, openings }: Shell,
  state: WinterState,
  outsideHumidity: number,
  figures: Figures,
): DryByAir | undefined {
  const top = enclosure.faces.find(({ place }) => place === 'top')
  if (!top) return undefined
  const { insideCelsius, outsideCelsius, waterKgADay } = state
  const m3PerS = airToKeepDry(top, state, outsideHumidity, waterKgADay * enclosure.colonies, figures)
  const lowMm = Math.min(...openings.map(({ atMm }) => atMm))
  const below = openings.filter(({ atMm }) => atMm <= lowMm + enclosure.heightMm / 2)
  const doorMm2 = below.reduce((sum, { areaMm2 }) => sum + areaMm2, 0)
  const pair = (areaMm2: number): readonly AirOpening[] => [
    { areaMm2: doorMm2, atMm: lowMm, highMm: 0 },
    { areaMm2, atMm: lowMm + enclosure.heightMm, highMm: 0 },
  ]
  const perMm2 = draughtOf(pair(1e9), state, figures) / doorMm2
  const effectiveMm2 = perMm2 > 0 ? m3PerS / perMm2 : Infinity
  const openingMm2 = effectiveMm2 < doorMm2 ? 1 / Math.sqrt(1 / effectiveMm2 ** 2 - 1 / doorMm2 ** 2) : undefined
  return {
    m3PerS,
    passesM3PerS: state.airM3PerS,
    openingMm2,
    honeyKgADay: honeyKgADay(heatOfAir(m3PerS, figures) * (insideCelsius - outsideCelsius), figures),
  }
}
