import { describe, expect, it } from 'vitest'
import { remediesOf } from '#core/rules'
import { SHIPPED_FIGURES } from '#core/figures'
import { applyEdit, planOf, planProblem, withFreshIdentities } from '#core/yard'
import { type Part, CATALOGUE } from '#core/parts'
import { hiveIn } from '#core/ask'
import {
  clusterInWords,
  findingInWords,
  type Reader,
  ACID_CAUTION,
  CAUTION_WORDS,
  nucleusSteps,
  SWARM_WAYS,
  wayFields,
} from '#core/words'
import { partNames } from '#core/stack'
import { build, counter, L, type Layer } from '../../helpers/hives'

const READER: Reader = { units: 'mm', vocabulary: 'british' }
const choice = (field: string, value: string) =>
  wayFields(READER)
    .find((one) => one.field === field)!
    .choices.find((one) => one.value === value)!
const told = (layers: readonly Layer[], rule: string, heldBrood = false) => {
  const { assessment } = build(layers, {
    stage: 'flow',
    change: (part) =>
      heldBrood && part.patternId.includes('medium') ? { ...part, hasHeld: ['brood', 'honey'] } : part,
  })
  const finding = assessment.findings.find((one) => one.rule === rule)!
  const words = findingInWords(finding, partNames(assessment.assembled, 'british'), CATALOGUE, READER)
  return { severity: finding.severity, text: [words.what, words.fate].join(' ') }
}

describe('what is a way of keeping is told with its other side (year, winter)', () => {
  it('supers under the brood, a brood box above the excluder, one size without an excluder', () => {
    const under = told([L.floor, L.medium, L.deep, L.crown, L.roof], 'order.super-below-brood')
    expect(under.severity).toBe('note')
    expect(under.text).toMatch(/on purpose.*by winter food stands above the cluster/)
    const above = told([L.floor, L.deep, L.framed, L.deep, L.crown, L.roof], 'order.brood-above-excluder')
    expect(above.severity).toBe('watch')
    expect(above.text).toMatch(/she lays in the supers, which is the worst.*three weeks.*keeping down swarming/)
    const medium: Layer = ['box-langstroth-medium', 'brood']
    const oneSize = told([L.floor, medium, medium, L.medium, L.crown, L.roof], 'season.brood-kit', true)
    expect(oneSize).toMatchObject({ severity: 'note' })
    expect(oneSize.text).toMatch(/it is a way of keeping/)
    expect(told([L.floor, L.deep, L.framed, L.medium, L.crown, L.roof], 'season.brood-kit', true).severity).toBe('mend')
  })

  it('wraps, floors, a winter in one box, and what an excluder costs', () => {
    expect(choice('wrap', 'wrap').gives).toMatch(/foam.*black felt/)
    expect(choice('floor', 'solid').gives).toMatch(/wash or roll/)
    expect(choice('floor', 'mesh').gains).toMatch(/usual all winter in mild places/)
    expect(choice('winterSize', 'one').gains).toMatch(/7 to 8 frames as the trade counts, 4 to 6 close together/)
    expect(JSON.stringify(wayFields(READER))).not.toMatch(/never measured|no mite count/)
  })

  it('room for brood is told of brood alone', () => {
    const small = told([L.floor, ['box-langstroth-shallow', 'brood'], L.crown, L.roof], 'room.brood')
    expect(small.text).toMatch(/as brood alone: pollen and food want combs beside it/)
    expect(SHIPPED_FIGURES.droneCappedDays).toBe(15)
  })
})

describe('one finding over several boxes', () => {
  it('has its buttons, done in all of them at once, and keeps what they promise', () => {
    const eight = (part: Part): Part =>
      part.patternId === 'box-langstroth-deep'
        ? { ...part, contents: part.contents.slice(0, 9), spacing: { system: 'touching', slack: 'one-side' } }
        : part
    const three = [L.floor, L.deep, L.deep, L.deep, L.crown, L.roof]
    const { yard, hive, assessment } = build(three, { change: eight })
    const side = (of: typeof assessment) => of.findings.find(({ rule }) => rule === 'bee-space.side')
    const finding = side(assessment)!
    expect(finding.partIds).toHaveLength(3)
    const ways = remediesOf(finding)
    const names = partNames(assessment.assembled, 'british')
    const buttons = findingInWords(finding, names, CATALOGUE, READER).remedies
    expect(ways.length).toBeGreaterThan(0)
    expect(buttons[0]).toMatch(/each of the 3 boxes/)
    for (const way of ways) {
      const done = applyEdit(yard, withFreshIdentities(way.edit, counter('f')))
      if (!done.ok) throw new Error(done.problem.reason)
      expect(planProblem(planOf([done.yard]))).toBeUndefined()
      const left = side(
        hiveIn(
          done.yard,
          done.yard.hives.find(({ id }) => id === hive.id)!,
        ).assessment,
      )
      expect(left?.measured?.mm ?? 0).toBeLessThan(finding.measured!.mm)
    }
  })
})

describe('who could be hurt is told of it (year, cautions)', () => {
  it('acids: the cartridge, no dust mask, water, a hot vaporiser; stings: help first', () => {
    expect(ACID_CAUTION).toMatch(/cartridge for acid vapour, never a dust mask.*water at hand.*vaporiser is hot/)
    expect(CAUTION_WORDS.stings).toMatch(/emergency help first/)
    expect(CAUTION_WORDS.feeding).toMatch(/evening.*never honey, comb or feed of other bees.*swarm is fed after a day/)
  })

  it('a hive no warmer than the air outside may be dead, or its sensor is not in the cluster', () => {
    expect(clusterInWords(0, SHIPPED_FIGURES)).toMatch(/may be dead, or the sensor is not in the cluster/)
    expect(clusterInWords(12.3, SHIPPED_FIGURES)).toBe('By the difference the cluster gives about 12 W.')
  })

  it('nuclei and splits: how far they go, and that queens are raised of larvae up to three days', () => {
    const steps = nucleusSteps([]).join(' ')
    expect(steps).toMatch(/eggs or larvae of up to three days/)
    expect(steps).toMatch(/more than about 3 miles/)
    expect(SWARM_WAYS.flatMap(({ steps: of }) => of).join(' ')).toMatch(/more than about 3 miles/)
  })
})
