import { holdsFood, isBox, isFeeder, isFrameFeeder, isNucleusFormat } from '../../parts'
import { oneOf, type Rule } from '../rule'

/** A nucleus on the road lives on what it carries. */
export const TRAVEL_FOOD: Rule<'season.travel-food'> = {
  id: 'season.travel-food',
  of: 'bees',
  when: ({ isOnTheRoad }) => isOnTheRoad,
  find: ({ layout: { parts } }) => {
    const nucleus = parts.find((part) => isBox(part) && isNucleusFormat(part.pattern.format))
    const isFed = parts.some(isFeeder) || nucleus?.hung.some((one) => isFrameFeeder(one) || holdsFood(one.content))
    return oneOf(nucleus && !isFed && { severity: 'note', partIds: [nucleus.part.id] })
  },
}
