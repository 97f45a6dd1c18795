import { describe, expect, it } from 'vitest'
import { assessHive, remediesOf, type Finding } from '#core/rules'
import { CATALOGUE, type Part } from '#core/parts'
import { STAGES, type Edit } from '#core/yard'
import {
  bandInWords,
  editInWords,
  editProblemInWords,
  findingInWords,
  gapFate,
  lengthProblemInWords,
  nearestLimitInWords,
  partDetail,
  planProblemInWords,
  someNamed,
  stageWord,
  termsInWords,
  TOLD_RULES,
  verdictWord,
  withPlusMinus,
  type Reader,
} from '#core/words'
import { partNames } from '#core/stack'
import { boxWith, contextFor, findingsOf } from '../../helpers/frames'
import { L, N, build, fitted, gapBetween, type Layer } from '../../helpers/hives'

const READERS: Reader[] = (['mm', 'inches'] as const).flatMap((units) =>
  (['british', 'northAmerican'] as const).map((vocabulary) => ({ units, vocabulary })),
)
const STACKS: (readonly Layer[])[] = [
  [],
  [L.stand],
  [L.deep, L.floor, L.mesh, L.crown, L.medium, L.roof, L.eke],
  [L.floor, ['box-langstroth-deep', 'brood', true], ['roof-telescoping-langstroth', undefined, true]],
  [N.floor, N.super, N.brood, N.framed, N.topSuper, N.sheet, N.brood, N.crown, N.roof],
  [N.floor, N.brood, N.eke, N.crown, ['feeder-rapid'], N.eke, N.roof],
  [N.floor, N.brood, L.medium, L.roof],
  [L.floor, L.deep, L.medium, N.roof],
  [L.floor, L.deep, L.roof],
  [L.floor, ['box-langstroth-5-deep', 'brood'], L.roof],
  [L.floor, L.deep, L.deep, L.roof],
  [N.floor, N.brood, ['box-section-rack', 'super'], N.crown, N.roof],
  [N.brood, ['feeder-tray-national']],
  [L.floor, ['box-langstroth-medium', 'food'], L.deep, ['feeder-tray-langstroth'], L.medium, L.crown, L.crown, L.roof],
  [N.floor, N.brood, ['box-poly-national-12-super', 'super'], N.roof],
  [L.floor, L.deep, L.medium, L.framed, L.shallow, L.crown, L.roof],
  [L.floor, L.deep, L.medium, ['slab-langstroth'], ['feeder-tray-langstroth'], L.roof],
  [L.floor, L.deep, ['roof-flush-langstroth']],
]

const NINE = { system: 'spacer', count: 9, slack: 'both-sides' } as const
/** Boxes that give every finding about frames. */
const BOXES = [
  boxWith('box-langstroth-deep', 'frame-langstroth-deep', 12, { then: ['dummy-langstroth-deep'] }),
  boxWith('box-national-brood', 'frame-national-deep', 12),
  boxWith('box-national-super', 'frame-national-shallow-straight', 11),
  boxWith('box-national-super', 'frame-national-shallow', 11, {
    spacing: { system: 'castellation', count: 12, slack: 'one-side' },
  }),
  boxWith('box-national-super', 'frame-national-shallow-self-spacing', 9, {
    spacing: { system: 'castellation', count: 10, slack: 'one-side' },
  }),
  boxWith('box-national-super', 'frame-national-shallow', 0, {
    contents: ['frame-national-shallow', 'frame-national-super-wide', 'frame-national-shallow-straight'].map(
      (patternId, place) => ({ id: `f${place}`, patternId, place }),
    ),
  }),
  boxWith('box-langstroth-deep', 'frame-langstroth-deep', 10, { spacing: { system: 'touching', slack: 'spread' } }),
  boxWith('box-langstroth-deep', 'frame-langstroth-deep', 9, { spacing: NINE, state: { comb: 'foundationless' } }),
  boxWith('box-langstroth-deep', 'frame-langstroth-deep', 9, {
    spacing: NINE,
    state: (place) => (place < 2 ? { comb: 'starter-strip', support: 'none' } : { holds: 'brood' }),
  }),
  boxWith('box-langstroth-8-deep', 'frame-langstroth-deep', 8),
  boxWith('box-langstroth-medium', 'frame-langstroth-medium', 0, {
    contents: [0, 3, 4].map((place) => ({ id: `f${place}`, patternId: 'frame-langstroth-medium', place })),
  }),
  boxWith('box-drain-super', 'frame-drain', 7),
  boxWith('box-drain-super', 'frame-drain', 6, { spacing: { system: 'touching', slack: 'spread' } }),
  boxWith('box-national-super', 'frame-national-super-wide', 10, { state: { comb: 'wax-foundation' } }),
]

