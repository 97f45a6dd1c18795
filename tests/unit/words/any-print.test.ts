import fc from 'fast-check'
import { beforeAll, describe, expect, it, vi } from 'vitest'
import { dueOf } from '#core/book'
import { catalogueOf } from '#core/parts'
import { partsById } from '#core/stack'
import type { Yard } from '#core/yard'
import { hiveIn, winterForm, winterOf } from '#core/ask'
import { ANY_TIME, changeoverOf, partsWith, stagesOf, writeHive, yardVisit } from '#core/year'
import { verdictOf, patternName, winterSheet, dueInWords } from '#core/words'
import { stateOf } from '#core/heat'
import { sheetSchema } from '#wire/sheet-schema'
import { tickSheetsSchema } from '#wire/visit-print-schema'
import { readWith } from '#wire/read'
import { tickSheets } from '~/views/year/tickSheets'
import { anyYard } from '../../helpers/any-yard'
import { look, READERS } from '../../helpers/never-said'
import { runs } from '../../helpers/runs'

const TODAY = '2026-09-20'
/** Every text of what is printed, wherever it stands. */
const textsOf = (value: unknown): string[] =>
  typeof value === 'string'
    ? [value]
    : value !== null && typeof value === 'object'
      ? Object.entries(value).flatMap(([key, inner]) => (NO_TEXT.has(key) ? [] : textsOf(inner)))
      : []
const NO_TEXT = new Set(['drawing', 'link', 'paper', 'key', 'id', 'title', 'name'])

/** Throws with the sentence of the printer where it does not take what is sent. */
function taken(schema: Parameters<typeof readWith>[0], sent: unknown): void {
  const read = readWith(schema, JSON.parse(JSON.stringify(sent)))
  expect(read.ok ? '' : read.problem.sentence).toBe('')
}

/** The sheets of the change of a whole yard to a stage, as they are printed. */
function sheetsOf(yard: Yard, stage: (typeof ANY_TIME)[number], reader: (typeof READERS)[number]) {
  const parts = partsById(yard)
  const catalogue = catalogueOf(yard)
  const plans = yard.hives.flatMap((hive) => {
    const plan = writeHive(yard, hive, [stage]).stages.get(stage)
    return plan ? [[hive, plan] as const] : []
  })
  const changeovers = plans.map(([hive, plan]) =>
    changeoverOf({ hive, parts }, { hive: plan.hive, parts: partsWith(parts, plan) }, catalogue),
  )
  const visit = yardVisit(changeovers, () => true)
  const line = ({ patternId, count }: { readonly patternId: string; readonly count: number }) =>
    `${count} × ${patternName(patternId, catalogue, reader.vocabulary)}`
  return tickSheets(
    {
      yard,
      stage,
      plans: new Map(plans.map(([hive, plan]) => [hive.id, plan])),
      changeovers,
      visit,
      take: visit.take.map(line),
      bring: visit.bring.map(line),
      title: 'Any: to another stage',
      order: yard.hives,
    },
    reader,
    'A4',
    TODAY,
  )
}

describe('what is printed and listed of any yard', () => {
  beforeAll(() => void vi.stubGlobal('location', { origin: 'https://duvet.example' }))

  it('is in the words and figures of its reader, and is taken by the printer (property)', () => {
    let lines = 0
    fc.assert(
      fc.property(anyYard, fc.nat(20), (yard, n) => {
        const stages = [...stagesOf(yard), ...ANY_TIME]
        const stage = stages[n % stages.length]!
        for (const reader of READERS) {
          const sheets = sheetsOf(yard, stage, reader)
          taken(tickSheetsSchema, sheets)
          const winter = yard.hives.flatMap((hive) => {
            const wintering = winterForm(yard, hive)
            const of = winterOf(wintering)
            if (of.shell.enclosure.faces.length === 0) return []
            const state = stateOf(
              of.shell,
              { outsideCelsius: -5, beesKg: of.beesKg, inside: { warm: 'cluster' } },
              wintering.context.figures,
            )
            const page = { standing: hiveIn(yard, hive), wintering, before: state, state, food: of.food() }
            const sheet = winterSheet(page, reader)
            taken(sheetSchema, { ...sheet, paper: 'A4', drawings: [], stepDrawings: [] })
            return textsOf(sheet)
          })
          const due = dueOf(yard, [], TODAY).flatMap((line) => textsOf(dueInWords(line, reader, () => 'the part')))
          const said = yard.hives.map((hive) => verdictOf(hiveIn(yard, hive), reader).says)
          const texts = [...textsOf(sheets), ...winter, ...due, ...said]
          lines += texts.length
          look(texts, reader, `a print to ${stage}`)
        }
      }),
      { numRuns: runs(40) },
    )
    expect(lines).toBeGreaterThan(1000)
  }, 60_000)
})
