import { contextOf, measure, remediesOf } from '#core/rules'
import { catalogueOf } from '#core/parts'
import { assembleHive, partsById } from '#core/stack'
import type { Yard } from '#core/yard'
import { hiveIn } from '#core/ask'
import { demoPlan } from '../../demo/make-demo'
import { heldMb, median, milliseconds, tell } from '../lib/measure'
import { assessAll, manyHives } from './many-hives'

/** Hives and parts that nothing has seen before. */
function unseen(yard: Yard): Yard {
  return { ...yard, hives: yard.hives.map((hive) => ({ ...hive })), parts: yard.parts.map((part) => ({ ...part })) }
}

/** Geometry and verdicts of every hive, without a check. */
function geometryOf(yard: Yard): void {
  const [parts, catalogue] = [partsById(yard), catalogueOf(yard)]
  for (const hive of yard.hives) measure(assembleHive(hive, parts, catalogue), contextOf(yard, hive))
}

/** What the worker does for a large yard, beside the geometry alone, and what of it stays in memory. */
export async function benchThousand(): Promise<void> {
  const yard = manyHives(1000)
  await heap(yard)
  waysOut()
  const [whole, geometry]: [number[], number[]] = [[], []]
  for (let i = 0; i < 5; i++) {
    const [one, other] = [unseen(yard), unseen(yard)]
    geometry.push(await milliseconds(() => geometryOf(one)))
    whole.push(await milliseconds(() => assessAll(other)))
  }
  const ratio = median(whole) / median(geometry)
  tell('1 000 hives assessed against 1 000 times their geometry', `${ratio.toFixed(1)} times`, ratio <= 4, 'at most 4')
}

/** What is held in memory once every hive was assessed. */
async function heap(yard: Yard): Promise<void> {
  const kept = unseen(yard)
  await assessAll(kept)
  const mb = heldMb()
  tell(`heap with ${kept.hives.length} assessed hives`, `${mb.toFixed(0)} MB`, mb <= 100, '100 MB')
}

/** Opening a card tries its ways out: every finding of the demo, each for the first time. */
function waysOut(): void {
  const times = demoPlan().yards.flatMap((yard) =>
    yard.hives.flatMap((hive) =>
      hiveIn(yard, hive).assessment.findings.map((finding) => {
        const start = performance.now()
        remediesOf(finding)
        return performance.now() - start
      }),
    ),
  )
  const worst = Math.max(...times)
  tell(`ways out of a card, ${times.length} cards, the slowest`, `${worst.toFixed(1)} ms`, worst < 16, '16 ms')
}
