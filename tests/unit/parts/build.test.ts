import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE, dimensionMm } from '#core/parts'
import {
  CORNERS,
  boxBill,
  boxProblem,
  boxSteps,
  cutList,
  cutProblem,
  diagonalProblem,
  foundationSheet,
  frameBill,
  frameSteps,
  panelOutlines,
  sawSettings,
  squareCheck,
  type FramePiece,
} from '#core/parts/making'
import { boxOfPattern } from '#core/stack'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { runs } from '../../helpers/runs'

const frame = (id: string) => CATALOGUE.hanging.get(id)!
const box = (id: string) => boxOfPattern(CATALOGUE.patterns.get(id)!, CATALOGUE).resolved
const piece = (lengthMm: number, widthMm: number, count = 1, thicknessMm = 19): FramePiece => ({
  name: 'side',
  count,
  lengthMm,
  widthMm,
  thicknessMm,
})
const WOODEN = [...CATALOGUE.patterns.values()]
  .filter(({ kind }) => kind === 'box')
  .map(({ id }) => box(id))
  .filter((one) => boxProblem(one) === undefined)

describe('what a frame is made of', () => {
  it('counts bars, wedges, sheets and nails for any number', () => {
    const bill = frameBill(frame('frame-langstroth-deep'), 10, SHIPPED_FIGURES)
    expect(bill.pieces.map(({ name, count }) => [name, count])).toEqual([
      ['top-bar', 10],
      ['end-bar', 20],
      ['bottom-bar', 10],
      ['wedge', 10],
    ])
    expect(bill.fixings.map(({ place, count }) => [place, count])).toEqual([
      ['top-bar-down', 40],
      ['end-bar-sideways', 20],
      ['bottom-bar', 40],
      ['wedge', 40],
    ])
    expect(bill.foundation).toMatchObject({ sheets: 10, kg: expect.closeTo((10 * 424.625 * 197.2 * 0.72) / 1e6, 3) })
    expect(bill.pieces.find(({ name }) => name === 'end-bar')).toMatchObject({
      lengthMm: expect.closeTo(8.75 * 25.4, 6),
      widthMm: 34.925,
      thicknessMm: 9.525,
    })
  })

  it('pins British frames, two bottom bars and eleven pins each', () => {
    const bill = frameBill(frame('frame-national-deep'), 1, SHIPPED_FIGURES)
    expect(bill.pieces.find(({ name }) => name === 'bottom-bar')?.count).toBe(2)
    expect(bill.fixings.reduce((sum, { count }) => sum + count, 0)).toBe(11)
    expect(
      frameBill(frame('frame-national-deep-straight'), 1, SHIPPED_FIGURES).pieces.find(({ name }) => name === 'end-bar')
        ?.widthMm,
    ).toBe(22)
  })

  it('leaves the sheet out where there is none, and plastic has no wax', () => {
    expect(frameBill(frame('frame-langstroth-deep'), 2, SHIPPED_FIGURES, 'none')).toMatchObject({ foundation: null })
    expect(
      frameBill(frame('frame-langstroth-deep'), 2, SHIPPED_FIGURES, 'none').fixings.map(({ place }) => place),
    ).not.toContain('wedge')
    expect(frameBill(frame('frame-langstroth-deep'), 2, SHIPPED_FIGURES, 'plastic').foundation).toMatchObject({
      sheets: 2,
      kg: 0,
    })
    expect(frameBill(frame('dummy-langstroth-deep'), 2, SHIPPED_FIGURES)).toMatchObject({
      foundation: null,
      pieces: [{ name: 'top-bar' }, { name: 'board', count: 2 }],
    })
    for (const count of [0, -1, 1.5, 1001, Number.NaN])
      expect(() => frameBill(frame('frame-langstroth-deep'), count, SHIPPED_FIGURES)).toThrow(RangeError)
  })

  it('has a sheet that goes into the frame, for every frame there is', () => {
    for (const one of CATALOGUE.hanging.values()) {
      if (one.kind !== 'frame') continue
      const sheet = foundationSheet(one, SHIPPED_FIGURES)
      expect(sheet.lengthMm, one.id).toBeLessThan(one.lengthOverEndBars.mm - 2 * one.endBarThickness.mm)
      expect(sheet.heightMm, one.id).toBeGreaterThan(80)
    }
  })
})

