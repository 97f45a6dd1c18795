import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  CAUSES,
  coloniesOf,
  colonyOf,
  combGifts,
  dueOf,
  FATES,
  giversOf,
  SIGNS,
  signsOf,
  withColonies,
  type Entry,
} from '#core/book'
import { CATALOGUE } from '#core/parts'
import { hiveIn, plannedHiveIn } from '#core/ask'
import { remediesOf } from '#core/rules'
import { applyEdit, heldBack, isSound, mayTakeFrames, planOf, type Edit, type Hive, type Yard } from '#core/yard'
import { changeoverOf, stagesOf, writeYear } from '#core/year'
import { verdictOf, colonyInWords, heldBackInWords, dueInWords } from '#core/words'
import { partNames } from '#core/stack'
import * as deeds from '#core/yard/deeds'
import { planSchema } from '#wire/plan-schema'
import { entry } from '../../helpers/book'
import { demoPlan } from '../../helpers/wire'
import { build, counter, L } from '../../helpers/hives'

const today = '2026-06-20'
const reader = { units: 'mm', vocabulary: 'british' } as const
const made = build([L.floor, L.deep, L.framed, L.medium, L.crown, L.roof], { stage: 'after-crop' })
const other: Hive = { ...made.hive, id: 'other', name: 'Gingham', stack: [], attachments: [] }
const plain: Yard = { ...made.yard, hives: [made.hive, other] }
const own = { hiveId: made.hive.id }
const look = (at: string, signs: readonly string[]) => entry('look', at, { signs } as never, own)
const fate = (at: string, body: object) => entry('fate', at, body as never, own)
const cleared = (at: string) => entry('cleared', at, { how: 'looked-at' }, own)
const told = (entries: readonly Entry[]) => withColonies(plain, entries, today)
const stateOf = (entries: readonly Entry[]) => colonyOf(entries, today)

/** Every state that a colony can be in, with what it says. */
const STATES: [string, Entry[], { is: string; holds: string }][] = [
  [
    'dead of what may be a disease',
    [fate('2026-06-10T09:00', { fate: 'dead', of: 'disease' })],
    { is: 'dead', holds: 'all' },
  ],
  ['dead of what is not known', [fate('2026-06-10T09:00', { fate: 'dead' })], { is: 'dead', holds: 'all' }],
  ['starved', [fate('2026-06-10T09:00', { fate: 'dead', of: 'starved' })], { is: 'dead', holds: 'all' }],
  ['gone', [fate('2026-06-10T09:00', { fate: 'absconded' })], { is: 'empty', holds: 'all' }],
  ['sold', [fate('2026-06-10T09:00', { fate: 'sold' })], { is: 'empty', holds: 'all' }],
  ['closed for a sign', [look('2026-06-10T09:00', ['ropy-cell'])], { is: 'lives', holds: 'all' }],
]

describe('the state of a colony, from its book (common practice)', () => {
  it('says nothing where it lives and nothing was seen', () => {
    expect(stateOf([])).toBeUndefined()
    expect(stateOf([look('2026-06-10T09:00', []), fate('2026-04-01T09:00', { fate: 'alive' })])).toBeUndefined()
    expect(stateOf([look('2026-06-10T09:00', ['crippled-wings'])])).toBeUndefined()
  })

  it.each(STATES)('%s', (_, entries, expected) => {
    expect(stateOf(entries)).toMatchObject(expected)
    // Not before it was written, and no more once somebody has looked at it or cleaned it.
    expect(colonyOf(entries, '2026-06-09')).toBeUndefined()
    expect(stateOf([...entries, cleared('2026-06-12T09:00')])?.holds ?? 'nothing').toBe('nothing')
    // A clearance of before says nothing of it.
    expect(stateOf([cleared('2026-06-01T09:00'), ...entries])).toMatchObject(expected)
  })

  it('streaks, heaps of dead and trembling bees hold its combs only', () => {
    for (const sign of SIGNS.filter((one) => signsOf([one], 'unknown').length > 0))
      expect(stateOf([look('2026-06-10T09:00', [sign])])).toMatchObject({ is: 'lives', holds: 'combs', signs: [sign] })
  })

  it('a sign is forgotten after a year, a death is not', () => {
    expect(stateOf([look('2025-05-10T09:00', ['ropy-cell'])])).toBeUndefined()
    expect(stateOf([fate('2024-05-10T09:00', { fate: 'dead' })])).toMatchObject({ is: 'dead', holds: 'all' })
  })

  it('a sign in a hive that died stays a sign, until it is cleared', () => {
    const both = [look('2026-05-10T09:00', ['sunken-caps']), fate('2026-06-10T09:00', { fate: 'dead', of: 'starved' })]
    expect(stateOf(both)).toMatchObject({ is: 'dead', signs: ['sunken-caps'], holds: 'all' })
  })

  it('does not depend on the order in which entries of other hives came', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FATES), fc.constantFrom(...CAUSES), (what, of) => {
        const mine = fate('2026-06-10T09:00', what === 'dead' ? { fate: what, of } : { fate: what })
        const theirs = entry('fate', '2026-06-11T09:00', { fate: 'alive' }, { hiveId: 'other' })
        expect(coloniesOf([mine, theirs], today)).toEqual(coloniesOf([theirs, mine], today))
      }),
    )
  })
})