function toldOfBoxes(reader: Reader): { finding: Finding; text: string }[] {
  return BOXES.flatMap((part) =>
    STAGES.flatMap((stage) =>
      (['brood', 'food', 'super'] as const).flatMap((role) =>
        findingsOf(part, role, stage).map((finding) => {
          const words = findingInWords(finding, new Map([['box', 'super 1']]), contextFor().catalogue, reader)
          return {
            finding,
            text: [words.severity, words.title, words.short, words.what, words.fate, ...words.remedies].join('\n'),
          }
        }),
      ),
    ),
  )
}

/** Hives that give every finding about the season. */
function toldOfSeasons(reader: Reader): { finding: Finding; text: string }[] {
  const thin = (part: Part): Part => ({
    ...part,
    hasHeld: ['brood'],
    measured: /slab|absorber/.test(part.patternId) ? { depth: MEASURED_20, fillDepth: MEASURED_20 } : {},
  })
  const tops = (['open', 'closed'] as const).flatMap((hole) =>
    [['slab-langstroth'], ['absorber-langstroth']].map(([top]) => ({
      layers: [L.floor, L.deep, L.medium, L.crown, [top!] as const, L.roof],
      change: (part: Part) => ({ ...thin(part), ...(part.hole ? { hole } : {}) }),
    })),
  )
  const plain = {
    layers: [['floor-insert-langstroth'] as const, L.deep, L.crown, L.roof],
    change: (part: Part) => part,
  }
  const vented = (['open', 'closed'] as const).map((hole) => ({
    layers: [L.floor, L.deep, L.crown, ['vent-rim-langstroth'] as const, L.roof],
    change: (part: Part): Part => ({
      ...part,
      ...(part.hole ? { hole } : {}),
      contents: part.contents.map((content) => ({ ...content, comb: 'drawn', holds: 'capped-honey' })),
    }),
  }))
  const lacking = {
    layers: [
      ['stand-slab-4in'] as const,
      ['floor-mesh-langstroth'] as const,
      L.deep,
      L.eke,
      L.crown,
      ['absorber-langstroth'] as const,
      L.roof,
    ],
    change: (part: Part): Part => ({ ...part, lacks: ['screen', 'vent-holes'] }),
  }
  const poly = {
    layers: [
      ['floor-mesh-poly-langstroth'] as const,
      ['box-poly-langstroth-deep', 'brood'] as const,
      ['crown-poly-langstroth'] as const,
      ['slab-poly-langstroth'] as const,
      ['roof-flush-poly-langstroth'] as const,
    ],
    change: (part: Part): Part => ({
      ...part,
      ...(part.hole ? { hole: 'closed' } : {}),
      ...(part.patternId.startsWith('slab') ? { measured: { depth: { ...MEASURED_20, mm: 25 } } } : {}),
    }),
  }
  const roofedIn = {
    layers: [L.floor, L.deep, L.crown, ['absorber-langstroth'] as const, L.roof],
    change: (part: Part): Part => ({
      ...part,
      ...(part.hole ? { hole: 'open' } : {}),
      measured: part.patternId.startsWith('roof')
        ? { insideLength: { ...MEASURED_20, mm: 510 }, insideWidth: { ...MEASURED_20, mm: 417 } }
        : {},
    }),
  }
  return [...tops, ...vented, lacking, poly, plain, roofedIn].flatMap(({ layers, change }) =>
    STAGES.flatMap((stage) =>
      ['entrance-block', 'entrance-mesh', 'floor-insert-board'].flatMap((fitting) => {
        const { yard } = fitted(layers, fitting, { stage, change })
        const hive = {
          ...yard.hives[0]!,
          stack: yard.hives[0]!.stack.map((placement) => ({
            ...placement,
            ...(layers === lacking.layers ? { offBy: '2026-09-20' } : {}),
          })),
        }
        const assessment = assessHive({ ...yard, hives: [hive] }, hive, undefined, { today: '2026-10-01' })
        const names = partNames(assessment.assembled, reader.vocabulary)
        return assessment.findings.map((finding) => {
          const words = findingInWords(finding, names, CATALOGUE, reader)
          return {
            finding,
            text: [words.severity, words.title, words.short, words.what, words.fate, ...words.remedies].join('\n'),
          }
        })
      }),
    ),
  )
}
const MEASURED_20 = { mm: 20, plusMinusMm: 0.5, source: { mark: 'measured', text: 'rule' } } as const

