import type { Panel } from './box-bill'

type Point = readonly [xMm: number, yMm: number]

/**
 * The shape of a board lying flat: its edge, and lines for what is cut into it without going through. mm, y upwards.
 */
export interface PanelOutline {
  readonly name: Panel['name']
  readonly edge: readonly Point[]
  readonly marks: readonly { readonly what: 'frame-rest' | 'rabbet' | 'hand-hold'; readonly line: readonly Point[] }[]
}

/**
 * Every kind of board of a box as an outline. Fingers start with one at the upper edge of a side, with a gap at that of
 * an end.
 */
export function panelOutlines(panels: readonly Panel[]): PanelOutline[] {
  return panels.map((panel) => ({ name: panel.name, edge: edgeOf(panel), marks: marksOf(panel) }))
}

function edgeOf({ name, lengthMm, widthMm, cuts }: Panel): Point[] {
  const fingers = cuts.find((cut) => cut.cut === 'fingers')
  if (!fingers)
    return [
      [0, 0],
      [lengthMm, 0],
      [lengthMm, widthMm],
      [0, widthMm],
    ]
  const right: Point[] = []
  // Steps down from the upper edge, out and in by one finger.
  let out = name === 'side'
  for (let top = widthMm; top > 1e-6; top -= fingers.widthMm) {
    const bottom = Math.max(0, top - fingers.widthMm)
    const x = out ? lengthMm : lengthMm - fingers.depthMm
    right.push([x, top], [x, bottom])
    out = !out
  }
  const left = right.map(([x, y]): Point => [lengthMm - x, y]).reverse()
  return withoutRepeats([...right, ...left])
}

function withoutRepeats(points: readonly Point[]): Point[] {
  return points.filter(([x, y], i) => {
    const [px, py] = points[(i + points.length - 1) % points.length]!
    return Math.abs(x - px) > 1e-9 || Math.abs(y - py) > 1e-9
  })
}

function marksOf({ lengthMm, widthMm, cuts }: Panel): PanelOutline['marks'] {
  return cuts.flatMap((cut): PanelOutline['marks'][number][] => {
    switch (cut.cut) {
      case 'frame-rest':
        return [
          {
            what: 'frame-rest',
            line: [
              [0, widthMm - cut.depthMm],
              [lengthMm, widthMm - cut.depthMm],
            ],
          },
        ]
      case 'rabbet':
        return [cut.widthMm, lengthMm - cut.widthMm].map((x) => ({
          what: 'rabbet',
          line: [
            [x, 0],
            [x, widthMm],
          ],
        }))
      case 'hand-hold': {
        const [x, y, half] = [lengthMm / 2, widthMm - cut.centreBelowTopMm, cut.lengthMm / 2]
        return [
          {
            what: 'hand-hold',
            line: [
              [x - half, y - 12],
              [x + half, y - 12],
              [x + half, y + 12],
              [x - half, y + 12],
              [x - half, y - 12],
            ],
          },
        ]
      }
      case 'fingers':
        return []
    }
  })
}
