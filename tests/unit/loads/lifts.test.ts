import { SHIPPED_FIGURES } from '#core/figures'
import { CATALOGUE } from '#core/parts'
import {
  bodyHeights,
  liftsOf,
  profileProblem,
  schoolsBeside,
  USUAL_PROFILE,
  type LiftProfile,
  standingOf,
  tiltMeaning,
  tippingWindMs,
  massOfHive,
  usualWeighing,
  type Fullness,
} from '#core/loads'
import { describe, expect, it } from 'vitest'
import { L, N, build, type Layer } from '../../helpers/hives'

function lifted(layers: readonly Layer[], profile: Partial<LiftProfile> = {}, fullness: Fullness = 'full') {
  const { assessment, at } = build(layers)
  const mass = massOfHive(assessment.assembled, { fullness, meanwhile: 'full', timberKgPerM3: 420, fill: null })
  return {
    at,
    layout: assessment.layout,
    assembled: assessment.assembled,
    mass,
    lifts: liftsOf(assessment.layout, mass, { ...USUAL_PROFILE, ...profile }),
  }
}
const TALL: readonly Layer[] = [L.stand, L.floor, L.deep, L.deep, L.medium, L.medium, L.crown, L.roof]

describe('every box as it comes off', () => {
  it('from the top down, the lowest staying where it is, at the height of its hand-holds', () => {
    const { lifts, layout, at } = lifted(TALL)
    expect(lifts.lifts.map(({ partId }) => partId)).toEqual([at(5), at(4), at(3)])
    for (const lift of lifts.lifts)
      expect(lift.from.handMm).toBeCloseTo(layout.parts.find(({ part }) => part.id === lift.partId)!.topMm - 65, 9)
    expect(lifts.inspectionLifts).toBe(6)
    expect(lifts.movedKg.middle).toBeCloseTo(2 * lifts.lifts.reduce((sum, { kg }) => sum + kg.middle, 0), 9)
    expect(lifts.heaviest!.partId).toBe(at(3))
    expect(lifts.highest!.partId).toBe(at(5))
  })

  it('piles them up on an upturned roof, or puts each on a second stand', () => {
    expect(lifted(TALL).lifts.lifts.map(({ to }) => to.handMm)).toEqual(
      [150 + 168.275 - 65, 150 + 2 * 168.275 - 65, 150 + 2 * 168.275 + 244.475 - 65].map((mm) => expect.closeTo(mm, 6)),
    )
    expect(lifted(TALL, { putDown: 'second-stand', putDownMm: 600 }).lifts.lifts.map(({ to }) => to.handMm)).toEqual(
      [600 + 103.275, 600 + 103.275, 600 + 179.475].map((mm) => expect.closeTo(mm, 6)),
    )
  })

  it('is judged by the smaller of its two ends in each school', () => {
    for (const school of ['equation', 'zones', 'own-limit'] as const) {
      for (const lift of lifted(TALL, { school }).lifts.lifts) {
        const ends =
          school === 'equation'
            ? [lift.from.equation.limitKg!, lift.to.equation.limitKg!]
            : school === 'zones'
              ? [lift.from.guidelineKg!, lift.to.guidelineKg!]
              : [20]
        expect(lift.allowedKg).toBeCloseTo(Math.min(...ends), 9)
        expect(lift.index).toBeCloseTo(lift.kg.middle / lift.allowedKg!, 9)
      }
    }
  })

  it('allows half of one’s own limit above the shoulder', () => {
    const high = lifted([L.stand, L.floor, L.deep, L.deep, L.deep, L.deep, L.deep, L.crown, L.roof], {
      school: 'own-limit',
      limitKg: 20,
      statureMm: 1600,
    })
    expect(high.lifts.lifts[0]!.allowedKg).toBe(10)
    expect(high.lifts.lifts.at(-1)!.allowedKg).toBe(20)
  })

  it('makes up no number where a school has none, and ranks it worst', () => {
    const tower = lifted([L.stand, L.stand, L.stand, L.floor, ...Array<Layer>(7).fill(L.deep), L.crown, L.roof])
    expect(tower.lifts.lifts[0]).toMatchObject({
      allowedKg: null,
      index: null,
      outOfRange: expect.arrayContaining(['height']),
      grade: 'mend',
    })
    expect(tower.lifts.worst).toBe(tower.lifts.lifts[0])
    const zones = lifted([L.stand, L.stand, L.stand, L.floor, ...Array<Layer>(7).fill(L.deep), L.crown, L.roof], {
      school: 'zones',
    })
    expect(zones.lifts.lifts[0]!.allowedKg).toBeNull()
  })

  it('is never lower on a higher stand, for the top box', () => {
    const top = (stands: number) =>
      lifted([...Array<Layer>(stands).fill(L.stand), L.floor, L.deep, L.medium, L.crown, L.roof]).lifts.highest!.from
        .handMm
    expect([top(0), top(1), top(2)]).toEqual([top(0), top(0) + 200, top(0) + 400])
  })

  it('has nothing to lift where one box stands', () => {
    expect(lifted([N.floor, N.brood, N.crown, N.roof]).lifts).toMatchObject({
      lifts: [],
      worst: null,
      inspectionLifts: 0,
      movedKg: { middle: 0 },
    })
  })

  it('halves nothing by wishing: two people may lift four thirds of the guideline of one', () => {
    const one = lifted(TALL, { school: 'zones' }).lifts.lifts[2]!
    const two = lifted(TALL, { school: 'zones', people: 2 }).lifts.lifts[2]!
    expect(two.allowedKg! / one.allowedKg!).toBeCloseTo(4 / 3, 9)
    expect(two.people).toBe(2)
  })
})