describe('the boards of a box', () => {
  it('go together to the outside and inside of every wooden box, at every corner', () => {
    for (const one of WOODEN) {
      for (const corner of CORNERS) {
        const { panels } = boxBill(one, 1, corner)
        const side = panels.find(({ name }) => name === 'side')!
        const end = panels.find(({ name }) => name === 'end' || name === 'end-board')!
        const outsideWidth = end.name === 'end' ? end.lengthMm : end.lengthMm + 2 * side.thicknessMm
        const rabbet = end.cuts.find((cut) => cut.cut === 'rabbet')
        const outsideLength =
          end.name === 'end' && corner !== 'finger'
            ? side.lengthMm + 2 * (end.thicknessMm - (rabbet?.depthMm ?? 0))
            : side.lengthMm
        expect(outsideWidth, one.part.id).toBeCloseTo(dimensionMm(one, 'outsideWidth'), 6)
        expect(outsideLength, `${one.part.id} ${corner}`).toBeCloseTo(dimensionMm(one, 'outsideLength'), 6)
        expect(outsideWidth - 2 * side.thicknessMm).toBeCloseTo(dimensionMm(one, 'insideWidth'), 6)
        for (const panel of panels)
          for (const mm of [panel.lengthMm, panel.widthMm, panel.thicknessMm])
            expect(mm, `${one.part.id} ${panel.name}`).toBeGreaterThan(0)
      }
    }
  })

  it('are not cut for moulded boxes or what is no box', () => {
    expect(boxProblem(box('box-poly-langstroth-deep'))).toBe('moulded')
    expect(boxProblem(box('roof-flush-national'))).toBe('not-a-box')
    expect(() => boxBill(box('box-langstroth-deep'), 0)).toThrow(RangeError)
  })

  it('set the saw once for each size', () => {
    const settings = sawSettings(boxBill(box('box-langstroth-deep'), 3).panels)
    expect(settings.map(({ saw, fenceMm, heightMm }) => [saw, fenceMm, heightMm])).toEqual([
      ['rip', 244.475, null],
      ['cross-cut', 485.775, null],
      ['cross-cut', 412.75, null],
      ['frame-rest', 15.875, expect.closeTo(9.525, 6)],
      ['rabbet', expect.closeTo(19.05, 6), expect.closeTo(9.525, 6)],
    ])
    expect(
      sawSettings(boxBill(box('box-langstroth-deep'), 1, 'finger').panels).filter(({ saw }) => saw === 'fingers'),
    ).toHaveLength(1)
  })

  it('have outlines: plain boards, fingers that fill each other’s gaps', () => {
    const { panels } = boxBill(box('box-langstroth-deep'), 1, 'finger')
    const [side, end] = panelOutlines(panels)
    expect(panelOutlines(boxBill(box('box-langstroth-deep'), 1).panels)[0]!.edge).toHaveLength(4)
    const areaMm2 = (edge: readonly (readonly [number, number])[]) =>
      Math.abs(
        edge.reduce((sum, [x, y], i) => {
          const [nx, ny] = edge[(i + 1) % edge.length]!
          return sum + x * ny - nx * y
        }, 0),
      ) / 2
    const full = (panel: (typeof panels)[number]) => panel.lengthMm * panel.widthMm
    const gapsOf = (i: 0 | 1) =>
      (full(panels[i]!) - areaMm2((i === 0 ? side : end)!.edge)) / (2 * panels[i]!.thicknessMm)
    expect(gapsOf(0) + gapsOf(1)).toBeCloseTo(dimensionMm(box('box-langstroth-deep'), 'depth'), 3)
  })
})

