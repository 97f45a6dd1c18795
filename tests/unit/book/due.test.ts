import { describe, expect, it } from 'vitest'
import {
  dueOf,
  freedBySpacing,
  framesInStock,
  holdsKitBack,
  mayShareCombs,
  openingAt,
  waitsForWarmth,
  type Entry,
} from '#core/book'
import { SHIPPED_FIGURES } from '#core/figures'
import type { Hive, Yard } from '#core/yard'
import { entry } from '../../helpers/book'
import { build, L } from '../../helpers/hives'

const { yard, hive } = build([L.floor, L.deep, L.crown, L.roof])
const due = (entries: readonly Entry[], today = '2026-05-20', change: Partial<Hive> = {}) =>
  dueOf({ ...yard, hives: [{ ...hive, ...change }] }, entries, today)
const own = { hiveId: hive.id }
const look = (at: string, body = {}, id = 'look') => entry('look', at, body, { ...own, id })
const ids = (lines: ReturnType<typeof due>) => lines.map(({ id, day }) => `${id} ${day}`)
const stageAlone = { stage: 'flow' as const }

describe('what is due in a yard', () => {
  it('is the next look, and the visits of the year; of a hive that nothing is written of too', () => {
    expect(ids(due([], '2026-05-20', stageAlone))).toEqual([
      `count:${hive.id}:2026-04-30 2026-05-20`,
      `look:${hive.id}:2026-05-10 2026-05-20`,
      `visit:${hive.id}:crop:2026-07-31 2026-07-31`,
    ])
    expect(due([], '2026-12-20', stageAlone).map(({ reason }) => reason.due)).toEqual(['visit', 'weigh'])
    const lines = due([look('2026-05-19T15:00')], '2026-05-20', stageAlone)
    expect(ids(lines)).toContain('look:look 2026-05-26')
  })

  it('shows a hive that lags behind its year from the day on which the stage began', () => {
    expect(ids(due([], '2026-06-15', { stage: 'winter' }))).toContain(`visit:${hive.id}:flow:2026-05-20 2026-05-20`)
    expect(due([], '2026-06-15', { stage: 'bait' })).toEqual([])
  })

  it('is what was borrowed and stands on the hive, by the day on which it is to be back', () => {
    const [, deep] = yard.parts
    const borrowed = { name: 'Club shed', since: '2026-05-01', backBy: '2026-09-01' }
    const own = { ...yard, parts: yard.parts.map((part) => (part === deep ? { ...part, borrowed } : part)) }
    const told = (one: Yard) => dueOf(one, [], '2026-05-20').filter(({ reason }) => reason.due === 'back')
    expect(told(own)).toMatchObject([{ hiveId: hive.id, day: '2026-09-01', reason: { to: 'Club shed' } }])
    expect(told({ ...own, hives: [{ ...hive, stack: [] }] })).toEqual([])
    expect(told({ ...yard })).toEqual([])
  })

  it('is every other loan that is to end, alike parts on one line: what was lent, and what lies in the shed', () => {
    const loan = { name: 'Club shed', since: '2026-05-01', backBy: '2026-09-01' }
    const [stand] = yard.parts
    const spare = (id: string, more: object) => ({ ...stand!, id, ...more })
    const own: Yard = {
      ...yard,
      parts: [
        ...yard.parts,
        spare('a', { lent: loan }),
        spare('b', { lent: loan }),
        spare('c', { borrowed: loan }),
        spare('d', { lent: { name: 'Club shed', since: '2026-05-01' } }),
      ],
    }
    const told = dueOf(own, [], '2026-09-20').filter(({ reason }) => reason.due === 'loan')
    expect(told.map(({ day, hiveId, reason }) => ({ day, hiveId, ...reason }))).toMatchObject([
      { day: '2026-09-01', hiveId: '', isLent: false, count: 1 },
      { day: '2026-09-01', hiveId: '', isLent: true, count: 2 },
    ])
  })

  it('is a battery that runs out, by what the device said last', () => {
    const device = { id: 's', hiveId: hive.id, name: 'Scale', seenAt: '2026-05-19T08:00:00Z' }
    const told = (percent: number) => dueOf(yard, [], '2026-05-20', {}, [{ ...device, percent }])
    expect(told(3).filter(({ reason }) => reason.due === 'battery')).toMatchObject([
      { day: '2026-05-19', hiveId: hive.id, reason: { name: 'Scale', percent: 3 } },
    ])
    expect(told(16).filter(({ reason }) => reason.due === 'battery')).toEqual([])
  })

  it('is to act at once on cells with eggs or larvae, and nothing else about looks', () => {
    const lines = due([look('2026-05-19T15:00', { cells: { open: 1, sealed: 2 } })], '2026-05-20', stageAlone)
    expect(ids(lines).filter((id) => /look/.test(id))).toEqual(['act:look 2026-05-19'])
  })

  it('is to thin sealed cells to one, and no look for three weeks: no two lines contradict each other', () => {
    const lines = due([look('2026-05-22T15:00', { cells: { sealed: 3 } })], '2026-05-23', stageAlone)
    expect(ids(lines).filter((id) => /look/.test(id))).toEqual(['cells:look 2026-05-22', 'look:look 2026-06-12'])
    const one = due([look('2026-05-22T15:00', { cells: { sealed: 1 } })], '2026-05-23', stageAlone)
    expect(ids(one).filter((id) => /look/.test(id))).toEqual(['look:look 2026-06-12'])
  })

  it('is a full look each week in swarm time only, by drones and flow, not by the name of a stage', () => {
    const next = (day: string) =>
      due([look(`${day}T15:00`)], day, { stage: 'building-up' }).find(({ id }) => id === 'look:look')?.day
    expect([next('2026-03-10'), next('2026-04-20'), next('2026-08-10')]).toEqual([
      '2026-03-24',
      '2026-04-27',
      '2026-08-24',
    ])
  })

  it('waits for warmth: 14 °C for brood, 10 for a peep, by what was typed for the day', () => {
    const lines = due([look('2026-04-20T15:00')], '2026-04-27', { stage: 'building-up' })
    const line = lines.find(({ id }) => id === 'look:look')!
    expect([8, 12, 14].map((celsius) => waitsForWarmth(line, celsius, SHIPPED_FIGURES))).toEqual([
      'brood',
      'brood',
      undefined,
    ])
    expect([9.9, 10, 13.9, 14].map((celsius) => openingAt(celsius, SHIPPED_FIGURES))).toEqual([
      'shut',
      'peep',
      'peep',
      'brood',
    ])
  })

  it('is the end of a treatment, a count after it, and a question where it has no end', () => {
    const strips = entry(
      'treatment',
      '2026-05-01T10:00',
      { product: 'strips', labelDays: 42 },
      { ...own, id: 'strips' },
    )
    expect(ids(due([strips]))).toEqual(expect.arrayContaining(['end:strips 2026-06-12', 'after:strips 2026-06-26']))
    const counted = entry('mites', '2026-06-20T10:00', { way: 'tray', mites: 3, days: 3 }, { ...own, id: 'count' })
    const after = ids(due([strips, counted], '2026-06-21'))
    expect(after).not.toContain('after:strips 2026-06-26')
    expect(after).toContain('count:count 2026-07-20')
    const out = entry(
      'treatment',
      '2026-05-01T10:00',
      { product: 'strips', until: '2026-05-20' },
      { ...own, id: 'out', madeAt: '2026-05-21T10:00:00.000Z' },
    )
    expect(ids(due([out], '2026-05-22')).filter((one) => /out/.test(one))).toEqual(['after:out 2026-06-03'])
    const planned = { ...out, madeAt: '2026-05-01T10:00:00.000Z' }
    expect(ids(due([planned], '2026-05-22'))).toContain('end:out 2026-05-20')
    const open = entry('treatment', '2026-05-01T10:00', { product: 'strips' }, { ...own, id: 'open' })
    expect(ids(due([open]))).toContain('open:open 2026-06-12')
  })

  it('leaves out what is dated ahead of today, and keeps the keeper’s own tasks', () => {
    const ahead = look('2026-06-20T12:00')
    const task = entry('task', '2026-06-20T12:00', { text: 'mow', by: '2026-06-25' }, { ...own, id: 'mow' })
    const lines = ids(due([look('2026-05-19T12:00', {}, 'seen'), ahead, task], '2026-05-20', stageAlone))
    expect(lines).toContain('look:seen 2026-05-26')
    expect(lines).toContain('task:mow 2026-06-25')
    expect(lines.some((line) => line.startsWith('look:look'))).toBe(false)
  })

  it('is a room that is to come off, by its day', () => {
    const stack = hive.stack.map((placement, i) => (i === 1 ? { ...placement, offBy: '2026-06-01' } : placement))
    expect(ids(due([], '2026-05-20', { stack }))).toContain(`off:${stack[1]!.partId}:2026-06-01 2026-06-01`)
  })

  it('is a heft each week or two from late winter to the flow, sooner where it was light', () => {
    const weigh = (heft: string, today: string) =>
      due([look('2026-02-25T12:00', { heft })], today, { stage: 'building-up' }).filter(
        ({ reason }) => reason.due === 'weigh',
      )
    for (const today of ['2026-02-26', '2026-03-20', '2026-04-20', '2026-05-10']) {
      expect(weigh('light', today)).toMatchObject([{ day: '2026-03-04', reason: { light: true } }])
      expect(weigh('fair', today)).toMatchObject([{ day: '2026-03-07', reason: { light: false } }])
    }
    expect(weigh('fair', '2026-06-10')).toEqual([])
  })

  it('is a weighing a month after food was last known, while there is nothing to bring in', () => {
    const seen = look('2026-10-05T12:00', { heft: 'fair' })
    const weigh = (entries: readonly Entry[], today: string, weighedOn = {}) =>
      dueOf({ ...yard, hives: [{ ...hive, stage: 'winter' }] }, entries, today, weighedOn)
        .filter(({ reason }) => reason.due === 'weigh')
        .map(({ day }) => day)
    expect(weigh([seen], '2026-11-20')).toEqual(['2026-11-04'])
    expect(weigh([seen], '2026-11-20', { [hive.id]: '2026-11-01' })).toEqual(['2026-12-01'])
    expect(weigh([seen], '2027-06-01')).toEqual([])
    // Never known, or known before this spring's watching began: from now on, and from its first day.
    expect(weigh([look('2026-10-05T12:00')], '2026-11-20')).toEqual(['2026-11-20'])
    expect(weigh([seen], '2027-03-10')).toEqual(['2027-02-01'])
  })

  it('is a look at the feeder a week after it was filled, unless the hive was seen since', () => {
    const fed = entry('feed', '2026-09-10T18:00', { feed: 'two-to-one', kg: 5 }, { ...own, id: 'fed' })
    expect(ids(due([fed], '2026-09-12'))).toContain('feed:fed 2026-09-17')
    expect(ids(due([fed, look('2026-09-12T12:00')], '2026-09-13'))).not.toContain('feed:fed 2026-09-17')
  })

  it('is the next box by the room that the last inspection left, while a colony grows', () => {
    const seen = look('2026-05-19T12:00', { broodFrames: { sealed: 8 }, foodFrames: { sealed: 1 } })
    const box = (today: string) => due([seen], today, stageAlone).find(({ reason }) => reason.due === 'box')
    expect(box('2026-05-20')?.reason).toEqual({ due: 'box', free: 1, freeMost: 2, combs: 10 })
    expect(box('2026-09-20')).toBeUndefined()
    expect(box('2026-06-20')).toBeUndefined()
  })

  it('is done, put off to a day, or dropped; the last answer counts, and a newer look is due anew', () => {
    const answer = (what: 'done' | 'put-off' | 'dropped', until?: string) =>
      entry('answer', '2026-05-21T10:00', { to: 'look:look', answer: what, ...(until ? { until } : {}) }, own)
    const seen = look('2026-05-19T15:00')
    const of = (...more: Entry[]) => ids(due([seen, ...more])).filter((one) => one.startsWith('look'))
    expect(of(answer('done'))).toEqual([])
    expect(of(answer('dropped'))).toEqual([])
    expect(of(answer('put-off', '2026-05-30'))).toEqual(['look:look 2026-05-30'])
    expect(of(answer('put-off', '2026-05-30'), answer('done'))).toEqual([])
    expect(ids(due([seen, answer('done'), look('2026-05-25T15:00', {}, 'newer')], '2026-05-26'))).toContain(
      'look:newer 2026-06-01',
    )
  })

  it('asks of a colony that is dead that it is looked at and closed, and what the keeper wrote down', () => {
    const dead = entry('fate', '2026-05-20T09:00', { fate: 'dead' }, own)
    const task = entry('task', '2026-05-20T09:00', { text: 'scrub the floor', by: '2026-05-24' }, { ...own, id: 't' })
    expect(ids(due([look('2026-05-19T15:00'), dead, task]))).toEqual([
      'close-door:i1:2026-05-20 2026-05-20',
      'inspect:i1:2026-05-20 2026-05-20',
      'kit:i1:2026-05-20 2026-05-20',
      'task:t 2026-05-24',
    ])
  })
})

