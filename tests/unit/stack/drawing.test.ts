import { describe, expect, it } from 'vitest'
import { combsAcross, hangAcross } from '#core/parts'
import { takenOut } from '#core/yard'
import { hungDrawings, placeAtMm, aboveScale } from '~/drawing/frames-from-above'
import { boxWith, resolved } from '../../helpers/frames'

const deep = boxWith('box-langstroth-deep', 'frame-langstroth-deep', 10)
const scaleFor = (width: number, height: number, leastPx: number) =>
  aboveScale(resolved(deep), { width, height }, 100, leastPx)

describe('a box from above on the screen', () => {
  it('is drawn whole and to one scale where there is room', () => {
    const scale = scaleFor(1000, 700, 30)
    expect(scale.breakAt).toBeNull()
    expect(scale.inside.width / scale.inside.height).toBeCloseTo(466.725 / 374.65, 3)
    expect(scale.mmAt(scale.yOf(42))).toBeCloseTo(42, 9)
  })

  it('leaves the middle of the length out where frames would be too low to hit, and keeps the scale across', () => {
    const scale = scaleFor(390, 800, 44)
    expect(scale.breakAt).not.toBeNull()
    expect(scale.pxPerMm).toBeGreaterThanOrEqual(44 / 30)
    expect(scale.width).toBeLessThanOrEqual(390)
    expect(scale.inside.height).toBeCloseTo(374.65 * scale.pxPerMm, 6)
    const along = [-250, -100, 0, 100, 200, 250].map(scale.xOf)
    expect(along).toEqual([...along].sort((a, b) => a - b))
  })

  it('shows shoulders that touch and combs that do not', () => {
    const across = hangAcross(resolved(deep))
    const scale = scaleFor(1000, 700, 30)
    const drawn = hungDrawings(across, combsAcross(across, 'honey'), scale)
    expect(drawn).toHaveLength(10)
    for (const [i, one] of drawn.entries()) {
      if (i === 0) continue
      const before = drawn[i - 1]!
      expect(one.endBars[0]!.y).toBeCloseTo(before.endBars[0]!.y + before.endBars[0]!.height, 6)
      expect((one.body.y - before.body.y - before.body.height) / scale.pxPerMm).toBeCloseTo(8, 6)
    }
  })
})

describe('the place that a point means', () => {
  const at = (part: typeof deep, mm: number) => placeAtMm(hangAcross(resolved(part)), mm)
  it('is that of the frame nearest it', () => {
    for (const place of hangAcross(resolved(deep)).places)
      expect(at(deep, place.centreMm + 3)).toBe(place.content.place)
    expect(at(deep, -900)).toBe(0)
    expect(at(deep, 900)).toBe(9)
  })

  it('is an empty place where one is meant, and the next after the last where it has room', () => {
    const holed = takenOut(deep, new Set(['f4']))
    const before = hangAcross(resolved(deep)).places[4]!.centreMm
    expect(at(holed, before)).toBe(4)
    const three = boxWith('box-langstroth-deep', 'frame-langstroth-deep', 3)
    const last = hangAcross(resolved(three)).places[2]!.centreMm
    expect(at(three, last + 36)).toBe(3)
    expect(at(takenOut(deep, new Set(['f0'])), hangAcross(resolved(deep)).places[0]!.centreMm)).toBe(0)
  })

  it('is a slot in a castellation', () => {
    const slots = boxWith('box-national-super', 'frame-national-shallow-straight', 9, {
      spacing: { system: 'castellation', count: 11, slack: 'one-side' },
    })
    expect([-210, -192, 0, 192, 400].map((mm) => at(slots, mm))).toEqual([0, 0, 5, 10, 10])
    expect(placeAtMm(hangAcross(resolved(boxWith('box-langstroth-deep', 'frame-langstroth-deep', 0))), 50)).toBe(0)
  })
})
