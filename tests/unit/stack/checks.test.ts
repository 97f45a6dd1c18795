import { describe, expect, it } from 'vitest'
import { CATALOGUE, type Part, type Role } from '#core/parts'
import { assessHive, remediesOf, type Finding, type RemedyKind } from '#core/rules'
import { applyEdit, emptyYard, newPlacement, type Stage, type Yard } from '#core/yard'
import { combsFollowed, halved, hangProblem, takeProblem } from '#core/stack'
import { findingInWords } from '#core/words'
import { boxWith, contextFor, findingsOf, resolved, rulesFor, type Hung } from '../../helpers/frames'
import { tried } from '../../helpers/hives'

const deep = (count: number, hung: Hung = {}) => boxWith('box-langstroth-deep', 'frame-langstroth-deep', count, hung)
const medium = (count: number, hung: Hung = {}) =>
  boxWith('box-langstroth-medium', 'frame-langstroth-medium', count, hung)
const national = (count: number, hung: Hung = {}) => boxWith('box-national-brood', 'frame-national-deep', count, hung)
const NINE = { system: 'spacer', count: 9, slack: 'both-sides' } as const
const find = (rule: Finding['rule'], part: Part, role?: Role, stage?: Stage) =>
  findingsOf(part, role, stage).find((finding) => finding.rule === rule)

/** The part as a remedy leaves it. */
function after(part: Part, finding: Finding | undefined, kind: RemedyKind): Part {
  const remedy = remediesOf(finding!).find((one) => one.kind === kind)!
  expect(remedy, kind).toBeDefined()
  const yard: Yard = { ...emptyYard('y', 'Y'), parts: [part] }
  const applied = applyEdit(yard, remedy.edit)
  if (!applied.ok) throw new Error('the remedy does not apply')
  return applied.yard.parts[0]!
}

describe('more frames than fit', () => {
  it('says how many do, and its remedy leaves out as few as it takes', () => {
    const finding = find('frames.too-many', deep(12), 'brood')
    expect(finding).toMatchObject({ severity: 'stop', facts: { frames: 12, fits: 10, leave: 2 } })
    expect(after(deep(12), finding, 'leave-out').contents).toHaveLength(10)
    expect(rulesFor(after(deep(12), finding, 'leave-out'), 'brood')).not.toContain('frames.too-many')
  })

  it('leaves out the dummy before a frame', () => {
    const part = national(12, { then: ['dummy-national-deep'] })
    expect(
      after(part, find('frames.too-many', part, 'brood'), 'leave-out').contents.map(({ patternId }) => patternId),
    ).not.toContain('dummy-national-deep')
  })

  it('counts the halves of a divided box by themselves', () => {
    const part = boxWith('box-double-nucleus', 'frame-langstroth-deep', 11)
    const finding = find('frames.too-many', part, 'brood')
    expect(finding).toMatchObject({ facts: { fits: 10 } })
    expect(rulesFor(after(part, finding, 'leave-out'), 'brood')).not.toContain('frames.too-many')
  })

  it('counts them where the halves are told: six in one half are too many though ten go into the box', () => {
    const ten = boxWith('box-double-nucleus', 'frame-langstroth-deep', 10)
    const six = halved(ten, new Set(['f5']), 'near', CATALOGUE)
    expect(rulesFor(ten, 'brood')).not.toContain('frames.too-many')
    const finding = find('frames.too-many', six, 'brood')
    const less = after(six, finding, 'leave-out')
    expect(rulesFor(less, 'brood')).not.toContain('frames.too-many')
    expect(less.contents).toHaveLength(9)
  })

  it('tells shoulders that are wider than the slots', () => {
    const part = boxWith('box-national-super', 'frame-national-shallow', 11, {
      spacing: { system: 'castellation', count: 12, slack: 'one-side' },
    })
    expect(find('frames.too-many', part)).toMatchObject({ facts: { inSlots: true } })
    expect(rulesFor(after(part, find('frames.too-many', part), 'touch-one-side'))).not.toContain('frames.too-many')
  })
})

