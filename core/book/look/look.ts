export const TEMPERS = ['quiet', 'lively', 'follows', 'attacks'] as const
export const SOUNDS = ['humming', 'roaring'] as const
export const BROOD_STAGES = ['eggs', 'larvae', 'sealed'] as const
/** A stage of brood that is seen in a comb. */
export type BroodStage = (typeof BROOD_STAGES)[number]
export const BROOD_PATTERNS = ['solid', 'spotty'] as const
export const QUEEN_SIGNS = ['seen', 'eggs', 'not-seen'] as const
export const FOODS = ['sealed', 'nectar', 'pollen'] as const
/** Food that is seen in a comb: sealed stores, nectar, pollen. */
export type FoodSeen = (typeof FOODS)[number]
export const HEFTS = ['light', 'fair', 'heavy'] as const
export const WINDS = ['calm', 'breeze', 'wind'] as const
export const SIGNS = [
  'sunken-caps',
  'pierced-caps',
  'ropy-cell',
  'scale-in-cell',
  'chalky-larvae',
  'twisted-larvae',
  'crippled-wings',
  'trembling-bees',
  'streaks-at-door',
  'dead-in-heap',
  'robbed-out',
] as const
/** What is seen, in words that name no disease. */
type Sign = (typeof SIGNS)[number]
export const DAMP_PLACES = ['top', 'walls', 'floor'] as const
export const VISITORS = ['mouse', 'ants', 'beetle', 'wasps', 'moth'] as const
export const COMB_FAULTS = ['dark', 'drone-cells', 'mouldy', 'broken'] as const
export const CELL_PLACES = ['edge', 'middle', 'bottom'] as const
export const COVERS = ['full', 'half', 'none'] as const

export const STORES_ON = ['corner', 'half', 'full'] as const
/** How much of a comb is sealed stores. */
type StoresOn = (typeof STORES_ON)[number]

/** One comb as it was seen. */
export interface CombSeen {
  readonly boxId: string
  readonly contentId: string
  /** How its bees covered it. */
  readonly bees?: (typeof COVERS)[number]
  readonly brood?: readonly BroodStage[]
  readonly food?: readonly FoodSeen[]
  /** How much of it is sealed stores, where that was said. */
  readonly stores?: StoresOn
  readonly renew?: (typeof COMB_FAULTS)[number]
}

/** A look into a hive: what is not said is not known, never zero. */
export interface Look {
  readonly celsius?: number
  readonly wind?: (typeof WINDS)[number]
  /** Seams of bees, box by box. */
  readonly seams?: readonly { readonly boxId: string; readonly seams: number }[]
  readonly temper?: (typeof TEMPERS)[number]
  readonly sound?: (typeof SOUNDS)[number]
  /** Frames with each stage of brood, where they were counted and not tapped. */
  readonly broodFrames?: Readonly<Partial<Record<BroodStage, number>>>
  readonly pattern?: (typeof BROOD_PATTERNS)[number]
  readonly droneBrood?: boolean
  readonly playCups?: number
  readonly cells?: { readonly open?: number; readonly sealed?: number; readonly where?: (typeof CELL_PLACES)[number] }
  readonly queen?: (typeof QUEEN_SIGNS)[number]
  readonly queenMarked?: boolean
  readonly queenClipped?: boolean
  readonly queenBorn?: number
  readonly foodFrames?: Readonly<Partial<Record<FoodSeen, number>>>
  readonly heft?: (typeof HEFTS)[number]
  /** Of the cells of its supers, sealed, 0 to 1. */
  readonly superSealed?: number
  readonly undrawnLeft?: number
  readonly toRenew?: number
  readonly crossComb?: boolean
  readonly signs?: readonly Sign[]
  readonly deadOnFloor?: (typeof DEAD_ON_FLOOR)[number]
  readonly damp?: readonly (typeof DAMP_PLACES)[number][]
  readonly mould?: readonly (typeof DAMP_PLACES)[number][]
  readonly visitors?: readonly (typeof VISITORS)[number][]
  /** Comb by comb, where they were tapped. */
  readonly combs?: readonly CombSeen[]
}

export const DEAD_ON_FLOOR = ['few', 'many'] as const

/** Frames with a stage of brood, as counted, else as tapped; undefined where neither was. */
export function broodFramesOf(look: Look, stage: BroodStage): number | undefined {
  return look.broodFrames?.[stage] ?? tapped(look, ({ brood }) => brood?.includes(stage) === true)
}

/** Frames with brood of any stage: the stage on most of them, since they share combs; undefined where none was told. */
export function framesWithBrood(look: Look): number | undefined {
  const told = BROOD_STAGES.map((stage) => broodFramesOf(look, stage)).filter((count) => count !== undefined)
  return told.length > 0 ? Math.max(...told) : undefined
}

/** True for a look that says anything of what there is to eat: its heft, or frames of sealed stores. */
export function tellsOfFood(look: Look): boolean {
  return look.heft !== undefined || foodFramesOf(look, 'sealed') !== undefined
}

/** Frames with a food, as counted, else as tapped; undefined where neither was. */
export function foodFramesOf(look: Look, food: FoodSeen): number | undefined {
  return look.foodFrames?.[food] ?? tapped(look, (comb) => comb.food?.includes(food) === true)
}

function tapped({ combs }: Look, has: (comb: CombSeen) => boolean): number | undefined {
  // Combs without it may not have been looked at for it: nothing that was pressed says zero.
  return combs?.filter(has).length || undefined
}

/** A comb as a part of a seam, by how bees cover it. */
export const SEAMS_OF: Readonly<Record<(typeof COVERS)[number], number>> = { full: 1, half: 0.5, none: 0 }

/** Seams of bees in all boxes, as counted, else by combs that were tapped; undefined where neither was. */
export function seamsIn({ seams, combs }: Look): number | undefined {
  if (seams && seams.length > 0) return seams.reduce((sum, one) => sum + one.seams, 0)
  const told = combs?.flatMap(({ bees }) => (bees === undefined ? [] : [SEAMS_OF[bees]])) ?? []
  return told.length > 0 ? told.reduce((sum, one) => sum + one, 0) : undefined
}
