import { describe, expect, it } from 'vitest'
import { entriesRenamed, ontoFrames, SIGNS, type DueLine, type Look } from '#core/book'
import { applyEdit, isCold } from '#core/yard'
import { hiveIn } from '#core/ask'
import { stageOn, yearOf } from '#core/year'
import {
  type Reader,
  dueInWords,
  SIGN_CAUTION,
  treatmentWarningInWords,
  entryInWords,
  SIGN_WORDS,
  followsInWords,
} from '#core/words'
import { entry } from '../../helpers/book'
import { build, L } from '../../helpers/hives'

const READER: Reader = { vocabulary: 'british', units: 'mm' }
const AMERICAN: Reader = { vocabulary: 'northAmerican', units: 'inches' }
const { yard, hive, at } = build([L.floor, L.deep, L.medium, L.crown, L.roof])
const brood = at(1)
const contents = yard.parts.find(({ id }) => id === brood)!.contents
const follows = (look: Look, day = '2026-05-10', reader = READER) =>
  Object.fromEntries(
    followsInWords(hiveIn(yard, hive), look, day, { clipped: false }, reader).map(({ of, said }) => [of, said]),
  )

describe('the line of an entry', () => {
  const LOOK: Required<Omit<Look, 'seams' | 'combs'>> = {
    celsius: 17,
    wind: 'breeze',
    temper: 'quiet',
    sound: 'humming',
    broodFrames: { eggs: 2, larvae: 3, sealed: 4 },
    pattern: 'solid',
    droneBrood: true,
    playCups: 3,
    cells: { open: 1, sealed: 2, where: 'edge' },
    queen: 'seen',
    queenMarked: true,
    queenClipped: false,
    queenBorn: 2025,
    foodFrames: { sealed: 3, nectar: 2, pollen: 1 },
    heft: 'fair',
    superSealed: 0.8,
    undrawnLeft: 2,
    toRenew: 1,
    crossComb: true,
    signs: ['ropy-cell'],
    deadOnFloor: 'few',
    damp: ['walls'],
    mould: ['top'],
    visitors: ['mouse'],
  }
  const TREATMENT = {
    amount: '2 strips',
    until: '2026-09-30',
    labelDays: 42,
    fromCelsius: 12,
    toCelsius: 30,
    highCelsius: 18,
    batch: 'B7',
    supplier: 'the club',
    boughtOn: '2026-08-01',
    expiresOn: '2027-08-01',
    withdrawalDays: 5,
    supersMayStay: true,
  }
  const CROP = { boxIds: ['a'], sealedShare: 0.9, water: 0.174, squares: 4, sections: 12 }
  it.each([
    ['look', {}, LOOK],
    ['treatment', { product: 'strips' }, TREATMENT],
    ['crop', { kg: 12 }, CROP],
  ] as const)('of a %s says everything that was written in it', (sort, least, all) => {
    const line = (body: object) => entryInWords(entry(sort, '2026-05-19T15:00', body as never), READER)
    for (const [name, value] of Object.entries(all))
      expect(line({ ...least, [name]: value }), name).not.toBe(line(least))
  })

  it('of a look says how many cells of each sort, and where', () => {
    const line = entryInWords(entry('look', '2026-05-19T15:00', LOOK), READER)
    expect(line).toContain('queen cells: 1 open, 2 sealed, at the edge')
  })
})

