import type { Material } from './palette'

/** A thing to draw, in mm: x to the right, y downwards from the ground line (heights are negative). */
export type Shape =
  | { readonly type: 'area'; readonly path: string; readonly material: Material }
  | { readonly type: 'line'; readonly x1: number; readonly x2: number; readonly y: number; readonly look: 'mesh' | 'sheet' | 'rods' | 'screen' | 'metal' }

/** Draws one part in its own heights, z upwards from its lower edge, and turns it over when it stands that way. */
export class Pen {
  readonly shapes: Shape[] = []

  constructor(private readonly bottomMm: number, private readonly depthMm: number, private readonly turnedOver: boolean) {}

  private y(z: number): number {
    return -(this.bottomMm + (this.turnedOver ? this.depthMm - z : z))
  }

  block(x0: number, x1: number, z0: number, z1: number, material: Material): void {
    this.outline([[x0, z0], [x1, z0], [x1, z1], [x0, z1]], material)
  }

  outline(points: readonly (readonly [x: number, z: number])[], material: Material): void {
    if (points.length < 3) return
    const path = `M${points.map(([x, z]) => `${round(x)} ${round(this.y(z))}`).join('L')}Z`
    this.shapes.push({ type: 'area', path, material })
  }

  /** The same block at both ends of a part that reaches from −half to +half. */
  pair(half: number, width: number, z0: number, z1: number, material: Material): void {
    this.block(-half, -half + width, z0, z1, material)
    this.block(half - width, half, z0, z1, material)
  }

  line(x0: number, x1: number, z: number, look: Extract<Shape, { type: 'line' }>['look']): void {
    this.shapes.push({ type: 'line', x1: round(x0), x2: round(x1), y: round(this.y(z)), look })
  }
}

function round(value: number): number {
  return Math.round(value * 100) / 100
}