describe('how frames are spaced', () => {
  it('tells twelve in a National that leave 2.3 mm', () => {
    const finding = find('frames.no-play', national(12), 'brood')
    expect(finding).toMatchObject({ severity: 'watch', measured: { mm: expect.closeTo(2.275, 2) } })
    const eased = after(national(12), finding, 'add-dummy')
    expect(eased.contents).toHaveLength(12)
    expect(rulesFor(eased, 'brood')).toEqual([])
  })

  it('leaves eleven on 38 mm ends alone', () => {
    expect(rulesFor(boxWith('box-national-super', 'frame-national-shallow', 11))).toEqual([])
  })

  it('tells straight bars with nothing between them, and hangs them in castellations', () => {
    const part = boxWith('box-national-super', 'frame-national-shallow-straight', 11)
    const finding = find('frames.no-spacing', part)
    expect(finding).toMatchObject({ severity: 'mend' })
    expect(rulesFor(after(part, finding, 'castellate'))).toEqual([])
  })

  it('tells two systems in one box, self-spacing frames in castellations, and two widths', () => {
    const mixed = (ids: readonly string[], spacing?: Hung['spacing']) =>
      boxWith('box-national-super', 'frame-national-shallow', 0, {
        ...(spacing ? { spacing } : {}),
        contents: ids.map((patternId, place) => ({ id: `f${place}`, patternId, place })),
      })
    expect(
      find('frames.mixed', mixed(['frame-national-shallow', 'frame-national-shallow-self-spacing'])),
    ).toMatchObject({ facts: { how: 'systems' } })
    expect(
      find(
        'frames.mixed',
        mixed(Array<string>(9).fill('frame-national-shallow-self-spacing'), {
          system: 'castellation',
          count: 10,
          slack: 'one-side',
        }),
      ),
    ).toMatchObject({ facts: { how: 'in-slots' } })
    expect(find('frames.mixed', mixed(['frame-national-shallow-narrow-ends', 'frame-national-shallow']))).toMatchObject(
      { facts: { how: 'widths', leastMm: 35, mostMm: 38 } },
    )
    expect(
      rulesFor(
        mixed(Array<string>(11).fill('frame-national-shallow-straight'), {
          system: 'castellation',
          count: 11,
          slack: 'one-side',
        }),
      ),
    ).toEqual([])
  })

  it('tells self-spacing frames that are spread out', () => {
    const spread = deep(10, { spacing: { system: 'touching', slack: 'spread' } })
    expect(find('frames.spread-shoulders', spread, 'brood')).toMatchObject({
      severity: 'watch',
      measured: { mm: expect.closeTo(37.465, 3) },
    })
    expect(rulesFor(after(spread, find('frames.spread-shoulders', spread, 'brood'), 'centre-frames'), 'brood')).toEqual(
      ['bee-space.side'],
    )
    expect(rulesFor(deep(10), 'brood')).not.toContain('frames.spread-shoulders')
  })

  it('asks for wide spacing to be closed up before winter, not in the flow, and opens no hive in the cold for it', () => {
    const nine = medium(9, { spacing: NINE })
    const severities = (['flow', 'after-crop', 'pack-down', 'winter'] as const).map(
      (stage) => find('frames.winter-spacing', nine, 'food', stage)?.severity,
    )
    expect(severities).toEqual([undefined, 'watch', 'watch', 'watch'])
    expect(find('frames.winter-spacing', nine, 'food', 'winter')!.ways()).toEqual([])
    expect(rulesFor(nine, 'super', 'pack-down')).not.toContain('frames.winter-spacing')
    expect(rulesFor(medium(10), 'food', 'winter')).not.toContain('frames.winter-spacing')
  })
})