describe('every door asks the same state', () => {
  it.each(STATES)('%s: no verdict is good, and the words agree', (_, entries, { is }) => {
    const yard = told(entries)
    const known = hiveIn(yard, yard.hives[0]!)
    const verdict = verdictOf(known, reader)
    expect(verdict.worst).not.toBe('good')
    expect(verdict.says).toMatch(/dead|no colony|closed/i)
    expect(known.assessment.findings[0]!.rule).toMatch(/^colony\./)
    if (is !== 'lives')
      expect(known.assessment.findings.filter(({ rule }) => /^(season|room)\./.test(rule))).toEqual([])
    expect(colonyInWords(yard.colonies![made.hive.id], reader)).toMatch(/dead since|empty since|closed since/)
    expect(heldBackInWords(made.hive, yard.colonies![made.hive.id]!, reader)).not.toMatch(/undefined/)
  })

  it.each(STATES)('%s: nothing of it is moved, lent or given, at any stage', (_, entries) => {
    const yard = told(entries)
    const [hive] = yard.hives as [Hive]
    const superId = hive.stack[3]!.partId
    const box = yard.parts.find(({ id }) => id === superId)!
    const taking: Edit[] = [
      deeds.takeOff(hive, superId),
      { kind: 'move-part', partId: superId, fromHiveId: hive.id, toHiveId: 'other', at: 0 },
      deeds.removeHive(hive),
      { kind: 'change-part', partId: superId, change: { contents: box.contents.slice(1) } },
      { kind: 'set-part', part: { ...box, contents: [] } },
      deeds.together(deeds.setHive(hive, { note: 'x' }), deeds.takeOff(hive, superId)),
      deeds.moveHives(yard, { ...plain, id: 'second', hives: [], parts: [] }, [hive], counter()).out,
    ]
    for (const edit of taking) {
      expect(heldBack(yard, edit)?.hive.id).toBe(hive.id)
      expect(heldBack(plain, edit)).toBeUndefined()
      expect(heldBack(told([...entries, cleared('2026-06-12T09:00')]), edit)).toBeUndefined()
    }
    // Closing the door, burning a box, and what is done to other hives is free.
    const free: Edit[] = [
      { kind: 'discard-part', hiveId: hive.id, partId: superId },
      deeds.setHive(hive, { note: 'burnt' }),
      { kind: 'change-part', partId: superId, change: { condition: 'worn' } },
    ]
    for (const edit of free) expect(heldBack(yard, edit)).toBeUndefined()
  })

  it.each(STATES)(
    '%s: no way out of another finding takes anything of it away, and its own is not accepted',
    (_, entries) => {
      // With an eight-frame super on ten: there are ways out, as long as the colony lives.
      const yard = demoPlan().yards[1]!
      const hive = yard.hives.find(({ name }) => name === 'Muslin')!
      const written = entries.map((one): Entry => ({ ...one, hiveId: hive.id }))
      const partsOf = (of: Yard) => of.hives.find(({ id }) => id === hive.id)!.stack.map(({ partId }) => partId)
      const takes = (of: Yard) =>
        hiveIn(of, hive)
          .assessment.findings.flatMap((finding) => remediesOf(finding))
          .filter(({ edit }) => {
            const done = applyEdit(of, edit)
            return !done.ok || partsOf(of).some((id) => !partsOf(done.yard).includes(id))
          })
      expect(takes(yard).length).toBeGreaterThan(0)
      const held = withColonies(yard, written, today)
      expect(takes(held)).toEqual([])
      // Nor is clean kit hung into what may be sick: only what lets robbers in is closed.
      const mended = hiveIn(held, hive).assessment.findings.filter((finding) => remediesOf(finding).length > 0)
      expect(mended.map(({ severity }) => severity)).toEqual(mended.map(() => 'stop'))
      const own = hiveIn(held, hive).assessment.findings.find(({ rule }) => rule.startsWith('colony.'))!
      const accepted = { ...hive, accepted: [{ findingKey: own.key, reason: 'so', measuredMm: null }] }
      const again = hiveIn({ ...held, hives: [accepted] }, accepted).assessment
      expect(again.findings.find(({ key }) => key === own.key)?.acceptance).toBeUndefined()
    },
  )

  it.each(STATES)('%s: no plan works on it, at no stage of the year', (_, entries) => {
    const yard = told(entries)
    const [hive] = yard.hives as [Hive]
    const [planned] = writeYear(yard, [...stagesOf(yard), 'moving'])
    for (const plan of planned!.stages.values()) {
      expect(plan.hive.stack).toEqual(hive.stack)
      expect(
        changeoverOf({ hive, parts: hiveIn(yard, hive).parts }, plannedHiveIn(yard, plan), CATALOGUE).steps,
      ).toEqual([])
    }
  })

  it.each(STATES)('%s: it is in no trial, gives no comb and gets none', (_, entries) => {
    const yard = told(entries)
    expect(isSound(yard, made.hive.id)).toBe(false)
    const living = { ...yard, hives: [made.hive, { ...other, stack: made.hive.stack }] }
    expect(isSound(living, 'other')).toBe(true)
    expect(isSound(yard, 'other'), 'no box stands there').toBe(false)
    expect(giversOf(yard, entries, today).find(({ hiveId }) => hiveId === made.hive.id)?.no).toMatch(/gone|sign/)
    const alive = yard.hives.filter(({ id }) => isSound(yard, id))
    const boxes = yard.parts.filter(({ contents }) => contents.length > 0)
    expect(boxes.map((box) => mayTakeFrames(yard, box))).toEqual(boxes.map(() => false))
    expect(boxes.map((box) => mayTakeFrames(plain, box))).toEqual(boxes.map(() => true))
    const lent = { ...boxes[0]!, lent: { name: 'the club', since: '2026-05-01' } }
    expect(mayTakeFrames({ ...plain, hives: [], parts: [lent] }, lent)).toBe(false)
    expect(combGifts(yard, yard.hives[1]!, alive).filter(({ toHiveId }) => toHiveId === made.hive.id)).toEqual([])
  })

  it.each(STATES)('%s: Due says what is to be done, today, and no more than that', (_, entries, { is }) => {
    const yard = told(entries)
    const lines = dueOf(yard, entries, today).filter(({ hiveId }) => hiveId === made.hive.id)
    const sorts = lines.map(({ reason }) => reason.due)
    expect(sorts).toContain('kit')
    expect(sorts.includes('close-door')).toBe(is !== 'lives')
    expect(sorts.filter((one) => !['inspect', 'close-door', 'kit'].includes(one))).toEqual([])
    for (const line of lines) {
      expect(line.day <= today).toBe(true)
      expect(JSON.stringify(dueInWords(line, reader, () => 'the part'))).not.toMatch(/undefined/)
    }
    expect(
      dueOf(told([...entries, cleared('2026-06-12T09:00')]), [...entries, cleared('2026-06-12T09:00')], today).filter(
        ({ reason }) => ['inspect', 'kit', 'close-door'].includes(reason.due),
      ),
    ).toEqual([])
  })

  it('a sign or a death that may be a disease is looked at first', () => {
    for (const entries of [STATES[0]![1], STATES[1]![1], STATES[5]![1]])
      expect(dueOf(told(entries), entries, today).map(({ reason }) => reason.due)).toContain('inspect')
    expect(dueOf(told(STATES[2]![1]), STATES[2]![1], today).map(({ reason }) => reason.due)).not.toContain('inspect')
  })

  it('is worked out, and stands in no file', () => {
    const yard = told(STATES[0]![1])
    expect(planSchema.isValidSync(planOf([yard]))).toBe(true)
    expect(JSON.stringify(planOf([yard]))).not.toContain('colonies')
    expect(planSchema.isValidSync({ ...planOf([plain]), yards: [yard] })).toBe(false)
    const applied = applyEdit(yard, deeds.setHive(made.hive, { name: 'Twill' }))
    expect(applied.ok && applied.yard.colonies).toEqual(yard.colonies)
    expect(partNames(hiveIn(yard, yard.hives[0]!).assembled, 'british').size).toBeGreaterThan(0)
  })
})

describe('bees that were shut in for the road', () => {
  it('are let out the same day', () => {
    const part = { id: 'mesh', patternId: 'entrance-mesh', contents: [], hasHeld: [] }
    const hive: Hive = { ...made.hive, stage: 'moving', attachments: [{ partId: 'mesh', place: 'entrance' }] }
    const shut = { ...plain, hives: [hive], parts: [...plain.parts, part] }
    const lines = dueOf(shut, [], today)
    expect(lines.find(({ reason }) => reason.due === 'let-out')).toMatchObject({ day: today, hiveId: hive.id })
    expect(dueOf(plain, [], today).some(({ reason }) => reason.due === 'let-out')).toBe(false)
  })
})
