import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '#core/parts'
import { SHIPPED_FIGURES } from '#core/figures'
import { STAGES, type Stage, type VisitStep } from '#core/yard'
import { CAUTIONS, cautionsOfStage, cautionsOfStep, STEP_REASONS, type Parting } from '#core/year'
import { CAUTION_WORDS, FEED_WORDS, REASON_WORDS, dayInWords, stepOfVisitInWords, type Reader } from '#core/words'

const step = (patternId: string, change: Partial<VisitStep> = {}): VisitStep => ({
  partId: 'p',
  patternId,
  from: 'hive',
  to: 1,
  kg: 12,
  turned: false,
  ...change,
})
const cautions = (stage: Stage, patternId: string, change: Partial<VisitStep> = {}, parting: Parting = 'free') =>
  cautionsOfStep(step(patternId, change), CATALOGUE.patterns.get(patternId), stage, SHIPPED_FIGURES, parting)

const MILD = { parting: 'free', climate: 'cool-maritime' } as const

describe('cautions stand beside the step that they belong to (common practice)', () => {
  it.each<[string, string[], string[]]>([
    ['a box lifted in winter', cautions('winter', 'box-national-super', {}, 'cold'), ['parting-in-cold']],
    ['a roof lifted in winter', cautions('winter', 'roof-telescoping-national', {}, 'cold'), []],
    ['a box lifted in the flow', cautions('flow', 'box-national-super'), []],
    [
      'a box lifted a week before winter',
      cautions('pack-down', 'box-national-super', {}, 'too-late'),
      ['too-late-to-part'],
    ],
    ['before that', cautions('pack-down', 'box-national-super'), []],
    [
      'a feeder put on',
      cautions('after-crop', 'feeder-tray-national', { from: 'van', to: 'hive', kg: 2 }),
      ['feeding'],
    ],
    ['a feeder taken off', cautions('building-up', 'feeder-tray-national', { kg: 2 }), []],
    [
      'an eke for a treatment',
      cautions('after-crop', 'eke-national', { from: 'van', to: 'hive', kg: 0.6 }),
      ['headspace'],
    ],
    ['a full deep', cautions('crop', 'box-langstroth-deep', { kg: 38 }), ['two-people']],
  ])('%s', (_name, found, expected) => {
    expect(found).toEqual(expected)
  })

  it('robbers from the crop on; defensive bees and small hive beetle where it is warm, with boxes of honey', () => {
    expect(cautionsOfStage('crop', MILD)).toContain('robbing')
    expect(cautionsOfStage('flow', MILD)).not.toContain('robbing')
    const warm = { ...MILD, climate: 'warm-temperate' } as const
    expect(cautionsOfStage('flow', warm)).toEqual(expect.arrayContaining(['defensive', 'hive-beetle']))
    expect(cautionsOfStage('winter', warm)).not.toContain('hive-beetle')
    expect(cautionsOfStage('crop', MILD)).not.toContain('defensive')
  })

  it('those of a stage: stings, smoker, lifting and disease always; the rest where it belongs', () => {
    for (const stage of STAGES)
      expect(cautionsOfStage(stage, MILD)).toEqual(expect.arrayContaining(['stings', 'smoker', 'lifting', 'disease']))
    expect(cautionsOfStage('after-crop', MILD)).toEqual(expect.arrayContaining(['treatment', 'feeding', 'headspace']))
    expect([
      cautionsOfStage('winter', { ...MILD, parting: 'cold' })[0],
      cautionsOfStage('pack-down', MILD)[0],
      cautionsOfStage('moving', MILD)[0],
      cautionsOfStage('flow', MILD)[0],
    ]).toEqual(['parting-in-cold', 'last-look', 'travel', 'stings'])
  })
})

describe('a step in words', () => {
  const reader: Reader = { units: 'mm', vocabulary: 'british' }
  const to = {
    toStage: 'winter' as const,
    parting: 'cold' as const,
    catalogue: CATALOGUE,
    names: new Map([['p', 'super 1']]),
    parts: { get: () => undefined },
    roleOf: () => 'super' as const,
  }
  it('says what, from where, to where, how heavy and why', () => {
    expect(stepOfVisitInWords(step('box-national-super', { to: 'van' }), to, reader)).toEqual({
      text: 'Super 1 off the hive, to the van, 12.0 kg',
      why: REASON_WORDS.crop,
      how: [expect.stringMatching(/^First heft or weigh the hive/)],
      cautions: [CAUTION_WORDS['clear-of-bees'], CAUTION_WORDS['parting-in-cold']],
    })
    expect(
      stepOfVisitInWords(
        step('mouse-guard', {
          partId: 'g',
          from: 'van',
          to: 'hive',
          kg: 0,
          attachment: { partId: 'g', place: 'entrance', edge: 'upper' },
        }),
        to,
        reader,
      ).text,
    ).toBe('Put the mouse guard on, opening at the upper edge')
    expect(
      stepOfVisitInWords(step('roof-telescoping-national', { partId: 'r', kg: 3.5 }), to, {
        units: 'inches',
        vocabulary: 'northAmerican',
      }).text,
    ).toMatch(/^Telescoping cover off, upside down on the ground: boxes go on it, 7\.7 lb/)
  })

  it('every caution, reason and feed has words', () => {
    for (const words of [
      ...CAUTIONS.map((one) => CAUTION_WORDS[one]),
      ...STEP_REASONS.map((one) => REASON_WORDS[one]),
      ...Object.values(FEED_WORDS),
    ])
      expect(words).toMatch(/^\S.{3,}/)
  })

  it('days are said as days, each reader’s way', () => {
    const days = ['05-20', '2026-09-01', '2026-12-31T23:59:00Z']
    expect(days.map((day) => dayInWords(day, 'british'))).toEqual(['20 May', '1 Sep 2026', '31 Dec 2026'])
    expect(days.map((day) => dayInWords(day, 'northAmerican'))).toEqual(['May 20', 'Sep 1, 2026', 'Dec 31, 2026'])
  })
})