describe('two schools beside each other', () => {
  it('stand with the lower as the one to plan by, whichever judges and however many lift', () => {
    const profile = { ...USUAL_PROFILE, statureMm: 1600 }
    const [lift] = liftsOf(
      build([L.floor, L.deep, L.medium, L.crown, L.roof]).assessment.layout,
      massOfHive(build([L.floor, L.deep, L.medium, L.crown, L.roof]).assessment.assembled, usualWeighing('flow')),
      profile,
    ).lifts
    const both = schoolsBeside(lift!, profile)
    expect(both.equationKg).toBe(Math.min(lift!.from.equation.limitKg!, lift!.to.equation.limitKg!))
    expect(both.lowerKg).toBe(Math.min(both.equationKg!, both.guidelineKg!))
    expect(schoolsBeside(lift!, { ...profile, school: 'own-limit', people: 2 })).toEqual(both)
    expect(schoolsBeside({ from: { ...lift!.from, handMm: 2400 }, to: lift!.to }, profile).lowerKg).toBeNull()
  })
})

describe('a profile', () => {
  it('takes heights as measured, else from body height', () => {
    expect(bodyHeights(USUAL_PROFILE)).toMatchObject({ shoulderMm: 1394, elbowMm: 1071, knuckleMm: 731 })
    expect(bodyHeights({ ...USUAL_PROFILE, elbowMm: 1000 }).elbowMm).toBe(1000)
  })
  it.each([
    [{ statureMm: 900 }, 'statureMm', 'out-of-range'],
    [{ limitKg: 0 }, 'limitKg', 'out-of-range'],
    [{ putDownMm: 1600 }, 'putDownMm', 'out-of-range'],
    [{ elbowMm: 1500 }, 'shoulderMm', 'out-of-order'],
    [{ knuckleMm: 1200 }, 'elbowMm', 'out-of-order'],
    [{ shoulderMm: 1800 }, 'shoulderMm', 'out-of-order'],
  ] as const)('refuses %j', (change, field, problem) => {
    expect(profileProblem({ ...USUAL_PROFILE, ...change })).toMatchObject({ field, problem })
  })
  it('takes what ships', () => {
    expect(profileProblem(USUAL_PROFILE)).toBeUndefined()
  })
})

