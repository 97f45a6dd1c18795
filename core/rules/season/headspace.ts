import { meaningOf } from '../../yard'
import type { PlacedPart } from '../../stack'
import type { Context, MeasuredHive } from '../context'
import { findingOf, type Finding } from '../finding'
import { takeOff } from '../remedies'
import { isBox, isEke, isVent } from '../../parts'

/** True for a rim or a box with nothing in it: room that bees fill with comb in a flow. */
export function isHeadspace(layer: Pick<PlacedPart, 'pattern' | 'part'>): boolean {
  if (isBox(layer)) return layer.part.contents.length === 0 && !layer.pattern.sections
  return isEke(layer) && !isVent(layer)
}

/** Room left on for a treatment or a feeder: it wants a day to come off, and is overdue after it (common practice). */
export function checkHeadspace({ layout, assembled }: MeasuredHive, { stage, today }: Context): Finding[] {
  const means = meaningOf(stage)
  return layout.parts.filter(isHeadspace).flatMap((room): Finding[] => {
    const { offBy } = room.placement
    const ways = () => [takeOff(assembled.hive, room)]
    if (offBy && today && offBy < today)
      return [findingOf('season.headspace-overdue', 'mend', [room.part.id], { facts: { offBy }, ways })]
    return !offBy && (means.treating === 'first' || means.forage === 'dearth')
      ? [findingOf('season.headspace-undated', 'note', [room.part.id], { ways })]
      : []
  })
}
