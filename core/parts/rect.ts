/** A rectangle in plan, mm, about the middle of the hive: x along the frames from the entrance, y across them. */
export interface Rect {
  readonly x0: number
  readonly x1: number
  readonly y0: number
  readonly y1: number
}

/** A rectangle of a length along x and a width along y, about the origin. */
export function centredRect(lengthMm: number, widthMm: number): Rect {
  return { x0: -lengthMm / 2, x1: lengthMm / 2, y0: -widthMm / 2, y1: widthMm / 2 }
}

/** What two rectangles share, or undefined when they share no area. */
export function overlapOf(a: Rect, b: Rect): Rect | undefined {
  const x0 = Math.max(a.x0, b.x0)
  const x1 = Math.min(a.x1, b.x1)
  const y0 = Math.max(a.y0, b.y0)
  const y1 = Math.min(a.y1, b.y1)
  return x1 > x0 && y1 > y0 ? { x0, x1, y0, y1 } : undefined
}

/** True when `cover` leaves nothing of `rect` uncovered. */
export function covers(cover: Rect, rect: Rect): boolean {
  return cover.x0 <= rect.x0 && cover.x1 >= rect.x1 && cover.y0 <= rect.y0 && cover.y1 >= rect.y1
}

/** A rectangle drawn in on all four sides. */
export function insetRect(rect: Rect, byMm: number): Rect {
  return { x0: rect.x0 + byMm, x1: rect.x1 - byMm, y0: rect.y0 + byMm, y1: rect.y1 - byMm }
}

/** The rectangle as it lies when its part is turned about the vertical and shifted. */
export function standRect(rect: Rect, yawDeg: number, offsetMm: { readonly x: number; readonly y: number }): Rect {
  if (yawDeg === 0 && offsetMm.x === 0 && offsetMm.y === 0) return rect
  const { x0, x1, y0, y1 } = turned(rect, yawDeg)
  return { x0: x0 + offsetMm.x, x1: x1 + offsetMm.x, y0: y0 + offsetMm.y, y1: y1 + offsetMm.y }
}

function turned({ x0, x1, y0, y1 }: Rect, yawDeg: number): Rect {
  if (yawDeg === 90) return { x0: -y1, x1: -y0, y0: x0, y1: x1 }
  if (yawDeg === 180) return { x0: -x1, x1: -x0, y0: -y1, y1: -y0 }
  if (yawDeg === 270) return { x0: y0, x1: y1, y0: -x1, y1: -x0 }
  return { x0, x1, y0, y1 }
}

/** The rectangle round some rectangles; nothing at the middle where there are none. */
export function boundsOf(rects: readonly Rect[]): Rect {
  const [first = centredRect(0, 0), ...others] = rects
  return others.reduce(
    (all, { x0, x1, y0, y1 }) => ({
      x0: Math.min(all.x0, x0),
      x1: Math.max(all.x1, x1),
      y0: Math.min(all.y0, y0),
      y1: Math.max(all.y1, y1),
    }),
    first,
  )
}
