import type { Enclosure } from './enclosure'

/**
 * An enclosure as if its boxes were so much narrower across the frames: the most that dummies or fewer frames can save,
 * since a board that does not seal holds back less than a wall that stands there. Geometry.
 * @param share of its width that is left, more than 0 and at most 1
 */
export function narrowed(enclosure: Enclosure, share: number): Enclosure {
  return {
    ...enclosure,
    litres: enclosure.litres * share,
    faces: enclosure.faces.map((face) =>
      face.side === 'left' || face.side === 'right' ? face : { ...face, areaM2: face.areaM2 * share },
    ),
  }
}