describe('the book in words', () => {
  it('names what is seen, and no disease', () => {
    expect(Object.keys(SIGN_WORDS).sort()).toEqual([...SIGNS].sort())
    expect(Object.values(SIGN_WORDS).join(' ') + SIGN_CAUTION).not.toMatch(/foulbrood|nosem|varroo|virus|paralys/i)
    expect(SIGN_CAUTION).toMatch(/must be reported/)
  })

  it('tells an entry in a line: what was said, and nothing that was not', () => {
    const said = (of: Parameters<typeof entryInWords>[0], reader = READER) => entryInWords(of, reader)
    expect(said(entry('look', '2026-05-10T10:00', {}))).toBe('Inspected: nothing noted')
    expect(said(entry('look', '2026-05-10T10:00', { queen: 'seen', cells: { sealed: 2 }, heft: 'light' }))).toBe(
      'Inspected: queen seen; queen cells: 2 sealed; hefts light',
    )
    expect(said(entry('mites', '2026-05-10T10:00', { way: 'wash', mites: 6, bees: 300 }))).toBe(
      'Mites counted: 2.0 in 100 bees',
    )
    expect(said(entry('feed', '2026-05-10T10:00', { feed: 'fondant', kg: 1 }), AMERICAN)).toBe('Fed 2.2 lb of fondant')
    expect(said(entry('treatment', '2026-05-10T10:00', { product: 'strips', until: '2026-06-21' }), AMERICAN)).toMatch(
      /until Jun 21, 2026/,
    )
    expect(said(entry('fate', '2026-05-10T10:00', { fate: 'dead', cause: 'starved' }))).toMatch(/dead: starved/)
  })

  it('tells what is due with why, and that in the cold no box is parted', () => {
    const line = (reason: DueLine['reason']) =>
      dueInWords({ id: 'x', hiveId: 'h', day: '2026-05-10', reason }, READER, () => 'the rim')
    expect(line({ due: 'look', because: 'cells', lastLook: '2026-05-09' })).toEqual({
      text: 'Inspect it',
      why: 'last inspection 9 May 2026; queen cells that may be sealed tomorrow',
    })
    expect(line({ due: 'visit', stage: 'winter', stands: 'flow', parting: 'cold' }).why).toMatch(
      /in the cold no box is parted/,
    )
    expect(line({ due: 'visit', stage: 'flow', stands: 'supering', parting: 'free' }).why).not.toMatch(/cold/)
    expect(line({ due: 'headspace', partId: 'p' }).text).toBe('Take off the rim')
    expect(line({ due: 'back', partId: 'p', to: 'Kiln Bank', since: '2026-05-01' })).toEqual({
      text: 'The rim is due back at Kiln Bank',
      why: 'borrowed 1 May 2026; while bees live in it, ask for longer',
    })
    expect(line({ due: 'cells', sealed: 2 }).why).toMatch(/2 sealed queen cells: several virgins mean casts/)
    expect(line({ due: 'act', open: 2, sealed: 0 }).why).toMatch(/one may be sealed tomorrow/)
  })

  it('tells what follows from a look in figures and days; in the cold no box is due and no look', () => {
    const look: Look = { broodFrames: { sealed: 4 }, cells: { open: 1 }, seams: [{ boxId: brood, seams: 7 }] }
    expect(follows(look)).toMatchObject({
      'to-come': expect.stringMatching(/thousand within 12 days/),
      cells: expect.stringMatching(/^act now: one may be sealed from 11 May 2026 on/),
      room: expect.stringMatching(/6 of 10 combs free/),
      next: 'none: act at this one',
    })
    expect(isCold(stageOn('2026-12-10', yearOf(yard)))).toBe(true)
    const cold = follows(look, '2026-12-10')
    expect(cold.room).toBeUndefined()
    expect(cold.next).toMatch(/no hive is opened in the cold/)
    expect(follows({ ...look, celsius: 6 }).next).toMatch(/^none/)
  })

  it('says what stands against a treatment, each with its figure', () => {
    expect(treatmentWarningInWords({ warning: 'too-cold', highCelsius: 5, limitCelsius: 15 }, READER)).toMatch(
      /5 °C.*15 °C/,
    )
    expect(treatmentWarningInWords({ warning: 'supers-on', supers: 1 }, READER)).toMatch(
      /1 super on: .* comes off first/,
    )
    expect(treatmentWarningInWords({ warning: 'crop-too-early', day: '2026-08-01', from: undefined }, READER)).toMatch(
      /may still be in/,
    )
  })
})

describe('a look and the hive', () => {
  it('writes what combs hold onto the frames, brood before food, as one edit that can be taken back', () => {
    const seen = { boxId: brood, contentId: contents[0]!.id }
    const edit = ontoFrames(yard, { combs: [{ ...seen, brood: ['sealed'], food: ['pollen'] }] })!
    const done = applyEdit(yard, edit)
    if (!done.ok) throw new Error('not done')
    const comb = (of: typeof yard) => of.parts.find(({ id }) => id === brood)!.contents[0]
    expect(comb(done.yard)).toMatchObject({ holds: 'brood', comb: 'drawn' })
    const back = applyEdit(done.yard, done.inverse)
    expect(back.ok && back.yard).toEqual(yard)
    expect(ontoFrames(done.yard, { combs: [{ ...seen, brood: ['sealed'] }] })).toBeUndefined()
    expect(ontoFrames(yard, { combs: [{ ...seen, bees: 'full' }] })).toBeUndefined()
    expect(ontoFrames(yard, { combs: [{ boxId: 'gone', contentId: 'gone', brood: ['eggs'] }] })).toBeUndefined()
  })

  it('goes with its yard under other identities, answers to it too', () => {
    const other = {
      ...yard,
      hives: [{ ...hive, id: 'h2' }],
      parts: yard.parts.map((part) => (part.id === brood ? { ...part, id: 'box2' } : part)),
    }
    const look = entry('look', '2026-05-10T10:00', { seams: [{ boxId: brood, seams: 3 }] }, { hiveId: hive.id })
    const answer = entry(
      'answer',
      '2026-05-10T10:00',
      { to: `off:${brood}:2026-06-01`, answer: 'done' },
      { hiveId: hive.id },
    )
    const crop = entry('crop', '2026-05-10T10:00', { kg: 3, boxIds: [brood] }, { hiveId: hive.id })
    const [a, b, c] = entriesRenamed([look, answer, crop], yard, other)
    expect(a).toMatchObject({ hiveId: 'h2', body: { seams: [{ boxId: 'box2', seams: 3 }] } })
    expect(b).toMatchObject({ body: { to: 'off:box2:2026-06-01' } })
    expect(c).toMatchObject({ body: { boxIds: ['box2'] } })
    expect(entriesRenamed([look], yard, yard)[0]).toBe(look)
  })
})