describe('room beside the frames', () => {
  it('is told at the graver of two walls, and eased by a dummy or an even share', () => {
    const eight = boxWith('box-langstroth-8-deep', 'frame-langstroth-deep', 8)
    const finding = find('bee-space.side', eight, 'brood')
    expect(finding).toMatchObject({ severity: 'watch', measured: { mm: 38.1 } })
    expect(remediesOf(finding!).map(({ kind }) => kind)).toEqual(['add-frames', 'add-dummy', 'centre-frames'])
    expect(find('bee-space.side', after(eight, finding, 'centre-frames'), 'brood')).toMatchObject({
      severity: 'note',
      measured: { mm: 19.05 },
    })
    expect(rulesFor(after(eight, finding, 'add-dummy'), 'brood')).toEqual([])
    expect(after(eight, finding, 'add-frames').contents).toHaveLength(9)
    expect(rulesFor(after(eight, finding, 'add-frames'), 'brood')).toEqual([])
  })

  it('says that one more frame goes in where one does: a dummy would leave room for a comb', () => {
    const eight = boxWith('box-langstroth-deep', 'frame-langstroth-deep', 8)
    const finding = find('bee-space.side', eight, 'brood')!
    expect(
      remediesOf(finding).map(({ kind, count, resultMm }) => [
        kind,
        count,
        resultMm && Math.round(resultMm * 100) / 100,
      ]),
    ).toEqual([['add-frames', 2, 25.4]])
  })

  it('promises what the box that results has, in both halves of a divided one', () => {
    const six = boxWith('box-double-nucleus', 'frame-langstroth-deep', 9)
    const finding = find('bee-space.side', six, 'brood')!
    for (const remedy of remediesOf(finding)) {
      const left = find('bee-space.side', after(six, finding, remedy.kind), 'brood')
      if (left) expect(left.measured!.mm).toBeCloseTo(remedy.resultMm!, 2)
      else expect(remedy.resultMm!).toBeLessThanOrEqual(34.93)
    }
    expect(remediesOf(finding).length).toBeGreaterThan(0)
  })
})

describe('comb', () => {
  it('is drawn at full count: undrawn frames at wide spacing are told, drawn ones are not', () => {
    const foundation = medium(9, { spacing: NINE, state: { comb: 'wax-foundation' } })
    expect(find('frames.undrawn-wide', foundation)).toMatchObject({
      severity: 'mend',
      measured: { mm: expect.closeTo(41.3, 6) },
      facts: { undrawn: 9, full: 10, whole: true },
    })
    expect(rulesFor(medium(9, { spacing: NINE, state: { comb: 'drawn' } }))).toEqual([])
    expect(
      find(
        'frames.undrawn-wide',
        medium(9, {
          spacing: NINE,
          state: (place) => (place === 0 ? { comb: 'plastic-foundation' } : { holds: 'nectar' }),
        }),
      ),
    ).toMatchObject({ facts: { undrawn: 1, whole: false } })
    expect(rulesFor(medium(10, { state: { comb: 'wax-foundation' } }))).not.toContain('frames.undrawn-wide')
    expect(
      rulesFor(boxWith('box-national-super', 'frame-national-shallow', 11, { state: { comb: 'wax-foundation' } })),
    ).toEqual([])
  })

  it('says of end bars that set a wide spacing only what to look for', () => {
    expect(
      tried(
        find(
          'frames.undrawn-wide',
          boxWith('box-national-super', 'frame-national-super-wide', 10, { state: { comb: 'wax-foundation' } }),
        ),
      ),
    ).toMatchObject({ severity: 'note', remedies: [] })
  })

  it('needs a guide: two frames without foundation side by side, and hung apart', () => {
    const part = medium(10, { state: (place) => ({ comb: place < 3 ? 'foundationless' : 'drawn' }) })
    const finding = find('frames.foundationless-pair', part)
    expect(finding).toMatchObject({ severity: 'mend', facts: { pairs: 2, bare: 3 } })
    expect(rulesFor(after(part, finding, 'alternate'))).not.toContain('frames.foundationless-pair')
    expect(tried(find('frames.foundationless-pair', medium(10, { state: { comb: 'starter-strip' } })))).toMatchObject({
      facts: { pairs: 9 },
      remedies: [],
    })
  })

  it('needs support where it is tall: a deep, not a medium', () => {
    const bare = (support?: 'none' | 'wires' | 'mid-bar') =>
      deep(10, {
        state: (place) =>
          place === 4 ? { comb: 'foundationless', ...(support ? { support } : {}) } : { comb: 'drawn' },
      })
    expect(find('frames.foundationless-unsupported', bare(), 'brood')).toMatchObject({ severity: 'watch' })
    expect(find('frames.foundationless-unsupported', bare('none'), 'brood')).toMatchObject({ severity: 'watch' })
    for (const support of ['wires', 'mid-bar'] as const)
      expect(rulesFor(bare(support), 'brood')).not.toContain('frames.foundationless-unsupported')
    expect(
      rulesFor(medium(10, { state: (place) => (place === 4 ? { comb: 'foundationless' } : { comb: 'drawn' }) })),
    ).not.toContain('frames.foundationless-unsupported')
    expect(
      rulesFor(
        after(bare('none'), find('frames.foundationless-unsupported', bare('none'), 'brood'), 'wire-frames'),
        'brood',
      ),
    ).not.toContain('frames.foundationless-unsupported')
  })

  it('grows wild in a place left empty, soonest in a flow', () => {
    const holed = { ...medium(10), contents: medium(10).contents.filter(({ place }) => place !== 4 && place !== 5) }
    expect(find('frames.empty-place', holed)).toMatchObject({ severity: 'mend', facts: { places: 2 } })
    expect(find('frames.empty-place', holed, 'super', 'winter')).toMatchObject({ severity: 'watch' })
    expect(rulesFor(after(holed, find('frames.empty-place', holed), 'push-together'))).not.toContain(
      'frames.empty-place',
    )
  })

  it('bridges wide gaps between brood combs, and takes narrow end bars as they are', () => {
    expect(find('frames.comb-gap', deep(9, { spacing: NINE }), 'brood')).toMatchObject({
      severity: 'watch',
      measured: { mm: expect.closeTo(16.3, 6) },
      facts: { verdict: 'bridged', gaps: 8 },
    })
    expect(rulesFor(boxWith('box-langstroth-deep', 'frame-langstroth-deep-narrow', 11), 'brood')).toEqual([
      'bee-space.side',
    ])
  })
})

