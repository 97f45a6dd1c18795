import { describe, expect, it } from 'vitest'
import { catalogueOf, type Part } from '#core/parts'
import { assembleHive, gapsOf, jointsOf, layOut, partsById, type Layout } from '#core/stack'
import { SHIPPED_FIGURES as F } from '#core/figures'
import { enclosureOf, openingsOf, shellOf, stateOf, type WinterState } from '#core/heat'
import type { Attachment } from '#core/yard'
import { build, L, N, type Layer } from '../../helpers/hives'

const hole =
  (state: 'open' | 'closed') =>
  (part: Part): Part =>
    /^(crown|travel)/.test(part.patternId) ? { ...part, hole: state } : part
function laid(
  layers: readonly Layer[],
  change = hole('closed'),
  fittings: readonly [string, Attachment['place']][] = [],
): Layout {
  const { yard, hive } = build(layers, { change })
  const extra = fittings.map(([patternId], i): Part => ({ id: `f${i}`, patternId, contents: [], hasHeld: [] }))
  const attachments = fittings.map(([, place], i) => ({ partId: `f${i}`, place }))
  const whole = { ...yard, parts: [...yard.parts, ...extra] }
  return layOut(assembleHive({ ...hive, attachments }, partsById(whole), catalogueOf(whole)))
}
const faceOf = (layout: Layout, place: 'top' | 'floor') =>
  enclosureOf(layout).faces.find((face) => face.place === place)!

describe('what encloses a colony, as it is built (EN ISO 6946; its data by the parts)', () => {
  it('a gabled roof is its deck and the air under two boards, never solid wood', () => {
    const gabled = faceOf(laid([L.floor, L.deep, L.crown, ['roof-gabled-langstroth']]), 'top')
    const flat = faceOf(laid([L.floor, L.deep, L.crown, L.roof]), 'top')
    // 0.10 + 9/0.13 + 9.5 mm of air + 12/0.13 + air 0.16 + 12/0.12 + 0.04.
    expect(gabled.m2KPerW).toBeCloseTo(0.1 + 0.0692 + 0.146 + 0.0923 + 0.16 + 0.1 + 0.04, 2)
    expect(gabled.m2KPerW).toBeLessThan(0.72)
    expect(gabled.m2KPerW - flat.m2KPerW).toBeLessThan(0.25)
  })

  it.each(['roof-telescoping-langstroth', 'roof-flush-langstroth'])(
    'chips with vents are aired under a level roof: %s',
    (id) => {
      const roof: Layer = [id]
      const top = faceOf(laid([L.floor, L.deep, L.crown, ['absorber-langstroth'], roof], hole('open')), 'top')
      expect(top.aired).toBe(true)
      const shut = (part: Part): Part =>
        part.patternId.startsWith('absorber') ? { ...part, lacks: ['vent-holes'] } : hole('open')(part)
      expect(
        faceOf(laid([L.floor, L.deep, L.crown, ['absorber-langstroth'], roof], shut), 'top').m2KPerW,
      ).toBeGreaterThan(top.m2KPerW)
    },
  )

  it('a travel screen under a level roof is aired', () => {
    expect(faceOf(laid([L.floor, L.deep, ['travel-screen-langstroth'], ['roof-flush-langstroth']]), 'top').aired).toBe(
      true,
    )
  })

  it('an insert tight under the mesh shuts it, one in the low slot does not', () => {
    const of = (place?: Attachment['place']) =>
      laid(
        [['floor-insert-langstroth'], L.deep, L.crown, L.roof],
        hole('closed'),
        place ? [['floor-insert-board', place]] : [],
      )
    const [none, low, tight] = [of(), of('floor-slot-lower'), of('floor-slot-upper')]
    expect(faceOf(none, 'floor').m2KPerW).toBeCloseTo(0.34, 6)
    expect(faceOf(low, 'floor').m2KPerW).toBeCloseTo(0.34, 6)
    expect(faceOf(tight, 'floor').m2KPerW).toBeGreaterThan(0.34)
    expect(faceOf(tight, 'floor').m2KPerW).toBeCloseTo(0.35, 2)
    const meshed = (layout: Layout) => openingsOf(layout).some(({ what }) => what === 'mesh')
    expect([none, low, tight].map(meshed)).toEqual([true, true, false])
  })

  it('floor and door are taken of the lowest box, the top of the uppermost', () => {
    const layout = laid([
      L.floor,
      L.deep,
      ['adapter-national-langstroth-none'],
      ['box-national-super', 'food'],
      N.crown,
      N.roof,
    ])
    expect(faceOf(layout, 'floor').areaM2).toBeCloseTo((466.7 * 374.65) / 1e6, 3)
    expect(faceOf(layout, 'top').areaM2).toBeCloseTo((370 * 422.275) / 1e6, 3)
    const door = openingsOf(layout).find(({ what }) => what === 'door')!
    expect(door.areaMm2 / door.highMm).toBeCloseTo(374.65, 1)
  })

  it('an open hole is a way for air where it airs the top, and neither where the roof shuts it', () => {
    const both = (layers: readonly Layer[]) => {
      const layout = laid(layers, hole('open'))
      return [openingsOf(layout).some(({ what }) => what === 'hole'), faceOf(layout, 'top').aired]
    }
    const turned: Layer = ['crown-langstroth', undefined, true]
    expect(both([L.floor, L.deep, L.crown, L.roof])).toEqual([true, true])
    expect(both([L.floor, L.deep, turned, L.roof])).toEqual([false, false])
    expect(both([L.floor, L.deep, turned, L.eke, L.roof])).toEqual([true, true])
    expect(both([L.floor, L.deep, L.crown, ['slab-langstroth'], L.roof])).toEqual([false, false])
  })

  it('a wrap over a built-up end shuts in the air between its rails', () => {
    const ends = (layout: Layout) => enclosureOf(layout).faces.find(({ side }) => side === 'front')!.m2KPerW
    const sides = (layout: Layout) => enclosureOf(layout).faces.find(({ side }) => side === 'left')!.m2KPerW
    const bare = laid([N.floor, N.brood, N.crown, N.roof])
    const wrap = laid([N.floor, N.brood, N.crown, N.roof], hole('closed'), [['wrap-foam', 'around']])
    const own = sides(wrap) - sides(bare)
    expect(ends(wrap) - ends(bare)).toBeGreaterThan(own + 0.08)
    expect(ends(wrap) - ends(bare)).toBeLessThan(own + 0.18)
  })

  it('a solid floor of polystyrene is of polystyrene', () => {
    const face = faceOf(laid([['floor-solid-poly-langstroth'], ['box-poly-langstroth-deep', 'brood']]), 'floor')
    expect(face.layers.map(({ of }) => of)).toEqual(['polystyrene'])
  })

  it('two colonies over each other are two sums, with heat from the warmer to the colder', () => {
    const layout = laid([L.floor, L.deep, ['division-langstroth'], L.deep, L.deep, L.crown, L.roof])
    const [lower, upper] = (['lower', 'upper'] as const).map((stand) => shellOf(layout, stand))
    expect([lower!, upper!].map(({ enclosure }) => enclosure.boxIds.length)).toEqual([1, 2])
    const asked = { outsideCelsius: -5, beesKg: F.winterBeesKg, inside: { warm: 'cluster' } } as const
    const [down, up] = [lower!, upper!].map((shell) => stateOf(shell, asked, F))
    const inner = ({ faces }: WinterState) => faces.find(({ face }) => face.isInner)!
    expect(inner(down!).watts).toBeCloseTo(-inner(up!).watts, 1)
    expect(Math.sign(inner(down!).watts)).toBe(Math.sign(down!.insideCelsius - up!.insideCelsius))
    // What each gives is what it loses: to the outside, and to the other one.
    for (const state of [down!, up!])
      expect(state.watts).toBeCloseTo(state.faces.reduce((sum, { watts }) => sum + watts, 0) + state.airWatts, 1)
    // Alone under its own roof the lower one has a top that loses more than the board to a warm neighbour.
    const alone = stateOf(shellOf(laid([L.floor, L.deep, L.crown, L.roof])), asked, F)
    expect(down!.watts).toBeLessThan(alone.watts)
    expect(shellOf(laid([L.floor, L.deep, L.crown, L.roof])).beside).toBeUndefined()
  })
})