describe('frames as stock', () => {
  it('are counted by make and by comb', () => {
    const rows = framesInStock(yard)
    expect(rows).toHaveLength(1)
    expect(rows[0]!.onHives + rows[0]!.inShed).toBe(10)
    expect(rows[0]!.drawn + rows[0]!.foundation + rows[0]!.bare + rows[0]!.unknown).toBe(10)
  })

  it('are not here while their box is lent', () => {
    const lent = { name: 'the club', since: '2026-05-01' }
    expect(framesInStock({ ...yard, hives: [], parts: yard.parts.map((part) => ({ ...part, lent })) })).toEqual([])
  })

  it('that are freed fill boxes: 100 boxes from 10 to 8 give 25 boxes of 8', () => {
    expect(freedBySpacing(100, 10, 8)).toEqual({ frames: 200, boxes: 25, left: 0 })
    expect(freedBySpacing(3, 11, 9)).toEqual({ frames: 6, boxes: 0, left: 6 })
    expect(() => freedBySpacing(3, 8, 9)).toThrow(RangeError)
    expect(() => freedBySpacing(3, 8, 0)).toThrow(RangeError)
  })

  it('of a dead colony go nowhere before the cause is said, and never after signs in the brood', () => {
    expect(mayShareCombs({ fate: 'dead' }, [])).toBe('cause-first')
    expect(mayShareCombs({ fate: 'dead', of: 'not-known', cause: 'cold' }, [])).toBe('cause-first')
    expect(mayShareCombs({ fate: 'dead', of: 'starved' }, ['dead-in-heap'])).toBe('yes')
    expect(mayShareCombs({ fate: 'dead', of: 'starved' }, ['sunken-caps'])).toBe('never')
    expect(mayShareCombs({ fate: 'dead', of: 'disease' }, [])).toBe('never')
  })
})

