import { rangeOf } from '../../figures'
import { recordOf } from '../../units'
import {
  combsAcross,
  dimensionMm,
  hangAcross,
  isBox,
  isStand,
  type PartOf,
  type ResolvedPart,
  combAreaDm2,
  heldShare,
  type Content,
  type Role,
} from '../../parts'
import type { AssembledHive } from '../../stack'
import { type Stage, meaningOf } from '../../yard'
import { beesOnCombKg, combLoad, combMass, type Fullness } from './load'
import { exactly, sumOf, times, ZERO, type Range } from './range'
import { shellKg } from './ware'

export const MASS_ITEMS = ['ware', 'frames', 'wax', 'honey', 'brood', 'bees'] as const
/**
 * What a mass is made of: the part itself, its frames with their foundation, comb wax, honey or stores, brood, bees.
 */
export type MassItem = (typeof MASS_ITEMS)[number]

/**
 * The mass of one part with what is in it, kg; the bounds of a box are those of its honey and brood, of anything else
 * those of its own mass.
 */
export interface PartMass {
  readonly partId: string
  readonly items: Readonly<Record<MassItem, Range>>
  readonly kg: Range
  /** The heaviest single frame with what is in it, without the bees on it. */
  readonly heaviestFrameKg: Range
}

/** How a hive is weighed. */
export interface Weighing {
  readonly fullness: Fullness
  /** The yard’s own figure where it is null. */
  readonly timberKgPerM3: number | null
  /** How full a comb called full is; the yard’s own figure where it is null. */
  readonly fill: Range | null
  /** What stands for frames of which nothing was said. */
  readonly meanwhile: Exclude<Fullness, 'as-said'>
  /** The stage has no brood: notes of it are of another time. */
  readonly broodless?: boolean
}

/** Frame by frame as said, the rest as its stage has it, of ordinary timber. */
export function usualWeighing(stage: Stage): Weighing {
  return {
    fullness: 'as-said',
    meanwhile: meaningOf(stage).fullness,
    timberKgPerM3: null,
    fill: null,
    broodless: meaningOf(stage).isBroodless,
  }
}

/**
 * The same for whoever lifts: what nobody has spoken of is as full as it may be, since a super in the flow may be full
 * to the last cell (common practice: the heavy bound first).
 */
export function mayHold(weighing: Weighing): Weighing {
  return weighing.fullness === 'as-said' && weighing.meanwhile === 'in-flow'
    ? { ...weighing, meanwhile: 'full' }
    : weighing
}

/** A hive of which nothing is said, since it only is to stand so: all of it in the state of its stage. */
export function asPlanned(weighing: Weighing): Weighing {
  return { ...weighing, fullness: weighing.meanwhile }
}

/**
 * Honey in a rack of comb-honey sections: its room inside × the share that is honey, as full as its combs are called.
 */
function sectionsHoney(part: PartOf<'box'>, { fullness, meanwhile, fill }: Weighing): Range {
  const state = fullness === 'as-said' ? meanwhile : fullness
  if (state === 'empty' || state === 'drawn') return ZERO
  const litres =
    (dimensionMm(part, 'insideLength') * dimensionMm(part, 'insideWidth') * dimensionMm(part, 'depth')) / 1e6
  const full = litres * part.figures.sectionsShare * part.figures.honeyDensityKgPerLitre
  return times(
    state === 'in-flow' ? rangeOf(part.figures, 'nectarShare') : (fill ?? rangeOf(part.figures, 'fillShare')),
    full,
  )
}

