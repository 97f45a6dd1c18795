import { describe, expect, it } from 'vitest'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { assembleHive, layOut, partsById } from '#core/stack'
import { catalogueOf } from '#core/parts'
import { airLayer, enclosureOf, layerOf, sideBySide } from '#core/heat'
import { heatThrough, type Cell } from '../helpers/heat-flow'
import { build, N } from '../helpers/hives'

// EN ISO 10211, annex, test case 1: half of a square column, 20 °C on one side and 0 °C on the others (from memory).
const CASE_1 = [
  [9.7, 13.4, 14.7, 15.1],
  [5.3, 8.6, 10.3, 10.8],
  [3.2, 5.6, 7.0, 7.5],
  [2.0, 3.6, 4.7, 5.0],
  [1.3, 2.3, 3.0, 3.2],
  [0.7, 1.4, 1.8, 1.9],
  [0.3, 0.6, 0.8, 0.9],
]

/** Its Fourier series: Laplace's equation on a square of side 8. */
function fourier(x: number, y: number): number {
  let sum = 0
  for (let n = 1; n < 200; n += 2) {
    const k = (n * Math.PI) / 8
    const ratio = Math.exp(-k * y) * ((1 - Math.exp(-2 * k * (8 - y))) / (1 - Math.exp(-16 * k)))
    sum += (80 / (n * Math.PI)) * Math.sin(k * x) * ratio
  }
  return sum
}

describe('a small finite-volume solution, which is to be trusted first', () => {
  const PARTS = 8
  /** Warm above, cold at the left and below, symmetric at the right: each published step is so many cells. */
  const cells: Cell[][] = [
    [...Array<Cell>(4 * PARTS + 1).fill('inside')],
    ...Array.from({ length: 8 * PARTS }, (): Cell[] => ['outside', ...Array<Cell>(4 * PARTS).fill({ conducts: 1 })]),
    [...Array<Cell>(4 * PARTS + 1).fill('outside')],
  ]
  cells[0]![0] = 'none'
  const none = { m2KPerW: 0 }
  const { celsius } = heatThrough({
    cells,
    size: 1 / PARTS,
    inside: { celsius: 20, ...none },
    outside: { celsius: 0, ...none },
  })
  /** At a corner of four cells, or of two at the axis. */
  const at = (x: number, y: number) => {
    const [i, j] = [1 + y * PARTS, 1 + x * PARTS]
    const right = x === 4 ? j - 1 : j
    return (celsius[i - 1]![j - 1]! + celsius[i]![j - 1]! + celsius[i - 1]![right]! + celsius[i]![right]!) / 4
  }

  it('reproduces test case 1 of EN ISO 10211 to a tenth of a degree, and its Fourier series', () => {
    CASE_1.forEach((row, i) =>
      row.forEach((published, j) => {
        expect(Math.abs(fourier(j + 1, i + 1) - published)).toBeLessThan(0.051)
        expect(Math.abs(at(j + 1, i + 1) - published)).toBeLessThan(0.1)
        expect(Math.abs(at(j + 1, i + 1) - fourier(j + 1, i + 1))).toBeLessThan(0.05)
      }),
    )
  })
})

describe('the built-up end of a National', () => {
  const { yard, hive } = build([N.floor, N.brood, N.crown, N.roof])
  const layout = layOut(assembleHive(hive, partsById(yard), catalogueOf(yard)))
  const end = enclosureOf(layout).faces.find(({ side }) => side === 'front')!
  const highMm = layout.parts[1]!.faces.depthMm
  const thickMm = 45
  const STEP = 2.5
  const steps = (mm: number) => Math.round(mm / STEP)
  const gapMm = thickMm - F.endBoardMm - F.railWidthMm
  const board = layerOf('timber', F.endBoardMm, F).m2KPerW
  const lower = 0.17 + board
  const share = (2 * F.railDepthMm) / highMm
  const upper = sideBySide([
    { share, m2KPerW: lower + airLayer(gapMm, 'sideways') + layerOf('timber', F.railWidthMm, F).m2KPerW },
    { share: 1 - share, m2KPerW: lower },
  ])

  it('lies between the limits of EN ISO 6946, and near a solution in two dimensions', () => {
    const timber: Cell = { conducts: F.woodConductsWPerMK }
    const air: Cell = gapMm > 0 ? { conducts: gapMm / 1000 / airLayer(gapMm, 'sideways') } : timber
    const rows = steps(highMm)
    const cells = Array.from({ length: rows }, (_, i): Cell[] => {
      const fromEnd = Math.min(i, rows - 1 - i) * STEP
      const rail = fromEnd < F.railDepthMm
      return [
        'inside',
        ...Array<Cell>(steps(F.endBoardMm)).fill(timber),
        ...Array<Cell>(steps(gapMm)).fill(rail ? air : 'outside'),
        ...Array<Cell>(steps(F.railWidthMm)).fill(rail ? timber : 'outside'),
        'outside',
      ]
    })
    const { comesWattsPerM, goesWattsPerM } = heatThrough({
      cells,
      size: STEP / 1000,
      inside: { celsius: 10, m2KPerW: 0.13 },
      outside: { celsius: 0, m2KPerW: 0.04 },
    })
    expect(comesWattsPerM).toBeCloseTo(goesWattsPerM, 4)
    const inPlane = ((10 / comesWattsPerM) * rows * STEP) / 1000
    expect(inPlane).toBeGreaterThan(lower)
    expect(inPlane).toBeLessThan(upper * 1.005)
    expect(end.m2KPerW).toBeGreaterThan(lower)
    expect(end.m2KPerW).toBeLessThan(upper)
    expect(Math.abs(end.m2KPerW - inPlane) / inPlane).toBeLessThan(0.06)
  })
})