describe('kit that is lent', () => {
  const seen = (...signs: string[]) => look('2026-05-19T15:00', { signs })
  it.each<[string, readonly Entry[], boolean]>([
    ['nothing is written', [], false],
    ['a look says nothing of signs', [look('2026-05-19T15:00')], false],
    ['wasps or moth were seen', [seen('wasps', 'moth')], false],
    ['caps were sunken', [seen('sunken-caps')], true],
    ['a cell drew a thread, among wasps', [seen('wasps', 'ropy-cell')], true],
    ['larvae were twisted', [seen('twisted-larvae')], true],
    ['a colony starved', [entry('fate', '2026-05-10T10:00', { fate: 'dead', of: 'starved' }, own)], false],
    ['a colony died and nobody knows of what', [entry('fate', '2026-05-10T10:00', { fate: 'dead' }, own)], true],
    ['a colony was sold', [entry('fate', '2026-05-10T10:00', { fate: 'sold' }, own)], false],
    [
      'a colony may have died of a disease',
      [entry('fate', '2026-05-10T10:00', { fate: 'dead', of: 'disease' }, own)],
      true,
    ],
  ])('where %s, is held back or not', (_what, entries, isHeld) => {
    expect(holdsKitBack(entries).length > 0).toBe(isHeld)
  })
})
