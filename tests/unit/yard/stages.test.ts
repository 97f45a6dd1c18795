import { describe, expect, it } from 'vitest'
import { SHIPPED_FIGURES } from '#core/figures'
import { isCold, meaningOf, STAGES } from '#core/yard'
import { CALENDARS, stagesOfYear } from '#core/year'

describe('what stages mean', () => {
  const all = STAGES.map((stage) => ({ stage, ...meaningOf(stage) }))
  const those = (is: (one: (typeof all)[number]) => boolean) => all.filter(is).map(({ stage }) => stage)

  it('is said of every stage of every year, and of those that come at any time', () => {
    const years = Object.values(CALENDARS).flatMap((calendar) =>
      stagesOfYear({ calendar, figures: SHIPPED_FIGURES }).map(({ stage }) => stage),
    )
    expect(new Set(years)).toEqual(new Set(those(({ comes }) => comes === 'each-year')))
    expect(those(({ comes }) => comes === 'any-time')).toEqual(['settling', 'moving'])
  })

  it('holds together: what is cold keeps warm, what grows fills supers, what is fed is watched', () => {
    for (const one of all) {
      if (one.isCold) expect(one.wrap, one.stage).not.toBe('off')
      if (one.isBroodless) expect(one.isCold, one.stage).toBe(true)
      if (one.isGrowing) expect([one.fillsSupers, one.buildsComb, one.treating], one.stage).toEqual([true, true, 'no'])
      if (one.isCropTaken) expect(one.supersHoldHoney, one.stage).toBe(true)
      if (one.isOnTheRoad) expect(one.door, one.stage).toBe('shut')
      if (one.robbers === 'about' || one.robbers === 'to-the-weak') expect(one.door, one.stage).toBe('narrow')
      if (one.supersMayBeFood) expect(one.foodWatched, one.stage).not.toBe('no')
    }
    expect(STAGES.filter(isCold)).toEqual(['late-winter-check', 'pack-down', 'winter'])
  })

  it('asks for the whole width of the door in the flow only: open honey at the crop draws robbers (common practice)', () => {
    expect(those(({ door }) => door === 'wide')).toEqual(['flow'])
    expect(meaningOf('crop')).toMatchObject({ door: 'stays-narrow', robbers: 'to-open-honey' })
  })
})