/** Every finding that these stacks give in any stage, worded for one reader. */
function told(reader: Reader): { finding: Finding; text: string }[] {
  return STACKS.flatMap((layers) =>
    STAGES.flatMap((stage) => {
      const { assessment } = build(layers, {
        stage,
        change: (part, i) => (layers.length === 5 && i === 1 ? { ...part, contents: [] } : part),
      })
      const names = partNames(assessment.assembled, reader.vocabulary)
      return assessment.findings.map((finding) => {
        const words = findingInWords(finding, names, CATALOGUE, reader)
        return {
          finding,
          text: [words.severity, words.title, words.short, words.what, words.fate, ...words.remedies].join('\n'),
        }
      })
    }),
  )
}

describe('findings in words', () => {
  it.each(READERS)('are whole sentences for $vocabulary and $units', { timeout: 60_000 }, (reader) => {
    for (const { text } of [...told(reader), ...toldOfBoxes(reader), ...toldOfSeasons(reader)]) {
      expect(text).not.toMatch(/undefined|NaN|null|\[object|Infinity|\{|\s{2}/)
      for (const line of text.split('\n')) expect(line.trim()).not.toBe('')
    }
  })

  it('a bare top says what the walls lose, beside what is often said of them', () => {
    const bare = toldOfSeasons(READERS[0]!).filter(({ finding }) => finding.rule === 'season.bare-top')
    expect(bare.length).toBeGreaterThan(0)
    for (const { text } of bare) expect(text).toMatch(/walls very little: under a slab the walls lose more than half/)
  })

  it('cover nearly every rule there is with these stacks', () => {
    const rules = new Set(
      [...told(READERS[0]!), ...toldOfBoxes(READERS[0]!), ...toldOfSeasons(READERS[0]!)].map(
        ({ finding }) => finding.rule,
      ),
    )
    // What a book says of a colony is told by its own test.
    expect(TOLD_RULES.filter((rule) => !(rules as ReadonlySet<string>).has(rule)).sort()).toEqual([
      'colony.closed',
      'colony.combs-held',
      'colony.dead',
      'colony.empty',
      'fit.frame',
      'joint.bearing',
      'pattern.unknown',
      // The dates of a yard make it: told by its own test.
      'season.no-time-to-treat',
    ])
  })

  it('use the words of the vocabulary and the figures of the units', () => {
    const [british] = told({ units: 'mm', vocabulary: 'british' }).filter(
      ({ finding }) => finding.rule === 'order.no-crown' && remediesOf(finding).length > 0,
    )
    const [american] = told({ units: 'inches', vocabulary: 'northAmerican' }).filter(
      ({ finding }) => finding.rule === 'order.no-crown' && remediesOf(finding).length > 0,
    )
    expect(british!.text).toContain('Add a crown board: 6.35 mm')
    expect(american!.text).toContain('Add an inner cover: 1/4 in')
  })
})

describe('names', () => {
  it('number what there are several of, from the ground up, and keep the keeper’s own', () => {
    const built = build([L.floor, L.deep, L.medium, L.medium, L.roof], {
      change: (part, i) => (i === 3 ? { ...part, name: 'Box 7' } : part),
    })
    const names = partNames(built.assessment.assembled, 'northAmerican')
    expect([...names.values()]).toEqual(['solid bottom board', 'hive body', 'super 1', 'Box 7', 'telescoping cover'])
    expect(partDetail(built.assessment.assembled.stack[1]!, 'northAmerican')).toBe('deep hive body, 10 frames')
  })

  it('keep markup as plain text', () => {
    const built = build([L.floor, L.deep], { change: (part) => ({ ...part, name: '<img src=x onerror=alert(1)>' }) })
    expect([...partNames(built.assessment.assembled, 'british').values()][0]).toBe('<img src=x onerror=alert(1)>')
  })

  it('have a word for every stage and every kind of edit', () => {
    expect(new Set(STAGES.map(stageWord)).size).toBe(STAGES.length)
    const kinds: Edit['kind'][] = [
      'add-part',
      'discard-part',
      'place-part',
      'take-off',
      'move-part',
      'set-placement',
      'attach-part',
      'detach-part',
      'set-part',
      'set-hive',
      'accept-finding',
      'withdraw-acceptance',
      'remove-hive',
      'set-yard',
    ]
    for (const kind of kinds) expect(editInWords({ kind } as Edit)).toMatch(/^[a-z ]+$/)
    expect(editInWords({ kind: 'batch', edits: [{ kind: 'take-off' }, { kind: 'add-part' }] as Edit[] })).toBe(
      'swapping a part',
    )
  })
})

describe('gaps in words', () => {
  const gap = gapBetween(build([N.topBrood, N.super]), 0, 1)
  const reader: Reader = { units: 'mm', vocabulary: 'british' }

  it('say what they are made of, their band and the nearest limit', () => {
    expect(termsInWords(gap.terms, reader)).toBe('top space 6.35 + bottom space 9.53')
    expect(bandInWords(gap, reader)).toBe('6.35 mm to 9.53 mm')
    expect(nearestLimitInWords(gap, reader)).toBe('6.35 mm over the limit of 9.53 mm')
    expect(nearestLimitInWords(gap, { ...reader, units: 'inches' })).toBe('1/4 in over the limit of 3/8 in')
    expect(verdictWord(gap, reader)).toBe('comb between')
    expect(gapFate(gap)).toMatch(/^Comb is built between the boxes/)
    expect(termsInWords(gapBetween(build([N.brood, N.crown]), 0, 1).terms, { ...reader, units: 'inches' })).toBe(
      'flush frames 0 + rim 0.28',
    )
    expect(withPlusMinus(gapBetween(build([N.brood, N.crown]), 0, 1), reader)).toBe('7 ± 1 mm')
  })
})

describe('problems in words', () => {
  it('name the field, what is wrong and what would be right', () => {
    const limits = { minMm: 0.5, maxMm: 700 }
    expect(lengthProblemInWords('Depth', 'empty', limits, 'mm')).toBe(
      'Depth is empty: type a length between 0.5 mm and 700 mm, such as 244 mm or 24.4 cm.',
    )
    expect(lengthProblemInWords('Depth', 'out-of-range', limits, 'mm')).toContain('between 0.5 mm and 700 mm')
    expect(lengthProblemInWords('Depth', 'ambiguous-comma', limits, 'mm', ['1.234', '1234'])).toBe(
      'Depth can be read two ways: is it 1.234 or 1234?',
    )
    for (const problem of ['negative', 'mixed-units', 'not-a-length'] as const)
      expect(lengthProblemInWords('Depth', problem, limits, 'inches')).toMatch(/^Depth .*: type /)
    expect(planProblemInWords({ field: 'yards[0].parts[3].id', problem: 'duplicate-identity', id: 'box' })).toContain(
      'yards[0].parts[3].id is “box”',
    )
    expect(editProblemInWords({ reason: 'part-already-placed', id: 'box' })).toContain('“box”')
  })

  it('names the first of many, and says how many more there are', () => {
    const names = ['Twill', 'Serge', 'Calico', 'Muslin', 'Ticking', 'Drill']
    expect(someNamed(names)).toBe('Twill, Serge, Calico, Muslin and 2 more')
    expect(someNamed(names.slice(0, 4))).toBe('Twill, Serge, Calico, Muslin')
    expect(someNamed([])).toBe('')
  })
})
