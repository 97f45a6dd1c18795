import { describe, expect, it } from 'vitest'
import { CATALOGUE, resolvePart, combAreaDm2 } from '#core/parts'
import { assembleHive, partsById } from '#core/stack'
import { applyEdit, withFreshIdentities, type Yard } from '#core/yard'
import { USUAL_PROFILE, type LiftProfile, honeyCapacityKg, usualWeighing, type Weighing } from '#core/loads'
import { liftsOfHive, lighterWays, type Alternative } from '#core/ask'
import { L, N, build, counter, type Layer } from '../../helpers/hives'

const WEIGHING: Weighing = { fullness: 'full', meanwhile: 'full', timberKgPerM3: 420, fill: null }
const HIVE: readonly Layer[] = [L.stand, L.floor, L.deep, ['box-langstroth-deep', 'super'], L.medium, L.crown, L.roof]

function ways(layers: readonly Layer[] = HIVE, profile: Partial<LiftProfile> = {}) {
  const { yard, assessment } = build(layers)
  return {
    yard,
    ...lighterWays(assessment.assembled, CATALOGUE, WEIGHING, { ...USUAL_PROFILE, ...profile }, counter('new:x')),
  }
}
const has =
  (changes: readonly string[]) =>
  ({ changes: given }: Alternative) =>
    given.length === changes.length && changes.every((change) => given.includes(change as never))

/** The hive as an alternative leaves it. */
function after(yard: Yard, { edit }: Alternative) {
  const applied = applyEdit(yard, withFreshIdentities(edit!, counter('fresh')))
  if (!applied.ok) throw new Error('the alternative does not apply')
  return assembleHive(applied.yard.hives[0]!, partsById(applied.yard), CATALOGUE)
}
const of = (role: string, assembled: ReturnType<typeof after>) =>
  assembled.stack.filter(({ placement }) => placement.role === role).map(({ part }) => resolvePart(part, CATALOGUE))