describe('frames that do not go in, and parts that stand turned', () => {
  const more =
    (patternId: string, count: number) =>
    (part: Part): Part =>
      part.patternId === patternId
        ? {
            ...part,
            contents: Array.from({ length: count }, (_, i) => ({ ...part.contents[0]!, id: `c${i}`, place: i })),
          }
        : part
  const overBox = (layers: readonly Layer[], change: (part: Part) => Part) =>
    gapsOf(laid(layers, change), F.beeTightMm).gaps.map(({ place, mm }) => `${place} ${Math.round(mm * 100) / 100}`)

  it.each([
    ['eleven in a ten-frame deep', [L.floor, L.deep, L.crown, L.roof], 'box-langstroth-deep', 11],
    ['twelve wide in a National', [N.floor, N.brood, N.crown, N.roof], 'box-national-brood', 14],
  ] as [string, Layer[], string, number][])('%s leave every other gap as it is', (_, layers, id, count) => {
    expect(overBox(layers, more(id, count))).toEqual(overBox(layers, (part) => part))
  })

  it.each([0, 90, 180, 270] as const)('a floor turned by %s degrees has its door on that side', (yawDeg) => {
    const { yard, hive } = build([N.floor, N.brood, N.crown, N.roof])
    const stack = hive.stack.map((one, i) => (i === 0 ? { ...one, yawDeg } : one))
    const layout = layOut(assembleHive({ ...hive, stack }, partsById(yard), catalogueOf(yard)))
    const [joint] = jointsOf(layout)
    const door = { 0: 'front', 90: 'left', 180: 'back', 270: 'right' }[yawDeg]
    expect(Object.entries(joint!.bearingMm).filter(([, mm]) => mm === null)).toEqual([[door, null]])
    for (const [side, mm] of Object.entries(joint!.bearingMm)) if (side !== door) expect(mm).toBeGreaterThan(6)
    expect(Object.values(joint!.openMm)).toEqual([0, 0, 0, 0])
  })
})