describe('whether it stands', () => {
  const standing = (layers: readonly Layer[], fullness: Fullness = 'full') => {
    const { layout, assembled, mass } = lifted(layers, {}, fullness)
    return standingOf(
      layout,
      assembled.attached,
      mass,
      massOfHive(assembled, { fullness: 'empty', meanwhile: 'empty', timberKgPerM3: 420, fill: null }),
    )
  }

  it('loads the stand with everything on it, against its rating', () => {
    const tall = standing(TALL)
    expect(tall).toMatchObject({ standMm: 200, ratingKg: 200, overloaded: false })
    expect(tall.loadKg.middle).toBeGreaterThan(90)
    expect(standing([L.stand, L.floor, ...Array<Layer>(7).fill(L.deep), L.crown, L.roof]).overloaded).toBe(true)
    expect(standing([L.floor, L.deep, L.crown, L.roof]).ratingKg).toBeNull()
  })

  it('tips later full than empty, with a brick and strapped to its stand', () => {
    const { winds } = standing(TALL)
    expect(winds.empty).toBeLessThan(winds.asItStands)
    expect(winds.withBrick).toBeGreaterThan(winds.asItStands)
    expect(winds.strapped).toBeGreaterThanOrEqual(winds.asItStands)
    const { layout, assembled } = build(TALL).assessment
    const kept = massOfHive(assembled, usualWeighing('flow'))
    const of = (feetMm?: number) => standingOf(layout, assembled.attached, kept, kept, feetMm).winds.strapped
    expect(of(200)).toBeLessThan(of())
    expect(of(5000)).toBe(of())
    expect(winds.roofWithBrick!).toBeGreaterThan(winds.roof!)
    expect(standing([L.floor, L.deep, L.crown]).winds.roof).toBeNull()
  })

  it(
    'goes by the narrower side of what stands on the ground: not of a narrow feeder on top, ' +
      'nor by a width that is the longer side',
    () => {
      const wide = standing([L.floor, L.deep, L.crown, L.roof]).winds.asItStands
      const { layout, assembled, mass } = lifted([L.floor, L.deep, L.crown, L.roof])
      const narrowed = {
        ...layout,
        parts: layout.parts.map((part) =>
          part.pattern?.kind === 'crown'
            ? {
                ...part,
                resolved: {
                  ...part.resolved,
                  dimensions: {
                    ...part.resolved.dimensions,
                    outsideWidth: { ...part.resolved.dimensions.outsideWidth!, mm: 200 },
                  },
                },
                dimensions: {
                  ...part.resolved.dimensions,
                  outsideWidth: { ...part.resolved.dimensions.outsideWidth!, mm: 200 },
                },
              }
            : part,
        ),
      }
      const empty = massOfHive(assembled, { fullness: 'empty', meanwhile: 'empty', timberKgPerM3: 420, fill: null })
      expect(standingOf(narrowed as typeof layout, assembled.attached, mass, empty).winds.asItStands).toBe(
        standingOf(layout, assembled.attached, mass, empty).winds.asItStands,
      )
      expect(wide).toBeGreaterThan(20)
      const poly = lifted(
        [
          ['floor-mesh-poly-national-12'],
          ['box-poly-national-12-brood', 'brood'],
          ['crown-poly-national-12'],
          ['roof-poly-national-12'],
        ].filter(([id]) => CATALOGUE.patterns.has(id!)) as unknown as Layer[],
      )
      const polyEmpty = massOfHive(poly.assembled, {
        fullness: 'empty',
        meanwhile: 'empty',
        timberKgPerM3: 420,
        fill: null,
      })
      const { winds } = standingOf(poly.layout, poly.assembled.attached, poly.mass, polyEmpty)
      const heightMm = poly.layout.heightMm - Math.min(...poly.layout.parts.map(({ bottomMm }) => bottomMm))
      expect(winds.asItStands).toBeCloseTo(
        tippingWindMs(poly.mass.kg.middle, 500, (537 * heightMm) / 1e6, heightMm / 2, SHIPPED_FIGURES),
        6,
      )
    },
  )

  it('counts the smaller of tipping with its stand and off it', () => {
    const { layout, mass } = lifted(TALL)
    const hiveMm = layout.heightMm - 200
    const areaM2 = (504.825 * hiveMm) / 1e6
    const off = tippingWindMs(mass.kg.middle, 412.75, areaM2, hiveMm / 2, SHIPPED_FIGURES)
    const together = tippingWindMs(mass.kg.middle + mass.standKg.middle, 440, areaM2, 200 + hiveMm / 2, SHIPPED_FIGURES)
    expect(standing(TALL).winds.asItStands).toBeCloseTo(Math.min(off, together), 6)
    expect(standing(TALL).winds.strapped).toBeCloseTo(together, 6)
  })

  it('has its centre of mass between ground and top, lower with heavy boxes below', () => {
    const { centreOfMassMm, heightMm } = standing(TALL)
    expect(centreOfMassMm).toBeGreaterThan(200)
    expect(centreOfMassMm).toBeLessThan(heightMm)
    expect(standing(TALL).strapMm).toBeGreaterThan(2 * heightMm)
  })

  it('says what out of level means', () => {
    expect(tiltMeaning(5, 0, 500, false, SHIPPED_FIGURES)).toEqual({ along: 'forward', across: 'level', good: true })
    expect(tiltMeaning(-5, 0, 500, false, SHIPPED_FIGURES)).toMatchObject({ along: 'back', good: false })
    expect(tiltMeaning(-20, 0, 500, true, SHIPPED_FIGURES)).toMatchObject({ along: 'back', good: true })
    expect(tiltMeaning(0, 3, 400, false, SHIPPED_FIGURES)).toMatchObject({ across: 'sideways', good: false })
    expect(tiltMeaning(0, 2, 400, false, SHIPPED_FIGURES)).toMatchObject({ across: 'level', good: true })
    expect(tiltMeaning(40, 0, 500, false, SHIPPED_FIGURES)).toMatchObject({ along: 'far-forward', good: false })
  })
})