describe('drain frames', () => {
  const drain = (count: number, hung: Hung = {}) => boxWith('box-drain-super', 'frame-drain', count, hung)
  it('hang centred and pushed together, in a super only', () => {
    expect(rulesFor(drain(7, { spacing: { system: 'touching', slack: 'both-sides' } }))).toEqual([])
    const tight = find('frames.drain-off-centre', drain(7))
    expect(tight).toMatchObject({ severity: 'watch', facts: { playMm: expect.closeTo(10.65, 6) } })
    expect(rulesFor(after(drain(7), tight, 'centre-frames'))).toEqual([])
    expect(find('frames.drain-loose', drain(6, { spacing: { system: 'touching', slack: 'spread' } }))).toMatchObject({
      severity: 'mend',
    })
    expect(rulesFor(drain(7), 'brood')).toContain('frames.drain-in-brood')
  })
})

describe('what may be hung and taken out', () => {
  const context = contextFor()
  it('refuses a frame of another format, one too many, and frames where none go', () => {
    expect(hangProblem(resolved(deep(9)), 'frame-national-deep', context)).toMatchObject({
      problem: 'another-format',
      reason: 'drops-in',
    })
    expect(hangProblem(resolved(national(10)), 'frame-langstroth-deep', context)).toMatchObject({
      problem: 'another-format',
    })
    expect(hangProblem(resolved(deep(10)), 'frame-langstroth-deep', context)).toMatchObject({
      problem: 'too-many',
      fits: 10,
      missingMm: expect.closeTo(9.525, 3),
    })
    expect(
      hangProblem(
        resolved(boxWith('box-section-rack', 'frame-national-shallow', 0)),
        'frame-national-shallow',
        context,
      ),
    ).toEqual({ problem: 'no-frames-here' })
    expect(hangProblem(resolved(deep(9)), 'frame-langstroth-deep', context)).toBeUndefined()
    expect(hangProblem(resolved(deep(10)), 'dummy-langstroth-deep', context)).toBeUndefined()
  })

  it('keeps the only brood frame of a brood box from being taken out or made a dummy', () => {
    const part = deep(3, { state: (place) => (place === 1 ? { comb: 'drawn', holds: 'brood' } : {}) })
    expect(takeProblem(part, new Set(['f1']), 'brood', CATALOGUE, 'dummy-langstroth-deep')).toMatchObject({
      problem: 'only-brood-frame',
    })
    expect(takeProblem(part, new Set(['f0', 'f2']), 'brood', CATALOGUE)).toBeUndefined()
    expect(takeProblem(part, new Set(['f1']), 'super', CATALOGUE)).toBeUndefined()
    expect(takeProblem(part, new Set(['f1']), 'brood', CATALOGUE, 'frame-langstroth-deep-narrow')).toBeUndefined()
    expect(takeProblem(deep(1), new Set(['f0']), 'brood', CATALOGUE)).toMatchObject({ problem: 'only-brood-frame' })
  })
})

