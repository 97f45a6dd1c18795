import { SHIPPED_FIGURES } from '#core/figures'
import { boxBill, foundationSheet, frameBill } from '#core/parts/making'
import { CATALOGUE } from '#core/parts'
import { boxOfPattern } from '#core/stack'
import { describe, expect, it } from 'vitest'

const IN = 25.4

describe('what is cut and bought, against published sizes', () => {
  // Sheets sold for frames with grooved top and bottom bars: 7 3/4 x 16 3/4 in for the 9 1/8 in frame, 4 x 16 1/2 in
  // for the 5 3/8 in frame (dealers' lists of the trade, from memory). Within a quarter of an inch.
  it.each([
    ['frame-langstroth-deep', 7.75, 16.75],
    ['frame-langstroth-shallow', 4, 16.5],
  ] as const)('the foundation of a %s', (id, heightIn, lengthIn) => {
    const sheet = foundationSheet(CATALOGUE.hanging.get(id)!, SHIPPED_FIGURES)
    expect(Math.abs(sheet.heightMm - heightIn * IN)).toBeLessThan(IN / 4)
    expect(Math.abs(sheet.lengthMm - lengthIn * IN)).toBeLessThan(IN / 4)
  })

  // USDA Agriculture Handbook 335, drawing of the ten-frame hive body, from memory: sides 19 1/8 in, ends 16 1/4 in
  // with
  // rabbets 3/8 in deep, frame rest 5/8 in deep and 3/8 in wide; end bar of the deep frame 8 3/4 in.
  it('the boards of the ten-frame body', () => {
    const { panels } = boxBill(boxOfPattern(CATALOGUE.patterns.get('box-langstroth-deep')!, CATALOGUE).resolved, 1)
    expect(panels.map(({ name, lengthMm, widthMm }) => [name, lengthMm / IN, widthMm / IN])).toEqual(
      [
        ['side', 19.125, 9.625],
        ['end', 16.25, 9.625],
      ].map(([name, ...sizes]) => [name, ...sizes.map((size) => expect.closeTo(Number(size), 6))]),
    )
    expect(panels[1]!.cuts).toContainEqual({
      cut: 'rabbet',
      widthMm: expect.closeTo(0.75 * IN, 6),
      depthMm: expect.closeTo(0.375 * IN, 6),
    })
    expect(panels[1]!.cuts).toContainEqual({
      cut: 'frame-rest',
      widthMm: expect.closeTo(0.375 * IN, 6),
      depthMm: expect.closeTo(0.625 * IN, 6),
    })
    expect(
      frameBill(CATALOGUE.hanging.get('frame-langstroth-deep')!, 1, SHIPPED_FIGURES).pieces.find(
        ({ name }) => name === 'end-bar',
      )!.lengthMm / IN,
    ).toBeCloseTo(8.75, 6)
  })
})
