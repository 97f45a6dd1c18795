import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, trayGroupOf } from '#core/parts'
import { gapKey } from '#core/stack'
import { layOutBench, placeAtHeight, staffMarks } from '~/drawing/bench-layout'
import { markOf } from '~/drawing/marks'
import { MATERIALS } from '~/drawing/palette'
import { sectionOf } from '~/drawing/section'
import { spreadLabels } from '~/drawing/spread'
import { TRAY_FORMATS, trayFor } from '~/drawing/tray'
import { L, N, build } from '../../helpers/hives'

describe('labels', () => {
  it('never overlap, stay in bounds when there is room, and keep their order', () => {
    const labels = fc.array(
      fc.record({ wantedY: fc.integer({ min: -50, max: 900 }), height: fc.integer({ min: 10, max: 60 }) }),
      { maxLength: 14 },
    )
    fc.assert(
      fc.property(labels, (wanted) => {
        const ys = spreadLabels(wanted, 0, 840)
        const placed = wanted.map((label, i) => ({ ...label, y: ys[i]! })).sort((a, b) => a.y - b.y)
        placed.forEach((label, i) => {
          if (i > 0)
            expect(label.y - placed[i - 1]!.y).toBeGreaterThanOrEqual((label.height + placed[i - 1]!.height) / 2 - 1e-6)
          expect(label.y - label.height / 2).toBeGreaterThanOrEqual(-1e-6)
          expect(label.y + label.height / 2).toBeLessThanOrEqual(840 + 1e-6)
        })
        const order = (list: typeof placed) => list.map(({ wantedY }) => wantedY)
        expect(order(placed)).toEqual([...order(placed)].sort((a, b) => a - b))
      }),
    )
  })

  it('stand where they wish when nothing is in the way', () => {
    expect(
      spreadLabels(
        [
          { wantedY: 100, height: 20 },
          { wantedY: 300, height: 20 },
        ],
        0,
        600,
      ),
    ).toEqual([100, 300])
  })
})

describe('the section', () => {
  it('draws every pattern of the catalogue both ways and both cuts, to scale', () => {
    for (const pattern of CATALOGUE.patterns.values()) {
      if (['entrance-fitting', 'floor-insert', 'ballast'].includes(pattern.kind)) continue
      for (const axis of ['along', 'across'] as const) {
        const { assessment } = build([[pattern.id], [pattern.id, undefined, true]])
        for (const part of assessment.layout.parts) {
          const shapes = sectionOf(part, axis)
          expect(shapes.length).toBeGreaterThan(0)
          for (const shape of shapes) {
            if (shape.type === 'area') expect(shape.path).toMatch(/^(M[-\d.\sL]+Z)+$/)
            expect(shape.type === 'line' || MATERIALS[shape.material]).toBeTruthy()
          }
        }
      }
    }
  })

  it('is as tall as the hive and shows one mark and one place for every gap', () => {
    const { assessment } = build([L.stand, L.floor, L.deep, L.framed, L.medium, L.crown, L.roof])
    const layout = layOutBench(assessment, 'along', { width: 760, height: 640 }, { k: 1, x: 0, y: 0 }, null, false)
    expect(layout.callouts.map(({ key }) => key)).toEqual(assessment.gaps.map(gapKey))
    expect(new Set(layout.callouts.map(({ key }) => key)).size).toBe(assessment.gaps.length)
    expect(layout.names).toHaveLength(7)
    expect(layout.view.groundY - assessment.heightMm * layout.view.scale).toBeGreaterThan(0)
    for (const { gap } of layout.callouts) expect(markOf(gap)).toBeTruthy()
  })

  it('has its staff at round figures of the unit', () => {
    expect(staffMarks(1000, 0.4, 'mm').slice(0, 3)).toEqual([0, 100, 200])
    expect(
      staffMarks(1000, 0.4, 'inches')
        .slice(0, 3)
        .map((mm) => mm / 25.4),
    ).toEqual([0, 4, 8])
  })

  it('keeps a positive scale however small the window', () => {
    const { assessment } = build([L.floor, L.deep])
    expect(
      layOutBench(assessment, 'along', { width: 10, height: 10 }, { k: 1, x: 0, y: 0 }, null, false).view.scale,
    ).toBeGreaterThan(0)
  })

  it('points to the place in the stack under a height', () => {
    const { assessment, at } = build([N.stand, N.floor, N.brood, N.crown, N.roof])
    const { parts } = assessment.layout
    expect(placeAtHeight(parts, undefined, 5)).toBe(0)
    expect(placeAtHeight(parts, undefined, 10_000)).toBe(5)
    expect(placeAtHeight(parts, undefined, parts[3]!.topMm - 1)).toBe(4)
    expect(placeAtHeight(parts, at(2), 10_000)).toBe(4)
  })
})

describe('the tray', () => {
  it('offers every pattern under some format, and with one format only what goes with it', () => {
    const all = new Set(
      TRAY_FORMATS.flatMap(({ format }) =>
        trayFor(CATALOGUE, format).flatMap(({ patterns, rare }) => [...patterns, ...rare].map(({ id }) => id)),
      ),
    )
    const onHives = [...CATALOGUE.patterns.values()].filter((pattern) => trayGroupOf(pattern) !== null)
    expect(all.size).toBe(onHives.length)
    expect(CATALOGUE.patterns.size - onHives.length).toBe(1)
    expect(
      trayFor(CATALOGUE, 'national')
        .flatMap(({ patterns }) => patterns)
        .every(({ format }) => format === 'national' || format === 'any'),
    ).toBe(true)
  })

  it('shows a beginner little: what few own, and boards that join other formats, are folded away or left out', () => {
    const [boxes, , between] = trayFor(CATALOGUE, 'national')
    expect(boxes!.patterns.length).toBeLessThanOrEqual(6)
    expect(between!.patterns.length).toBeLessThanOrEqual(6)
    const joining = between!.rare.filter(({ id }) => id.startsWith('adapter'))
    expect(joining.length).toBeGreaterThan(0)
    expect(joining.every(({ id }) => id.includes('national'))).toBe(true)
  })

  it('folds boxes of the other bee space away, but never what stands', () => {
    const one = (id: string) => ({ pattern: CATALOGUE.patterns.get(id)! })
    const offered = (...standing: string[]) =>
      trayFor(CATALOGUE, 'national', standing.map(one)).flatMap(({ patterns }) => patterns.map(({ id }) => id))
    expect(offered('box-national-brood')).not.toContain('box-national-super-top-space')
    expect(offered('box-national-brood')).toContain('box-national-super')
    expect(offered('box-national-brood-top-space')).toContain('box-national-super-top-space')
    expect(offered('box-national-brood', 'box-national-super-top-space')).toContain('box-national-super-top-space')
    expect(offered('box-national-brood', 'roof-gabled-national')).toContain('roof-gabled-national')
  })
})