describe('something lighter', () => {
  it('tries at least 200 ways, single changes first, each kind by the worst lift', () => {
    const { better, now, tried } = ways()
    expect(tried).toBeGreaterThanOrEqual(200)
    expect(better.length).toBeGreaterThan(5)
    const many = better.map(({ changes }) => Math.min(2, changes.length))
    expect(many).toEqual([...many].sort((a, b) => a - b))
    const together = better.flatMap(({ changes, worstIndex }) => (changes.length > 1 ? [worstIndex!] : []))
    expect(together).toEqual([...together].sort((a, b) => a - b))
    for (const { worstIndex } of better) expect(worstIndex!).toBeLessThan(now.worstIndex!)
  })

  it('keeps the honey and the room for brood in whatever is built otherwise', () => {
    const { better, yard } = ways()
    const before = assembleHive(yard.hives[0]!, partsById(yard), CATALOGUE)
    const comb = (boxes: ReturnType<typeof of>) =>
      boxes.flatMap(({ hung }) => hung).reduce((sum, { pattern }) => sum + combAreaDm2(pattern!), 0)
    for (const way of better.filter(({ edit }) => edit)) {
      const now = after(yard, way)
      const supersBefore = of('super', before)
      // Taking the crop earlier leaves the boxes as they are and lifts them half full.
      expect(honeyCapacityKg(of('super', now)), way.changes.join(' ')).toBeGreaterThanOrEqual(
        honeyCapacityKg(supersBefore) - 0.01,
      )
      expect(comb(of('brood', now))).toBeGreaterThanOrEqual(comb(of('brood', before)) - 1e-6)
    }
  })

  it.each([
    ['National', 'box-national-brood', 'box-national-super', 'national'],
    ['National, top space', 'box-national-brood-top-space', 'box-national-super-top-space', 'national'],
    ['14×12', 'box-national-14x12', 'box-national-super', 'national'],
    ['flat-edged polystyrene National', 'box-poly-national-brood', 'box-poly-national-super', 'poly-national'],
  ])('goes down to lower boxes whatever the make: %s', (_, brood, superId, short) => {
    const { tried } = ways([
      N.stand,
      [`floor-mesh-${short}`],
      [brood, 'brood'],
      [superId, 'super'],
      [superId, 'super'],
      [`crown-${short}`],
      [`roof-telescoping-${short}`],
    ])
    expect(tried).toBeGreaterThanOrEqual(71)
  })

  it('keeps the bee space where the hive has it', () => {
    const { better, yard } = ways([N.stand, N.floor, N.topBrood, N.topSuper, N.topSuper, N.crown, N.roof])
    const lower = better.find(has(['shallower-brood']))
    if (lower)
      expect(new Set(of('brood', after(yard, lower)).map(({ pattern }) => pattern?.space))).toEqual(new Set(['top']))
    expect(better.length).toBeGreaterThan(0)
  })

  it('promises what the hive that results has, by the function that every view lifts by, in any state', () => {
    for (const layers of [
      HIVE,
      [L.stand, L.floor, L.deep, ['box-langstroth-medium', 'food'], L.medium, L.medium, L.crown, L.roof],
      [N.stand, N.floor, N.brood, N.super, N.super, N.crown, N.roof],
    ] as readonly (readonly Layer[])[]) {
      for (const stage of ['flow', 'after-crop', 'winter'] as const) {
        const { yard, assessment } = build(layers, { stage })
        const weighing = usualWeighing(stage)
        const { now, better } = lighterWays(assessment.assembled, CATALOGUE, weighing, USUAL_PROFILE, counter('new:x'))
        expect(now.worstIndex).toBe(liftsOfHive(yard, yard.hives[0]!, USUAL_PROFILE, weighing).worst?.index ?? 0)
        for (const way of better) {
          expect(Math.max(0, ...way.carried.map(({ index }) => index!))).toBeCloseTo(way.worstIndex!, 9)
          if (way.habit) continue
          const applied = way.edit
            ? applyEdit(yard, withFreshIdentities(way.edit, counter('fresh')))
            : { ok: true as const, yard }
          const lifts = liftsOfHive(
            applied.ok ? applied.yard : yard,
            (applied.ok ? applied.yard : yard).hives[0]!,
            way.profile,
            weighing,
          )
          expect(lifts.worst!.index, way.changes.join(' ')).toBeCloseTo(way.worstIndex!, 9)
        }
      }
    }
  })

  it('leaves the food box full where the crop is taken early', () => {
    const { assessment } = build([L.stand, L.floor, L.deep, ['box-langstroth-deep', 'food'], L.medium, L.crown, L.roof])
    const { now, better } = lighterWays(assessment.assembled, CATALOGUE, WEIGHING, USUAL_PROFILE, counter('new:x'))
    const early = better.find(has(['crop-earlier']))
    if (early) expect(early.heaviestKg).toBeCloseTo(now.heaviestKg, 6)
    expect(now.heaviestKg).toBeGreaterThan(30)
  })

  it('never claims as much honey for fewer frames that hold less', () => {
    const { yard, assessment } = build([N.stand, N.floor, N.brood, N.super, N.super, N.crown, N.roof])
    const before = honeyCapacityKg(of('super', assessment.assembled))
    for (const way of lighterWays(
      assessment.assembled,
      CATALOGUE,
      WEIGHING,
      USUAL_PROFILE,
      counter('new:x'),
    ).better.filter(({ edit }) => edit))
      expect(honeyCapacityKg(of('super', after(yard, way)))).toBeGreaterThanOrEqual(before - 0.01)
  })

  it('lowers the heaviest box with shallower ones, and the whole with a second stand', () => {
    const { better, now } = ways()
    expect(better.find(has(['shallower-supers']))!.heaviestKg).toBeLessThan(now.heaviestKg - 8)
    const stand = ways(HIVE).better.find(has(['second-stand']))
    if (stand) expect(stand.worstIndex!).toBeLessThan(now.worstIndex!)
    const frames = better.find(has(['frame-by-frame']))!
    expect(frames.heaviestKg).toBeLessThan(5)
    expect(frames.edit).toBeNull()
    // Ten frames of the deep super and ten of the medium there and back, and each emptied box.
    expect(frames.carried.map(({ pieces }) => pieces)).toEqual([10, 10])
    expect(frames.lifts).toBe(2 * (10 + 1 + 10 + 1))
    for (const { pieceKg, kg } of frames.carried) expect(pieceKg).toBeLessThanOrEqual(kg.middle)
    expect(frames.standsBy).toMatchObject([{ contents: [] }])
  })

  it('leaves out what does nothing beside another change', () => {
    const { better } = ways()
    for (const way of better) {
      const leaner = better.find(
        (other) =>
          other !== way &&
          other.changes.length < way.changes.length &&
          other.changes.every((change) => way.changes.includes(change)),
      )
      if (leaner) expect(way.worstIndex!).toBeLessThan(leaner.worstIndex! / 1.01)
    }
  })

  it('halves the load of each pair of hands in the equation and for one’s own limit', () => {
    for (const school of ['equation', 'own-limit'] as const) {
      const { better, now } = ways(HIVE, { school })
      const two = better.find(has(['two-people']))
      expect(two!.worstIndex).toBeCloseTo(now.worstIndex! / 2, 6)
      expect(two!.profile.people).toBe(2)
    }
  })

  it('offers the narrower hive whole: every box, floor, cover and roof', () => {
    const { better, yard } = ways()
    const eight =
      better.find(({ changes }) => changes.includes('eight-frames') && changes.length === 1) ??
      better.find(({ changes }) => changes.includes('eight-frames'))!
    const formats = new Set(
      after(yard, eight)
        .stack.map(({ pattern }) => pattern!.format)
        .filter((format) => format !== 'any'),
    )
    expect([...formats]).toEqual(['langstroth-8'])
  })

  it('has nothing to better where nothing is lifted, and no shallower box than the lowest', () => {
    expect(ways([N.floor, N.brood, N.crown, N.roof]).better).toEqual([])
    expect(
      ways([L.floor, L.deep, L.shallow, L.crown, L.roof]).better.some(({ changes }) =>
        changes.includes('shallower-supers'),
      ),
    ).toBe(false)
    expect(
      ways([N.floor, N.brood, N.super, N.crown, N.roof]).better.some(({ changes }) => changes.includes('eight-frames')),
    ).toBe(false)
  })
})
