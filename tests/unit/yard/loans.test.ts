import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE, type Part } from '#core/parts'
import {
  applyEdit,
  counterparts,
  emptyYard,
  findPart,
  loansOf,
  newPart,
  newPlacement,
  planOf,
  planProblem,
  shedOf,
  withoutLoan,
  type Edit,
  type Yard,
} from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { counter } from '../../helpers/hives'
import { twoHives } from '../../helpers/edits'

const makeId = counter('box')
const boxes = ['box-national-super', 'box-national-super', 'box-national-brood'].map((id) =>
  newPart(CATALOGUE.patterns.get(id)!, CATALOGUE, makeId),
)
const shed: Yard = { ...emptyYard('shed', 'Club shed'), parts: boxes }
const home: Yard = { ...twoHives(), id: 'home' }
const TO_HOME = { yardId: 'home', name: 'Kiln Bank', since: '2026-05-01', backBy: '2026-09-01' }
const must = (yard: Yard, edit: Edit): Yard => {
  const done = applyEdit(yard, edit)
  if (!done.ok) throw new Error(done.problem.reason)
  return done.yard
}
const why = (yard: Yard, edit: Edit) => {
  const done = applyEdit(yard, edit)
  return done.ok ? null : done.problem.reason
}

/** Both yards after an edit in one of them, as the server makes it. */
function both(yards: Record<string, Yard>, yardId: string, edit: Edit): Record<string, Yard> {
  const found = counterparts(yards[yardId]!, edit, (id) => yards[id])
  if (!found.ok) throw new Error(found.problem.reason)
  const next = { ...yards, [yardId]: must(yards[yardId]!, edit) }
  for (const one of found.of) next[one.yardId] = must(next[one.yardId]!, one.edit)
  return next
}
const start = { shed, home }
const lending = (...parts: Part[]) => deeds.lend(parts, TO_HOME)
const problemOf = (yards: Record<string, Yard>, yardId: string, edit: Edit) => {
  const found = counterparts(yards[yardId]!, edit, (id) => yards[id])
  return found.ok ? null : found.problem.reason
}
const withBoxOn = (yard: Yard, part: Part): Yard =>
  must(yard, {
    kind: 'place-part',
    hiveId: yard.hives[1]!.id,
    at: 3,
    placement: newPlacement(part.id, CATALOGUE.patterns.get(part.patternId)!, 'super'),
  })

