import { combsAcross, hangAcross, type AssembledHive, type AttachedPart, type ResolvedPart, type StackedPart } from '../geometry'
import type { Content, Role, Stage } from '../hive'
import { combAreaDm2 } from './comb'
import { FILL } from './honey'
import { beesOnCombKg, combLoad, combMass, type Fullness } from './load'
import { sumOf, ZERO, type Range } from './range'
import { shellKg } from './ware'
import { TIMBERS } from './timber'

export const MASS_ITEMS = ['ware', 'frames', 'wax', 'honey', 'brood', 'bees'] as const
/** What a mass is made of: the part itself, its frames with their foundation, comb wax, honey or stores, brood, bees. */
export type MassItem = (typeof MASS_ITEMS)[number]

/** The mass of one part with what is in it, kg; each bound is the sum of the bounds of what it is made of. */
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
  readonly timberKgPerM3: number
  readonly fill: Range
  /** What stands for frames of which nothing was said. */
  readonly meanwhile: Exclude<Fullness, 'as-said'>
}

/** The state of a hive at a stage, for frames of which nothing was said. Common practice. */
export function fullnessAt(stage: Stage): Exclude<Fullness, 'as-said'> {
  switch (stage) {
    case 'settling': case 'bait': return 'drawn'
    case 'crop': return 'full'
    case 'winter': case 'pack-down': case 'late-winter-check': return 'winter'
    case 'after-crop': case 'dearth': case 'moving': return 'winter'
    case 'building-up': case 'supering': case 'flow': return 'in-flow'
  }
}

/** Frame by frame as said, the rest as its stage has it, of ordinary timber. */
export function usualWeighing(stage: Stage): Weighing {
  return { fullness: 'as-said', meanwhile: fullnessAt(stage), timberKgPerM3: TIMBERS.usual.kgPerM3, fill: FILL }
}

/** The mass of a part that stands in a stack. */
export function massOfPart(part: ResolvedPart, role: Role | undefined, weighing: Weighing): PartMass {
  const { pattern } = part
  if (pattern?.kind !== 'box' || (part.hung.length === 0 && !pattern.sections)) return plainMass(part, weighing)
  const used: Role = role ?? pattern.usualRole ?? 'super'
  const winter = weighing.fullness === 'winter' || (weighing.fullness === 'as-said' && weighing.meanwhile === 'winter')
  const inhabited = used === 'brood' && weighing.fullness !== 'empty' && weighing.fullness !== 'drawn' && (weighing.fullness !== 'as-said' || weighing.meanwhile !== 'drawn')
  const frames: Range[] = []
  const wax: Range[] = []
  const honey: Range[] = []
  const brood: Range[] = []
  const bees: Range[] = []
  let heaviest = ZERO
  const combs = new Map(combsAcross(hangAcross(part), 'all-honey').map((comb) => [comb.contentId, comb]))
  for (const { content, pattern: hung } of part.hung) {
    if (!hung) continue
    const frame = { low: hung.mass.kg - hung.mass.plusMinusKg, middle: hung.mass.kg, high: hung.mass.kg + hung.mass.plusMinusKg }
    frames.push(frame)
    const comb = combs.get(content.id)
    if (!comb) continue
    const inside = combMass(comb, combLoad(content, weighing.fullness, used, weighing.meanwhile), weighing.fill)
    wax.push(inside.wax)
    honey.push(inside.honey)
    brood.push(inside.brood)
    if (inhabited && isBuilt(content, weighing)) bees.push(beesOnCombKg(combAreaDm2(hung), winter))
    const single = sumOf([frame, inside.wax, inside.honey, inside.brood])
    if (single.middle > heaviest.middle) heaviest = single
  }
  const items = { ware: shellKg(part, weighing.timberKgPerM3), frames: sumOf(frames), wax: sumOf(wax), honey: sumOf(honey), brood: sumOf(brood), bees: sumOf(bees) }
  return { partId: part.part.id, items, kg: totalOf(items), heaviestFrameKg: heaviest }
}

function isBuilt(content: Content, { fullness }: Weighing): boolean {
  return fullness !== 'as-said' || content.comb === undefined || content.comb === 'drawn'
}

function plainMass(part: ResolvedPart, { timberKgPerM3 }: Weighing): PartMass {
  const items = { ware: wareKg(part, timberKgPerM3), frames: ZERO, wax: ZERO, honey: ZERO, brood: ZERO, bees: ZERO }
  return { partId: part.part.id, items, kg: items.ware, heaviestFrameKg: ZERO }
}

function wareKg(part: ResolvedPart, timberKgPerM3: number): Range {
  if (part.pattern?.kind === 'box') return shellKg(part, timberKgPerM3)
  const mass = part.pattern?.mass
  return mass ? { low: mass.kg - mass.plusMinusKg, middle: mass.kg, high: mass.kg + mass.plusMinusKg } : ZERO
}

function totalOf(items: PartMass['items']): Range {
  return sumOf([items.ware, items.frames, items.wax, items.honey, items.brood, items.bees])
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
export function massOfHive({ stack, attached }: Pick<AssembledHive, 'stack' | 'attached'>, weighing: Weighing): HiveMass {
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
  const items = Object.fromEntries(MASS_ITEMS.map((item) => [item, sumOf(above.map((mass) => mass.items[item]))])) as unknown as HiveMass['items']
  return { parts, kg: sumOf(above.map(({ kg }) => kg)), standKg: sumOf(stand.map(({ kg }) => kg)), items }
}

function isStand({ pattern }: StackedPart | AttachedPart): boolean {
  return pattern?.kind === 'stand'
}
