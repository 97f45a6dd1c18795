import { HyperFormula } from 'hyperformula'
import { assess, assessHive, contextOf, measure } from '#core/rules'
import { CATALOGUE, type Part, type Role } from '#core/parts'
import { boxOfPattern, boxTable, frameTable, assembleHive, gapSumsOf, layOut, partsById } from '#core/stack'
import { buildHive, emptyYard, type Yard } from '#core/yard'
import type { Length } from '#core/units'
import { growthExponent, median, spread, tell, timed } from '../lib/measure'

type Layers = readonly (readonly [string, Role?])[]

const TWELVE: Layers = [
  ['stand-timber-200'],
  ['floor-mesh-national'],
  ['box-national-brood', 'brood'],
  ['box-national-brood', 'brood'],
  ['excluder-framed-national'],
  ['box-national-super-top-space', 'super'],
  ['box-national-super', 'super'],
  ['box-national-super', 'super'],
  ['box-national-super', 'super'],
  ['eke-shallow-national'],
  ['crown-national'],
  ['roof-telescoping-national'],
]

function yardOf(layers: Layers): Yard {
  let n = 0
  const { hive, parts } = buildHive({ name: 'Twill', stage: 'flow', stack: layers }, CATALOGUE, () => `i${n++}`)
  return { ...emptyYard('y', 'y'), hives: [hive], parts }
}

/** The same yard with parts that nothing has seen before, as after an edit of every one. */
const unseen = (yard: Yard): Yard => ({ ...yard, parts: yard.parts.map((part) => ({ ...part })) })

export function benchCore(): void {
  assessTwelve()
  againstSpreadsheet()
  growth()
  fitTables()
}

function assessTwelve(): void {
  const yard = yardOf(TWELVE)
  const findings = assessHive(yard, yard.hives[0]!).findings.length
  const runs = { rounds: 200, warmUp: 400 }
  const fresh = Array.from({ length: 1200 }, () => unseen(yard))
  let at = 0
  const cold = timed(
    () => {
      const one = fresh[at++ % fresh.length]!
      assessHive(one, one.hives[0]!)
    },
    { rounds: 600, warmUp: 600 },
  )
  const warm = timed(() => assessHive(yard, yard.hives[0]!), runs)
  tell(`assess, 12 parts never seen before, ${findings} findings`, spread(cold), median(cold) <= 0.3, '0.3 ms')
  tell('assess, the same parts again', spread(warm), median(warm) <= 0.3, '0.3 ms')
  const assembled = assembleHive(yard.hives[0]!, partsById(yard), CATALOGUE)
  const context = contextOf(yard, yard.hives[0]!)
  const looking = median(timed(() => assembleHive(yard.hives[0]!, partsById(yard), CATALOGUE), runs))
  const geometry = median(timed(() => measure(assembled, context), runs))
  const all = median(timed(() => assess(assembled, context), runs))
  tell(
    '  of it: looking up parts / geometry and verdicts / checks, ways out not tried',
    [looking, geometry, all - geometry].map((ms) => `${(ms * 1000).toFixed(0)} µs`).join(' / '),
  )
  tell(
    '  assessing against its geometry',
    `${(all / geometry).toFixed(1)} times`,
    all <= 3 * geometry,
    'at most 3 times',
  )
}

const length = (mm: number): Length => ({ mm, plusMinusMm: 0, source: { mark: 'own', text: 'bench' } })

/** The chain of gap sums of one stack, every recess changed, against a spreadsheet engine that does the same sums. */
function againstSpreadsheet(): void {
  const yard = yardOf(TWELVE)
  const hive = yard.hives[0]!
  const changed = (part: Part, by: number): Part => ({
    ...part,
    measured: {
      restDepth: length(9.525 + by),
      upperRecess: length(22 + by),
      rimDepth: length(7 + by),
      depth: length(225 + by),
    },
  })
  const versions = Array.from(
    { length: 4000 },
    (_, i) => new Map(yard.parts.map((part) => [part.id, changed(part, i / 1000)])),
  )
  const layouts = versions.slice(0, 16).map((parts) => layOut(assembleHive(hive, parts, CATALOGUE)))
  let at = 0
  const sums = timed(() => gapSumsOf(layouts[at++ % layouts.length]!), { rounds: 200, warmUp: 100, perRound: 100 })
  let next = 16
  const fromSizes = timed(() => gapSumsOf(layOut(assembleHive(hive, versions[next++]!, CATALOGUE))), {
    rounds: 1500,
    warmUp: 1500,
  })
  const rows = hive.stack.map((_, i) => [
    225,
    9.525,
    9.525,
    215.9,
    `=B${i + 1}-C${i + 1}`,
    `=A${i + 1}-E${i + 1}-D${i + 1}`,
    i > 0 ? `=E${i}+F${i + 1}` : null,
  ])
  const sheet = HyperFormula.buildFromArray(rows, { licenseKey: 'gpl-v3' })
  let by = 0
  const theirs = timed(
    () => {
      by += 0.001
      sheet.batch(() => {
        for (let row = 0; row < rows.length; row++)
          sheet.setCellContents({ sheet: 0, row, col: 0 }, [[225 + by, 9.525 + by, 9.525, 215.9]])
      })
      return sheet.getSheetValues(0)
    },
    { rounds: 200, warmUp: 100 },
  )
  sheet.destroy()
  const ratio = median(theirs) / median(sums)
  tell(
    'gap sums of 12 parts alone, every recess changed',
    `${spread(sums)}; spreadsheet ${spread(theirs)}; ratio ${ratio.toFixed(0)}`,
    ratio >= 200,
    'at least 200',
  )
  tell(
    '  the same with faces built anew from the sizes',
    `${spread(fromSizes)}; ratio ${(median(theirs) / median(fromSizes)).toFixed(0)}`,
  )
}

/** Every frame in every box, and every box on every box. */
function fitTables(): void {
  const yard = yardOf(TWELVE)
  const context = contextOf(yard, yard.hives[0]!)
  const run = () => {
    const boxes = [...CATALOGUE.patterns.values()]
      .filter(({ kind }) => kind === 'box')
      .map((pattern) => boxOfPattern(pattern, CATALOGUE))
    const frames = [...CATALOGUE.hanging.values()].filter(({ kind }) => kind === 'frame')
    return [frameTable(frames, boxes, context), boxTable(boxes, context)].map(
      (table) => table.length * table[0]!.length,
    )
  }
  const sizes = run()
  const times = timed(run, { rounds: 40, warmUp: 10 })
  tell(`whole Fit table, ${sizes.join(' + ')} cells`, spread(times), median(times) < 50, '50 ms')
}

function growth(): void {
  const points = [5, 10, 20, 40].map((size) => {
    const boxes: Layers = Array.from({ length: size - 3 }, () => ['box-langstroth-medium', 'super'] as const)
    const yard = yardOf([['floor-solid-langstroth'], ...boxes, ['crown-langstroth'], ['roof-telescoping-langstroth']])
    return { size, ms: median(timed(() => assessHive(yard, yard.hives[0]!), { rounds: 150, warmUp: 150 })) }
  })
  const exponent = growthExponent(points)
  tell(
    'assess, growth from 5 to 40 parts',
    `exponent ${exponent.toFixed(2)}; ` +
      `${points.map(({ size, ms }) => `${size}: ${(ms * 1000).toFixed(0)} µs`).join(', ')}`,
    exponent < 1.25,
    'linear',
  )
}
