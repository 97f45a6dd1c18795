import { there } from '../../units'
import { findAll } from '../../parts'
import { jointsOf, type Joint, type PlacedPart } from '../../stack'
import type { Context, MeasuredHive } from '../context'
import { add, centre, swapFor } from '../remedies'
import type { Remedy } from '../remedy'
import { layoutAfter } from '../trial'
import { faultyJoints } from './open-joint'

/** What closes a joint: the part put straight, the same part of the other format, an adapter; each is tried first. */
export function waysToClose(measured: MeasuredHive, joint: Joint, context: Context): Remedy[] {
  const { hive } = measured.assembled
  const at = (partId: string) => there(measured.layout.parts.find(({ part }) => part.id === partId))
  const [lower, upper] = [at(joint.lowerId), at(joint.upperId)]
  const shifted = [upper, lower].filter(
    ({ placement }) => placement.offsetMm.x !== 0 || placement.offsetMm.y !== 0 || placement.yawDeg !== 0,
  )
  const likely = [
    ...shifted.map((part) => centre(hive, part)),
    ...sameKindElsewhere(hive, upper, lower, context),
    ...adapters(hive, lower, upper, context),
  ]
  return likely.filter((remedy) => closes(measured, remedy, context)).slice(0, 2)
}

function sameKindElsewhere(
  hive: MeasuredHive['assembled']['hive'],
  upper: PlacedPart,
  lower: PlacedPart,
  { catalogue }: Context,
): Remedy[] {
  const format = lower.pattern?.format
  const own = upper.pattern
  const alike =
    own &&
    findAll(catalogue, { kind: own.kind, format }).find(
      (pattern) =>
        pattern.id !== own.id &&
        pattern.roofForm === own.roofForm &&
        pattern.reversible === own.reversible &&
        pattern.surface === own.surface &&
        pattern.usualRole === own.usualRole,
    )
  // A box is no way out for one whose frames it does not hold.
  const holds =
    upper.part.contents.length <= (alike?.normalContents?.count ?? 0) &&
    upper.part.contents.every(({ patternId }) => patternId === alike?.normalContents?.framePatternId)
  return alike && (upper.part.contents.length === 0 || holds) ? [swapFor(hive, upper, alike, catalogue)] : []
}

function adapters(
  hive: MeasuredHive['assembled']['hive'],
  lower: PlacedPart,
  upper: PlacedPart,
  { catalogue }: Context,
): Remedy[] {
  const fits = (length: number, width: number, part: PlacedPart, face: 'upper' | 'lower') => {
    const outside = part.faces[face].edge?.outside
    return outside && Math.abs(outside.x1 - outside.x0 - length) < 8 && Math.abs(outside.y1 - outside.y0 - width) < 8
  }
  return findAll(catalogue, { kind: 'adapter' })
    .filter(({ rimSide }) => rimSide === 'none')
    .flatMap((pattern) => {
      const { upperLength, upperWidth, lowerLength, lowerWidth } = pattern.dimensions
      const straight =
        fits(upperLength.mm, upperWidth.mm, upper, 'lower') && fits(lowerLength.mm, lowerWidth.mm, lower, 'upper')
      const turned =
        fits(lowerLength.mm, lowerWidth.mm, upper, 'lower') && fits(upperLength.mm, upperWidth.mm, lower, 'upper')
      return straight || turned ? [add(hive, upper.index, pattern, catalogue, !straight)] : []
    })
}

/** True when less stands open than before. */
function closes(measured: MeasuredHive, remedy: Remedy, context: Context): boolean {
  const layout = layoutAfter(measured, remedy.edit, context)
  return (
    layout !== undefined &&
    faultyJoints(jointsOf(layout), context.figures) < faultyJoints(measured.joints, context.figures)
  )
}