/** The mass of a part that stands in a stack. */
export function massOfPart(part: ResolvedPart, role: Role | undefined, weighing: Weighing): PartMass {
  if (!isBox(part) || part.hung.length === 0) return plainMass(part, weighing)
  const used: Role = role ?? part.pattern.usualRole ?? 'super'
  const winter = weighing.fullness === 'winter' || (weighing.fullness === 'as-said' && weighing.meanwhile === 'winter')
  const inhabited =
    used === 'brood' &&
    weighing.fullness !== 'empty' &&
    weighing.fullness !== 'drawn' &&
    (weighing.fullness !== 'as-said' || weighing.meanwhile !== 'drawn')
  const frames: Range[] = []
  const wax: Range[] = []
  const honey: Range[] = []
  const brood: Range[] = []
  const bees: Range[] = []
  let heaviest = ZERO
  const combs = new Map(combsAcross(hangAcross(part), 'all-honey').map((comb) => [comb.contentId, comb]))
  for (const { content, pattern: hung } of part.hung) {
    if (!hung) continue
    const frame = {
      low: hung.mass.kg - hung.mass.plusMinusKg,
      middle: hung.mass.kg,
      high: hung.mass.kg + hung.mass.plusMinusKg,
    }
    frames.push(frame)
    const comb = combs.get(content.id)
    if (!comb) continue
    const inside = combMass(
      comb,
      combLoad(content, weighing.fullness, used, weighing.meanwhile, weighing.broodless),
      part.figures,
      times(
        weighing.fill ?? rangeOf(part.figures, 'fillShare'),
        weighing.fullness === 'as-said' ? heldShare(content) : 1,
      ),
    )
    wax.push(inside.wax)
    honey.push(inside.honey)
    brood.push(inside.brood)
    if (inhabited && isBuilt(content, weighing)) bees.push(beesOnCombKg(combAreaDm2(hung), winter, part.figures))
    const single = sumOf([atMiddle(frame), atMiddle(inside.wax), inside.honey, inside.brood])
    if (single.middle > heaviest.middle) heaviest = single
  }
  const items = {
    ware: shellKg(part, weighing.timberKgPerM3 ?? undefined),
    frames: sumOf(frames),
    wax: sumOf(wax),
    honey: sumOf(honey),
    brood: sumOf(brood),
    bees: sumOf(bees),
  }
  return { partId: part.part.id, items, kg: totalOf(items), heaviestFrameKg: heaviest }
}

function atMiddle({ middle }: Range): Range {
  return exactly(middle)
}

function isBuilt(content: Content, { fullness }: Weighing): boolean {
  return fullness !== 'as-said' || content.comb === undefined || content.comb === 'drawn'
}

function plainMass(part: ResolvedPart, weighing: Weighing): PartMass {
  const { timberKgPerM3 } = weighing
  const items = {
    ware: wareKg(part, timberKgPerM3),
    frames: ZERO,
    wax: ZERO,
    honey: isBox(part) && part.pattern.sections ? sectionsHoney(part, weighing) : ZERO,
    brood: ZERO,
    bees: ZERO,
  }
  return { partId: part.part.id, items, kg: sumOf([items.ware, items.honey]), heaviestFrameKg: ZERO }
}

function wareKg(part: ResolvedPart, timberKgPerM3: number | null): Range {
  if (isBox(part)) return shellKg(part, timberKgPerM3 ?? undefined)
  const mass = part.pattern?.mass
  return mass ? { low: mass.kg - mass.plusMinusKg, middle: mass.kg, high: mass.kg + mass.plusMinusKg } : ZERO
}

/** The bounds of a box are the ends of its honey and its brood; all else stands at its middle. */
function totalOf(items: PartMass['items']): Range {
  return sumOf([
    atMiddle(items.ware),
    atMiddle(items.frames),
    atMiddle(items.wax),
    items.honey,
    items.brood,
    atMiddle(items.bees),
  ])
}

/** The masses of a whole hive, kg. */
export interface HiveMass {
  readonly parts: ReadonlyMap<string, PartMass>
  /** Everything above the stand, what is attached included. */
  readonly kg: Range
  /** The stand alone. */
  readonly standKg: Range
  readonly items: Readonly<Record<MassItem, Range>>
}

/** Weighs every part of a hive, and all of it. */
export function massOfHive(
  { stack, attached }: Pick<AssembledHive, 'stack' | 'attached'>,
  weighing: Weighing,
): HiveMass {
  const parts = new Map<string, PartMass>()
  const above: PartMass[] = []
  const stand: PartMass[] = []
  for (const stacked of stack) {
    const mass = massOfPart(stacked.resolved, stacked.placement.role, weighing)
    parts.set(mass.partId, mass)
    if (isStand(stacked)) stand.push(mass)
    else above.push(mass)
  }
  for (const fitting of attached) {
    const mass = plainMass(fitting, weighing)
    parts.set(mass.partId, mass)
    above.push(mass)
  }
  const items = recordOf(MASS_ITEMS, (item) => sumOf(above.map((mass) => mass.items[item])))
  return { parts, kg: sumOf(above.map(({ kg }) => kg)), standKg: sumOf(stand.map(({ kg }) => kg)), items }
}