describe('cut lists', () => {
  it('account for all that is bought: pieces, cuts and waste, along and across (property)', () => {
    const lengths = fc.array(
      fc.record({
        lengthMm: fc.double({ min: 50, max: 900, noNaN: true }),
        widthMm: fc.constantFrom(40, 145, 168.275, 244.475),
        count: fc.integer({ min: 1, max: 9 }),
        thicknessMm: fc.constantFrom(19, 26),
      }),
      { minLength: 1, maxLength: 8 },
    )
    fc.assert(
      fc.property(
        lengths,
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.double({ min: 900, max: 3000, noNaN: true }),
        fc.double({ min: 250, max: 600, noNaN: true }),
        (list, kerfMm, lengthMm, widthMm) => {
          const pieces = list.map((one) => ({ name: 'side' as const, ...one }))
          const groups = cutList(pieces, { lengthMm, widthMm, kerfMm })
          for (const group of groups) {
            for (const board of group.boards) {
              const ripped = board.strips.reduce((sum, strip) => sum + strip.widthMm, 0)
              const acrossLeft = widthMm - ripped - board.rips * kerfMm - board.wasteWidthMm
              expect(acrossLeft).toBeLessThan(1e-6)
              expect(acrossLeft).toBeGreaterThan(-kerfMm - 1e-6)
              for (const strip of board.strips) {
                const cut = strip.pieces.reduce((sum, one) => sum + one.lengthMm, 0)
                const left = lengthMm - cut - strip.cuts * kerfMm - strip.wasteMm
                expect(left).toBeLessThan(1e-6)
                expect(left).toBeGreaterThan(-kerfMm - 1e-6)
              }
            }
            expect(group.boards.length).toBeGreaterThanOrEqual(group.leastBoards)
            expect(group.usedShare).toBeLessThanOrEqual(1 + 1e-9)
          }
          const out = groups.flatMap(({ boards }) =>
            boards.flatMap(({ strips }) => strips.flatMap((strip) => strip.pieces)),
          )
          expect(out).toHaveLength(pieces.reduce((sum, { count }) => sum + count, 0))
          expect(out.reduce((sum, one) => sum + one.lengthMm, 0)).toBeCloseTo(
            pieces.reduce((sum, one) => sum + one.count * one.lengthMm, 0),
            4,
          )
        },
      ),
      { numRuns: runs(200) },
    )
  })

  it('find what is best where it is known, and print the bound', () => {
    const [group] = cutList([piece(600, 100, 8)], { lengthMm: 2412, widthMm: 206, kerfMm: 4 })
    expect(group).toMatchObject({ leastBoards: 1, boards: [{ rips: 2, wasteWidthMm: 0 }] })
    expect(group!.boards[0]!.strips.map(({ pieces, cuts, wasteMm }) => [pieces.length, cuts, wasteMm])).toEqual([
      [4, 3, 0],
      [4, 3, 0],
    ])
    expect(cutList([piece(600, 100, 9)], { lengthMm: 2412, widthMm: 206, kerfMm: 4 })[0]).toMatchObject({
      leastBoards: 2,
      boards: { length: 2 },
    })
  })

  it('keeps thicknesses apart', () => {
    const groups = cutList(boxBill(box('box-national-brood'), 2).panels, { lengthMm: 2400, widthMm: 240, kerfMm: 3 })
    expect(groups.map(({ thicknessMm }) => thicknessMm)).toEqual([26.2, 19.05, 19].map((mm) => expect.closeTo(mm, 0)))
  })

  it.each([
    [
      'a kerf wider than a piece',
      [piece(500, 20)],
      { lengthMm: 2400, widthMm: 250, kerfMm: 21 },
      { field: 'kerf', problem: 'wider-than-piece', limitMm: 20 },
    ],
    [
      'a negative kerf',
      [piece(500, 20)],
      { lengthMm: 2400, widthMm: 250, kerfMm: -1 },
      { field: 'kerf', problem: 'negative' },
    ],
    [
      'a board shorter than the longest piece',
      [piece(500, 20), piece(300, 20)],
      { lengthMm: 450, widthMm: 250, kerfMm: 3 },
      { field: 'length', problem: 'shorter-than-piece', limitMm: 500 },
    ],
    [
      'a board narrower than the widest piece',
      [piece(500, 260)],
      { lengthMm: 2400, widthMm: 250, kerfMm: 3 },
      { field: 'width', problem: 'shorter-than-piece', limitMm: 260 },
    ],
    [
      'no board at all',
      [piece(500, 20)],
      { lengthMm: Number.NaN, widthMm: 250, kerfMm: 3 },
      { field: 'length', problem: 'not-a-board' },
    ],
    [
      'more pieces than anybody cuts',
      [piece(500, 20, 2001)],
      { lengthMm: 2400, widthMm: 250, kerfMm: 3 },
      { field: 'pieces', problem: 'too-many' },
    ],
  ] as const)('refuse %s, naming the figure', (_name, pieces, stock, problem) => {
    expect(cutProblem(pieces, stock)).toMatchObject(problem)
    expect(() => cutList(pieces, stock)).toThrow(RangeError)
  })
})

