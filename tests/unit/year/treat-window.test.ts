import { describe, expect, it } from 'vitest'
import { assessHive } from '#core/rules'
import { SHIPPED_FIGURES } from '#core/figures'
import type { Calendar } from '#core/yard'
import { CALENDARS, COOL_MARITIME, stageOn, stagesOfYear, treatBy, treatConflict } from '#core/year'
import { addDays, daysFrom } from '#core/units'
import { partNames } from '#core/stack'
import { findingInWords, treatByInWords } from '#core/words'
import { CATALOGUE } from '#core/parts'
import { build, L } from '../../helpers/hives'

const yearWith = (change: Partial<Calendar>) => ({
  calendar: { ...COOL_MARITIME, ...change },
  figures: SHIPPED_FIGURES,
})
/** A second flow until so many days before first frost. */
const untilBeforeFrost = (days: number) => {
  const end = addDays(COOL_MARITIME.firstFrost!, -days)
  return yearWith({ secondFlow: { start: addDays(end, -20), end } })
}

describe('two crops and the winter bees', () => {
  it('keep a stage after the last crop, in which mites are treated', () => {
    const year = untilBeforeFrost(60)
    const stages = stagesOfYear(year).map(({ stage }) => stage)
    expect(stages).toContain('after-crop')
    const off = addDays(year.calendar.secondFlow!.end, SHIPPED_FIGURES.cropDays)
    expect(stageOn(`2026-${addDays(off, 1)}T00:00:00Z`, year)).toBe('after-crop')
  })

  it('are in conflict where the last crop is off too late, with the dates and the time between the two', () => {
    const year = untilBeforeFrost(30)
    const conflict = treatConflict(year)!
    expect(daysFrom(conflict.beesFrom, COOL_MARITIME.firstFrost!)).toBe(SHIPPED_FIGURES.winterBeeDays)
    expect(daysFrom(conflict.treatBy, conflict.cropEnds)).toBeGreaterThan(0)
    expect(conflict.between).toEqual({
      from: addDays(COOL_MARITIME.flowEnd, SHIPPED_FIGURES.cropDays),
      to: year.calendar.secondFlow!.start,
    })
  })

  it('are none with one early crop, nor where there is no frost', () => {
    expect(treatConflict(yearWith({}))).toBeUndefined()
    expect(treatConflict({ calendar: CALENDARS['tropical-highland'], figures: SHIPPED_FIGURES })).toBeUndefined()
  })

  it('are a finding on a hive that has supers on, with both ways out', () => {
    const { secondFlow } = untilBeforeFrost(30).calendar
    const { yard } = build([L.floor, L.deep, L.medium, L.crown, L.roof], { stage: 'crop' })
    const twice = { ...yard, season: { ...yard.season, calendar: { ...COOL_MARITIME, secondFlow: secondFlow! } } }
    const assessment = assessHive(twice, twice.hives[0]!)
    const finding = assessment.findings.find(({ rule }) => rule === 'season.no-time-to-treat')!
    const names = partNames(assessment.assembled, 'british')
    const { fate } = findingInWords(finding, names, CATALOGUE, { units: 'mm', vocabulary: 'british' })
    expect(fate).toMatch(/Give up the last crop, or treat between the two/)
  })
})

describe('by which day mites are treated, told from the crop on (common practice)', () => {
  it('is early August where first frost is early October, mid-September by the sea, and nothing without a winter', () => {
    const by = (climate: keyof typeof CALENDARS) => treatBy({ calendar: CALENDARS[climate], figures: SHIPPED_FIGURES })
    expect(by('cold-continental')).toEqual({ beesFrom: '08-10', by: '08-24' })
    expect(by('cool-maritime')).toEqual({ beesFrom: '09-06', by: '09-20' })
    expect(by('tropical-highland')).toBeUndefined()
    const words = treatByInWords({ calendar: COOL_MARITIME, figures: SHIPPED_FIGURES }, { vocabulary: 'british' })
    expect(words).toMatch(/from 6 Sep: before then, by 20 Sep at the latest.*its label allows with supers on/)
  })
})
