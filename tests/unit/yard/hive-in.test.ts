import { describe, expect, it } from 'vitest'
import { assessHive } from '#core/rules'
import { partsById } from '#core/stack'
import { hiveIn, plannedHiveIn, liftsOfHive } from '#core/ask'
import { USUAL_PROFILE, usualWeighing } from '#core/loads'
import { stagesOf, writeHive, yardAsPlanned } from '#core/year'
import { N, build } from '../../helpers/hives'

const LAYERS = [N.stand, N.floor, N.brood, N.framed, N.super, N.crown, N.roof] as const

describe('one door to a hive', () => {
  it('gives what the ways behind it give, and the same again as long as yard and hive are the same', () => {
    const { yard, hive } = build(LAYERS)
    const known = hiveIn(yard, hive)
    expect(known.assessment.findings.map(({ key }) => key)).toEqual(
      assessHive(yard, hive).findings.map(({ key }) => key),
    )
    expect(known.lifts(USUAL_PROFILE, usualWeighing(hive.stage)).heaviest).toEqual(
      liftsOfHive(yard, hive, USUAL_PROFILE).heaviest,
    )
    expect(hiveIn(yard, hive)).toBe(known)
    expect(hiveIn(yard, hive, { today: '2026-11-26' })).not.toBe(known)
    expect(hiveIn({ ...yard, prolific: true }, hive)).not.toBe(known)
    expect([known.layout, known.names('british')]).toEqual([
      known.assessment.layout,
      hiveIn(yard, hive).names('british'),
    ])
  })

  it('opens on a planned stage as on the yard that is planned', () => {
    const { yard, hive } = build(LAYERS)
    for (const plan of writeHive(yard, hive, stagesOf(yard)).stages.values()) {
      const planned = yardAsPlanned(yard, plan)
      const there = hiveIn(planned, planned.hives[0]!, { planned: true })
      const known = plannedHiveIn(yard, plan)
      expect([known.layout.heightMm, known.assessment.findings.map(({ key }) => key)]).toEqual([
        there.layout.heightMm,
        there.assessment.findings.map(({ key }) => key),
      ])
      expect(plannedHiveIn(yard, plan)).toBe(known)
    }
  })

  it('lays a hive out by its yard’s own sizes, without judging it', () => {
    const { yard, hive } = build(LAYERS)
    const depth = { mm: 300, plusMinusMm: 0, source: { mark: 'own', text: '' } } as const
    const taller = hiveIn({ ...yard, overrides: [{ key: 'box-national-brood.depth', length: depth }] }, hive)
    expect(taller.layout.heightMm - hiveIn(yard, hive).layout.heightMm).toBeCloseTo(300 - 225.425, 6)
    expect(partsById(yard).size).toBe(7)
  })
})
