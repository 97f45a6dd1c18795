import type { Edit } from '../edits/edit'
import type { Hive, Placement } from '../model/yard'
import type { Part } from '../../parts'
import { move } from './move'
import { putOn, putOnFromShed } from './put-on'
import { stand } from './stand'
import { together } from './together'

/** What a keeper holds over a stack and has not put down yet. */
export interface Hand {
  readonly from: 'tray' | 'shed' | 'stack'
  readonly part: Part
  readonly placement: Placement
  /** Place in the stack as it is without the part in the hand; null while it is held beside the hive. */
  readonly at: number | null
}

/** Puts down what is in the hand; null while it is held beside the hive. */
export function putDown(hive: Hive, { from, part, placement, at }: Hand): Edit | null {
  if (at === null) return null
  if (from === 'tray') return putOn(hive, at, part, placement)
  if (from === 'shed') return putOnFromShed(hive, at, placement)
  const moved = move(hive, part.id, at)
  const turned = hive.stack.find(({ partId }) => partId === part.id)?.turnedOver !== placement.turnedOver
  return turned ? together(moved, stand(hive, placement)) : moved
}

/** The same hand over another place of the stack; null holds it beside the hive. */
export function heldAt({ stack }: Hive, hand: Hand, at: number | null): Hand {
  if (hand.at === at) return hand
  const most = stack.length - (hand.from === 'stack' ? 1 : 0)
  return { ...hand, at: at === null ? null : Math.min(Math.max(at, 0), most) }
}

/** The same hand with the part the other way up. */
export function turnedInHand(hand: Hand): Hand {
  return { ...hand, placement: { ...hand.placement, turnedOver: !hand.placement.turnedOver } }
}