describe('which comb a frame without foundation follows', () => {
  it('takes drawn comb before foundation, and nothing from a dummy or across an empty place', () => {
    const states = [
      'drawn',
      'foundationless',
      'wax-foundation',
      'foundationless',
      'wax-foundation',
      'foundationless',
      'foundationless',
    ] as const
    expect(
      combsFollowed(medium(7, { state: (place) => ({ comb: states[place]! }) }), CATALOGUE).map(
        ({ place, followsId, by }) => [place, followsId, by],
      ),
    ).toEqual([
      [1, 'f0', 'drawn'],
      [3, 'f2', 'foundation'],
      [5, 'f4', 'foundation'],
      [6, null, 'none'],
    ])
    const holed = medium(2, {
      contents: [
        { id: 'a', patternId: 'frame-langstroth-medium', place: 0, comb: 'drawn' },
        { id: 'b', patternId: 'frame-langstroth-medium', place: 2, comb: 'foundationless' },
      ],
    })
    expect(combsFollowed(holed, CATALOGUE)[0]).toMatchObject({ by: 'none', followsId: null })
  })
})

describe('a box on a hive', () => {
  it('tells the same about its frames as the box alone', () => {
    const part = medium(9, { spacing: NINE, state: { comb: 'wax-foundation' } })
    const hive = {
      id: 'h',
      name: 'Twill',
      stage: 'flow' as const,
      note: '',
      stack: [newPlacement('box', CATALOGUE.patterns.get('box-langstroth-medium'), 'super')],
      attachments: [],
      accepted: [],
    }
    const onHive = assessHive({ ...emptyYard('y', 'Y'), hives: [hive], parts: [part] }, hive).findings.filter(
      ({ rule }) => rule.startsWith('frames.'),
    )
    expect(onHive.map(tried)).toEqual(
      findingsOf(part)
        .filter(({ rule }) => rule.startsWith('frames.'))
        .map(tried),
    )
  })
})

describe('schools and reasons', () => {
  it(
    'a whole box without foundation is a note where its comb holds itself or has a mid-bar, a ' +
      'mend beside drawn comb',
    () => {
      const whole = (frame: string, support: 'none' | 'mid-bar') =>
        boxWith(`box-langstroth-${frame}`, `frame-langstroth-${frame}`, 10, {
          state: { comb: 'foundationless', support },
        })
      expect(tried(find('frames.foundationless-pair', whole('medium', 'none')))).toMatchObject({
        severity: 'note',
        remedies: [],
      })
      expect(find('frames.foundationless-pair', whole('deep', 'mid-bar'), 'brood')).toMatchObject({ severity: 'note' })
      expect(find('frames.foundationless-pair', whole('deep', 'none'), 'brood')).toMatchObject({ severity: 'mend' })
      expect(
        find(
          'frames.foundationless-pair',
          boxWith('box-langstroth-medium', 'frame-langstroth-medium', 10, {
            state: (place) => (place < 3 ? { comb: 'foundationless' } : { comb: 'drawn' }),
          }),
        ),
      ).toMatchObject({ severity: 'mend' })
    },
  )

  it('more frames than slots are told by the slots, not by their end bars', () => {
    const finding = find(
      'frames.too-many',
      boxWith('box-national-super', 'frame-national-shallow-straight', 11, {
        spacing: { system: 'castellation', count: 9, slack: 'one-side' },
      }),
    )!
    const words = findingInWords(finding, new Map([['box', 'super']]), contextFor().catalogue, {
      units: 'mm',
      vocabulary: 'british',
    })
    expect(words.what).toBe('11 frames for 9 slots.')
  })

  it('drain frames that all touch are not loose for a board or another frame beside them', () => {
    const drained = boxWith('box-drain-super', 'frame-drain', 0, {
      contents: ['dummy-langstroth-medium', 'frame-drain', 'frame-drain', 'frame-drain'].map((patternId, place) => ({
        id: `f${place}`,
        patternId,
        place,
      })),
      spacing: { system: 'touching', slack: 'both-sides' },
    })
    expect(rulesFor(drained)).not.toContain('frames.drain-loose')
  })

  it('empty drawn combs of a super are as thick as they were drawn', () => {
    expect(
      rulesFor(
        boxWith('box-langstroth-medium', 'frame-langstroth-medium', 9, {
          spacing: NINE,
          state: { comb: 'drawn', holds: 'empty' },
        }),
      ),
    ).toEqual([])
  })
})