describe('steps', () => {
  it('put the sheet in before the second bottom bar of a pinned frame, after it in a nailed one', () => {
    const pinned = frameSteps(frame('frame-national-deep'), 'wax', SHIPPED_FIGURES)
    const nailed = frameSteps(frame('frame-langstroth-deep'), 'wax', SHIPPED_FIGURES)
    expect(pinned.indexOf('frame-sheet-in-slots')).toBeLessThan(pinned.indexOf('frame-bottom-bars-and-sheet'))
    expect(pinned).not.toContain('frame-bottom-bars')
    expect(nailed.indexOf('frame-sheet-in-slots')).toBeGreaterThan(nailed.indexOf('frame-bottom-bars'))
    for (const steps of [pinned, nailed])
      expect(steps.indexOf('frame-break-wedge')).toBeLessThan(steps.indexOf('frame-wedge-back'))
    expect(frameSteps(frame('frame-langstroth-deep'), 'plastic', SHIPPED_FIGURES)).not.toContain('frame-break-wedge')
  })

  it('look to the pointed shoulder only where the frame has one', () => {
    const looked = (id: string) => frameSteps(frame(id), 'wax', SHIPPED_FIGURES).includes('frame-end-bars-same-way')
    expect(['frame-langstroth-deep', 'frame-national-deep'].map(looked)).toEqual([true, true])
    expect(
      ['frame-national-shallow', 'frame-national-deep-narrow-ends', 'frame-national-deep-straight', 'frame-drain'].map(
        looked,
      ),
    ).toEqual([false, false, false, false])
  })

  it('check the square while the glue is wet', () => {
    for (const corner of CORNERS) {
      const steps = boxSteps(box('box-langstroth-deep'), corner)
      expect(steps.indexOf('box-square')).toBe(steps.indexOf('box-rests-up') + 1)
      expect(new Set(steps).size).toBe(steps.length)
    }
  })
})

describe('the square check', () => {
  const deep = box('box-langstroth-deep')
  const [a, b] = [dimensionMm(deep, 'outsideLength'), dimensionMm(deep, 'outsideWidth')]

  it('finds the angle that a pushed-over box was made with (property)', () => {
    fc.assert(
      fc.property(fc.double({ min: -20, max: 20, noNaN: true }), (offDeg) => {
        const theta = ((90 - offDeg) * Math.PI) / 180
        const first = Math.hypot(a + b * Math.cos(theta), b * Math.sin(theta))
        const second = Math.hypot(a - b * Math.cos(theta), b * Math.sin(theta))
        const check = squareCheck(deep, first, second)
        expect(check.offDeg).toBeCloseTo(offDeg, 6)
        expect(check.skewMm).toBeCloseTo(b * Math.sin((offDeg * Math.PI) / 180), 6)
        expect(check.sidesOffMm).toBeCloseTo(0, 6)
      }),
    )
  })

  it('is square where both diagonals are alike, and clears as drawn', () => {
    const diagonal = Math.hypot(a, b)
    expect(squareCheck(deep, diagonal, diagonal)).toMatchObject({
      offDeg: 0,
      skewMm: 0,
      clears: true,
      endGapMm: expect.closeTo(9.525, 6),
      slackMm: expect.closeTo(25.4, 6),
    })
    expect(squareCheck(deep, diagonal + 4, diagonal + 4).sidesOffMm).toBeCloseTo(4, 6)
  })

  it('says when a frame no longer clears', () => {
    const pushed = (offDeg: number) => {
      const sine = Math.sin((offDeg * Math.PI) / 180)
      return squareCheck(deep, Math.sqrt(a * a + b * b + 2 * a * b * sine), Math.sqrt(a * a + b * b - 2 * a * b * sine))
    }
    expect(pushed(2).clears).toBe(true)
    expect(pushed(24).clears).toBe(false)
    expect(pushed(2).endGapMm).toBeCloseTo(9.525 - 17.4625 * Math.tan((2 * Math.PI) / 180), 6)
  })

  it('refuses diagonals that no quadrilateral has', () => {
    expect(diagonalProblem(deep, a + b + 1, 600)).toMatchObject({ problem: 'no-quadrilateral', field: 'first' })
    expect(diagonalProblem(deep, 652, a - b - 1)).toMatchObject({ problem: 'no-quadrilateral', field: 'second' })
    expect(diagonalProblem(deep, 600, 300)).toMatchObject({ problem: 'no-quadrilateral' })
    expect(diagonalProblem(deep, Number.NaN, 300)).toMatchObject({ problem: 'not-a-length', field: 'first' })
    expect(diagonalProblem(deep, 652, 650)).toBeUndefined()
    expect(() => squareCheck(deep, 600, 300)).toThrow(RangeError)
  })
})