describe('a loan', () => {
  it('leaves one shed and lies in the other, with whose it is, and never in both', () => {
    const now = both(start, 'shed', lending(boxes[0]!, boxes[2]!))
    expect(shedOf(now.shed!).map(({ id }) => id)).toEqual([boxes[1]!.id])
    expect(loansOf(now.shed!).lent.map(({ lent }) => [lent.name, lent.backBy])).toEqual([
      ['Kiln Bank', '2026-09-01'],
      ['Kiln Bank', '2026-09-01'],
    ])
    expect(shedOf(now.home!).map(({ id }) => id)).toEqual([boxes[0]!.id, boxes[2]!.id])
    expect(loansOf(now.home!).borrowed[0]!.borrowed).toEqual({ ...TO_HOME, yardId: 'shed', name: 'Club shed' })
  })

  it('comes home with what it has held meanwhile: a box that held brood there is no honey super here', () => {
    const lent = both(start, 'shed', lending(boxes[0]!))
    const used: Part = { ...findPart(lent.home!, boxes[0]!.id)!, hasHeld: ['brood'], condition: 'worn' }
    const worn = { ...lent, home: must(lent.home!, { kind: 'set-part', part: used }) }
    expect(problemOf(worn, 'shed', deeds.takeBack([boxes[0]!]))).toBe('changed-there')
    const back = both(worn, 'home', deeds.giveBack([boxes[0]!]))
    expect(findPart(back.shed!, boxes[0]!.id)).toEqual({ ...boxes[0], hasHeld: ['brood'], condition: 'worn' })
    expect(findPart(back.home!, boxes[0]!.id)).toBeUndefined()
  })

  it('is not given back, nor taken back, while it stands on a hive with bees in it', () => {
    const lent = both(start, 'shed', lending(boxes[0]!))
    const standing = { ...lent, home: withBoxOn(lent.home!, boxes[0]!) }
    expect(why(standing.home, { kind: 'give-back', partId: boxes[0]!.id })).toBe('part-already-placed')
    expect(problemOf(standing, 'shed', deeds.takeBack([boxes[0]!]))).toBe('stands-there')
  })

  it('cannot be stood on a hive of the yard that it left, dropped, or lent again', () => {
    const now = both(start, 'shed', lending(boxes[0]!)).shed!
    const [hive] = home.hives
    const yard = { ...now, hives: [{ ...hive!, stack: [], attachments: [] }] }
    const placement = newPlacement(boxes[0]!.id, CATALOGUE.patterns.get(boxes[0]!.patternId)!, 'super')
    expect(why(yard, { kind: 'place-part', hiveId: hive!.id, at: 0, placement })).toBe('part-lent')
    const laid = { ...yard.hives[0]!, stack: [placement] }
    expect(why(yard, { kind: 'replace-hive', hive: laid, parts: [] })).toBe('part-lent')
    expect(why(yard, { kind: 'drop-part', partId: boxes[0]!.id })).toBe('part-lent')
    expect(why(now, lending(boxes[0]!))).toBe('part-lent')
    expect(planProblem(planOf([{ ...yard, hives: [laid] }]))).toMatchObject({ problem: 'part-in-two-places' })
  })

  it('goes as it is: lending changes nothing else about a part, and what is borrowed is not lent on', () => {
    const renamed = { ...boxes[0]!, name: 'Mine', lent: TO_HOME }
    expect(why(shed, { kind: 'lend-part', part: renamed })).toBe('part-not-lent')
    const lent = both(start, 'shed', lending(boxes[0]!))
    const borrowed = findPart(lent.home!, boxes[0]!.id)!
    expect(why(lent.home!, deeds.lend([borrowed], { ...TO_HOME, yardId: 'shed' }))).toBe('part-not-lent')
    expect(why(lent.shed!, { kind: 'take-back', part: { ...boxes[0]!, patternId: 'roof-flat-national' } })).toBe(
      'part-not-lent',
    )
  })

  it('to somebody who is no yard here is of this yard alone', () => {
    const to = deeds.lend([boxes[0]!], { name: 'the school', since: '2026-05-01' })
    expect(counterparts(shed, to, () => undefined)).toEqual({ ok: true, of: [] })
    const away = must(shed, to)
    expect(must(away, deeds.takeBack([findPart(away, boxes[0]!.id)!]))).toEqual(shed)
    expect(problemOf({ shed }, 'shed', lending(boxes[0]!))).toBe('no-such-yard')
    expect(problemOf(start, 'shed', deeds.lend([boxes[0]!], { ...TO_HOME, yardId: 'shed' }))).toBe('own-yard')
  })

  it('takes the keeper’s own pattern along, and stops where that name means something else', () => {
    const own = { ...CATALOGUE.patterns.get('box-national-super')!, id: 'own-1', own: true }
    const part: Part = { ...boxes[0]!, patternId: 'own-1' }
    const from = { ...shed, patterns: [own], parts: [part] }
    expect(both({ shed: from, home }, 'shed', lending(part)).home!.patterns).toEqual([own])
    const other = { ...home, patterns: [{ ...own, label: { british: 'x', northAmerican: 'x' } }] }
    expect(problemOf({ shed: from, home: other }, 'shed', lending(part))).toBe('other-pattern')
  })

  it('undone in either yard is undone in both, whatever was lent in whatever order', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(2), fc.boolean()), { maxLength: 12 }), (turns) => {
        let yards: Record<string, Yard> = start
        for (const [n, byHome] of turns) {
          const part = boxes[n]!
          const isLent = findPart(yards.shed!, part.id)!.lent !== undefined
          const [yardId, edit] = !isLent
            ? (['shed', lending(part)] as const)
            : byHome
              ? (['home', deeds.giveBack([part])] as const)
              : (['shed', deeds.takeBack([findPart(yards.shed!, part.id)!])] as const)
          const before = yards
          yards = both(yards, yardId, edit)
          const inverse = applyEdit(before[yardId]!, edit)
          const undone = inverse.ok ? both(yards, yardId, inverse.inverse) : undefined
          for (const id of ['shed', 'home'])
            expect(new Set(undone?.[id]!.parts.map((one) => JSON.stringify(one)))).toEqual(
              new Set(before[id]!.parts.map((one) => JSON.stringify(one))),
            )
          const lyingIn = [...shedOf(yards.shed!), ...shedOf(yards.home!)].map(({ id }) => id)
          expect(lyingIn.sort()).toEqual(boxes.map(({ id }) => id).sort())
        }
        expect(yards.shed!.parts.map((one) => withoutLoan(one))).toEqual(boxes)
      }),
    )
  })
})
