import { type Catalogue, isCrown, isRoof } from '../parts'
import { findPart, type Hive, type Yard, meaningOf } from '../yard'

/** True while a hive stands without its roof in the middle of a visit; for the road a screen is its top. */
export function standsOpen(hive: Hive, yard: Yard, catalogue: Catalogue): boolean {
  const top = hive.stack.at(-1)
  const pattern = top && catalogue.patterns.get(findPart(yard, top.partId)?.patternId ?? '')
  const isScreened =
    hive.visit !== undefined &&
    meaningOf(hive.visit.toStage).isOnTheRoad &&
    isCrown({ pattern }) &&
    pattern?.surface === 'mesh'
  return hive.visit !== undefined && hive.visit.done > 0 && !isRoof({ pattern }) && !isScreened
}
