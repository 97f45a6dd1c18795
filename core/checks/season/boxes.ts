import type { PlacedPart } from '../../geometry'
import { isCold } from '../../hive'
import type { Context, Measured } from '../context'
import { findingOf, type Finding } from '../finding'
import { takeOff } from '../remedies'

/** Boxes against the stage: old brood kit as a super, supers in treatment, winter and settling, a flow without room, roofs on the road (common practice). */
export function checkSeasonBoxes({ layout, assembled }: Measured, { stage }: Context): Finding[] {
  const { hive } = assembled
  const boxes = layout.parts.filter(({ pattern }) => pattern?.kind === 'box')
  const supers = boxes.filter(({ placement }) => placement.role === 'super')
  const ids = (list: readonly PlacedPart[]) => list.map(({ part }) => part.id)
  const off = () => (supers.length === 1 ? [takeOff(hive, supers[0]!)] : [])
  const found: Finding[] = supers.filter(({ part }) => part.hasHeld.includes('brood')).map((box) => findingOf('season.brood-kit', 'mend', [box.part.id], { remedies: [takeOff(hive, box)] }))
  if (supers.length > 0 && stage === 'after-crop') found.push(findingOf('season.supers-in-treatment', 'watch', ids(supers), { remedies: off() }))
  if (supers.length > 0 && isCold(stage)) found.push(findingOf('season.supers-in-winter', 'note', ids(supers), { remedies: off() }))
  if (supers.length > 0 && stage === 'settling') found.push(findingOf('season.super-too-soon', 'watch', ids(supers), { remedies: off() }))
  if (supers.length === 0 && boxes.length > 0 && stage === 'flow') found.push(findingOf('season.no-room', 'watch', ids(boxes.slice(-1))))
  const roof = layout.parts.find(({ pattern }) => pattern?.kind === 'roof' && pattern.roofForm === 'telescoping')
  if (roof && stage === 'moving') found.push(findingOf('season.travel-roof', 'note', [roof.part.id]))
  return found
}
