/** A piece of wood or wax as a block, mm: x along, y away from the eye, z upwards. */
export interface Block {
  readonly x0: number
  readonly x1: number
  readonly y0: number
  readonly y1: number
  readonly z0: number
  readonly z1: number
  readonly of: BlockLook
}
/** How a block of wood is drawn. */
export type BlockLook = 'timber' | 'lit' | 'wax' | 'plain'
/** A point in space, mm. */
export type Point3 = readonly [x: number, y: number, z: number]
/** A point on paper. */
export type Point = readonly [x: number, y: number]

/** How far a millimetre away from the eye goes to the right and up: seen from the front, the right and above. */
const AWAY = { right: 0.36, up: 0.3 }

/** Where a point stands on the paper; y downwards. */
export function onPaper([x, y, z]: Point3): Point {
  return [x + AWAY.right * y, -(z + AWAY.up * y)]
}

/** The same block elsewhere, or of something else. */
export function moved(block: Block, [x, y, z]: Point3, of: BlockLook = block.of): Block {
  return {
    of,
    x0: block.x0 + x,
    x1: block.x1 + x,
    y0: block.y0 + y,
    y1: block.y1 + y,
    z0: block.z0 + z,
    z1: block.z1 + z,
  }
}

const TOUCH_MM = 1e-6

/** Whether the first can be hidden by the second: it is further away, further left or below, and nowhere nearer. */
function behind(a: Block, b: Block): boolean {
  const isBehind = a.y0 >= b.y1 - TOUCH_MM || a.x1 <= b.x0 + TOUCH_MM || a.z1 <= b.z0 + TOUCH_MM
  const isBefore = b.y0 >= a.y1 - TOUCH_MM || b.x1 <= a.x0 + TOUCH_MM || b.z1 <= a.z0 + TOUCH_MM
  return isBehind && !isBefore
}

/** Blocks in the order in which they are painted, the hidden ones first. */
export function backToFront(blocks: readonly Block[]): Block[] {
  const left = [...blocks]
  const painted: Block[] = []
  while (left.length > 0) {
    const free = left.findIndex((one) => !left.some((other) => other !== one && behind(other, one)))
    painted.push(...left.splice(Math.max(0, free), 1))
  }
  return painted
}

/** The three faces of a block that are seen. */
export function facesOf({ x0, x1, y0, y1, z0, z1 }: Block): { front: Point3[]; top: Point3[]; right: Point3[] } {
  return {
    front: [
      [x0, y0, z0],
      [x1, y0, z0],
      [x1, y0, z1],
      [x0, y0, z1],
    ],
    top: [
      [x0, y0, z1],
      [x1, y0, z1],
      [x1, y1, z1],
      [x0, y1, z1],
    ],
    right: [
      [x1, y0, z0],
      [x1, y1, z0],
      [x1, y1, z1],
      [x1, y0, z1],
    ],
  }
}
