import { entriesOf, type Length } from '../units'
import type { DimensionName, Dimensions } from '../parts'

/** A size that is larger than another one lets it be. */
export type SizeProblem =
  'inside-larger' | 'walls-too-thick' | 'rest-outside' | 'plus-minus-larger' | 'rest-deeper' | 'rim-too-wide'

/** What makes a set of sizes impossible: the dimension, and what is wrong with it. */
export interface SizeNonsense {
  readonly dimension: DimensionName
  readonly problem: SizeProblem
}

/**
 * The first thing that no part can be, or undefined when the sizes make sense together, on either side. Geometry.
 */
export function sizeNonsense(sizes: Dimensions): SizeNonsense | undefined {
  return nonsenseOf(sizes) ?? nonsenseOf(onOtherSide(sizes))
}

function onOtherSide(sizes: Dimensions): Dimensions {
  const there = entriesOf<DimensionName, Length>(sizes).map(([name, length]) => [
    name,
    { ...length, mm: length.otherMm ?? length.mm },
  ])
  return Object.fromEntries(there)
}

function nonsenseOf(sizes: Dimensions): SizeNonsense | undefined {
  for (const [name, length] of entriesOf<DimensionName, Length>(sizes)) {
    if (length.mm > 0 && length.plusMinusMm >= length.mm) return { dimension: name, problem: 'plus-minus-larger' }
  }
  const mm = (name: DimensionName) => sizes[name]?.mm
  for (const [inside, outside] of [
    ['insideLength', 'outsideLength'],
    ['insideWidth', 'outsideWidth'],
  ] as const) {
    const [within, without] = [mm(inside), mm(outside)]
    if (within === undefined || without === undefined) continue
    if (within >= without && sizes.skirtDepth === undefined) return { dimension: inside, problem: 'inside-larger' }
    const box = sizes.restToRest !== undefined
    if (box && without - within > without / 2) return { dimension: inside, problem: 'walls-too-thick' }
  }
  const [rest, inside, outside] = [mm('restToRest'), mm('insideLength'), mm('outsideLength')]
  if (rest !== undefined && inside !== undefined && outside !== undefined && (rest < inside || rest >= outside))
    return { dimension: 'restToRest', problem: 'rest-outside' }
  const [restDepth, depth] = [mm('restDepth'), mm('depth')]
  if (restDepth !== undefined && depth !== undefined && restDepth >= depth)
    return { dimension: 'restDepth', problem: 'rest-deeper' }
  const [rim, width] = [mm('rimWidth'), Math.min(mm('outsideWidth') ?? Infinity, mm('outsideLength') ?? Infinity)]
  if (rim !== undefined && rim * 2 >= width) return { dimension: 'rimWidth', problem: 'rim-too-wide' }
  return undefined
}
