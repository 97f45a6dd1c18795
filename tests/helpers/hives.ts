import { assess, assessHive, type Assessment, contextOf, remediesOf, type Finding, type Remedy } from '#core/rules'
import { CATALOGUE, type Catalogue, type Part, type Role } from '#core/parts'
import { type JudgedGap, assembleHive, partsById } from '#core/stack'
import { buildHive, emptyYard, type BandPreset, type Hive, type Stage, type Yard } from '#core/yard'

export type Layer = readonly [patternId: string, role?: Role, turnedOver?: boolean]

export interface Built {
  readonly yard: Yard
  readonly hive: Hive
  readonly assessment: Assessment
  /** The identity of the n-th layer. */
  readonly at: (layer: number) => string
}

export interface BuildOptions {
  readonly stage?: Stage
  readonly band?: BandPreset
  readonly change?: (part: Part, layer: number) => Part
  readonly catalogue?: Catalogue
}

/** Identities counted from one, so that tests can name them. */
export function counter(prefix = 'i'): () => string {
  let n = 0
  return () => `${prefix}${++n}`
}

/** A hive of these layers, bottom first, in a yard of its own, assessed. */
export function build(
  layers: readonly Layer[],
  { stage = 'flow', band = 'range', change, catalogue = CATALOGUE }: BuildOptions = {},
): Built {
  const made = buildHive(
    { name: 'Twill', stage, stack: layers.map(([id, role]) => [id, role] as const) },
    catalogue,
    counter(),
  )
  const parts = change ? made.parts.map(change) : made.parts
  const hive = {
    ...made.hive,
    stack: made.hive.stack.map((placement, i) => ({ ...placement, turnedOver: layers[i]![2] ?? false })),
  }
  const yard: Yard = { ...emptyYard('yard', 'Sallow Quay'), band, hives: [hive], parts }
  return {
    yard,
    hive,
    assessment: assess(assembleHive(hive, partsById(yard), catalogue), { ...contextOf(yard, hive), catalogue }),
    at: (layer) => hive.stack[layer]!.partId,
  }
}

/** The same with a fitting at its entrance or in its floor. */
export function fitted(
  layers: readonly Layer[],
  patternId: string,
  options: BuildOptions = {},
): { readonly yard: Yard; readonly assessment: Assessment } {
  const { yard } = build(layers, options)
  const part: Part = { id: 'fitting', patternId, contents: [], hasHeld: [] }
  const hive = {
    ...yard.hives[0]!,
    attachments: [
      {
        partId: part.id,
        place: patternId === 'floor-insert-board' ? ('floor-slot-upper' as const) : ('entrance' as const),
      },
    ],
  }
  const whole = { ...yard, hives: [hive], parts: [...yard.parts, part] }
  return { yard: whole, assessment: assessFirst(whole) }
}

/** Assesses the first hive of a yard again. */
export function assessFirst(yard: Yard): Assessment {
  return assessHive(yard, yard.hives[0]!)
}

/** The gap between two layers. */
export function gapBetween({ assessment, at }: Built, lower: number, upper: number): JudgedGap {
  const gap = assessment.gaps.find(({ lowerId, upperId }) => lowerId === at(lower) && upperId === at(upper))
  if (!gap) throw new Error(`no gap between layers ${lower} and ${upper}`)
  return gap
}

/** Rules of the findings, worst first. */
export function rulesOf({ assessment }: Built): string[] {
  return assessment.findings.map(({ rule }) => rule)
}

export const L = {
  stand: ['stand-timber-200'],
  floor: ['floor-solid-langstroth'],
  mesh: ['floor-mesh-langstroth'],
  deep: ['box-langstroth-deep', 'brood'],
  medium: ['box-langstroth-medium', 'super'],
  shallow: ['box-langstroth-shallow', 'super'],
  framed: ['excluder-framed-langstroth'],
  sheet: ['excluder-sheet-langstroth'],
  crown: ['crown-langstroth'],
  roof: ['roof-telescoping-langstroth'],
  eke: ['eke-langstroth'],
} as const satisfies Record<string, Layer>

export const N = {
  stand: ['stand-timber-200'],
  floor: ['floor-mesh-national'],
  brood: ['box-national-brood', 'brood'],
  super: ['box-national-super', 'super'],
  topSuper: ['box-national-super-top-space', 'super'],
  topBrood: ['box-national-brood-top-space', 'brood'],
  framed: ['excluder-framed-national'],
  sheet: ['excluder-sheet-national'],
  crown: ['crown-national'],
  roof: ['roof-telescoping-national'],
  eke: ['eke-national'],
} as const satisfies Record<string, Layer>

/** A finding as plain data, its ways out tried. */
export function tried(finding: Finding | undefined): Omit<Finding, 'ways'> & { readonly remedies: readonly Remedy[] } {
  if (!finding) throw new Error('no such finding')
  const { ways: _ways, ...data } = finding
  return { ...data, remedies: remediesOf(finding) }
}
