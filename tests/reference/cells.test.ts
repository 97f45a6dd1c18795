import { all, create } from 'mathjs'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/parts'
import { cellsOfFrame, cellsPerDm2 } from '#core/stack'

const math = create(all!)
const frame = (id: string) => CATALOGUE.hanging.get(id)!

describe('worker cells', () => {
  it('pack as regular hexagons: the area of one from its six corners (plane geometry, mathjs)', () => {
    for (const widthMm of [4.9, 5.1, 5.2, 5.3, 5.4, 5.5]) {
      const radius = widthMm / Number(math.sqrt(3))
      const corners = Array.from(
        { length: 6 },
        (_, i) => [radius * math.cos((i * math.pi) / 3), radius * math.sin((i * math.pi) / 3)] as const,
      )
      const area = corners.reduce(
        (sum, [x, y], i) => sum + (x * corners[(i + 1) % 6]![1] - corners[(i + 1) % 6]![0] * y) / 2,
        0,
      )
      expect(cellsPerDm2(widthMm)).toBeCloseTo(10_000 / area, 6)
    }
  })

  it('common practice: about 7 000 in a deep Langstroth frame and 5 000 in a National deep, both sides', () => {
    expect(Math.abs(cellsOfFrame(frame('frame-langstroth-deep'), 5.4) / 7000 - 1)).toBeLessThan(0.03)
    expect(Math.abs(cellsOfFrame(frame('frame-national-deep'), 5.4) / 5000 - 1)).toBeLessThan(0.06)
  })

  it('from memory: foundation of 5.4 mm has 396 cells on a square decimetre of one side', () => {
    expect(Math.round(cellsPerDm2(5.4))).toBe(396)
  })
})
