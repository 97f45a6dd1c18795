import { describe, expect, it } from 'vitest'
import { assessYard } from '~/workers/assess-yard'
import { CATALOGUE } from '#core/catalogue'
import { emptyYard, startHive, type Yard } from '#core/hive'
import { counter } from '../../helpers/hives'

function yardOf(count: number): Yard {
  const makeId = counter()
  const built = Array.from({ length: count }, (_, i) => startHive(i % 3 === 0 ? 'empty' : 'national', `Hive ${i}`, CATALOGUE, makeId))
  return { ...emptyYard('yard', 'Kiln Bank'), hives: built.map(({ hive }) => hive), parts: built.flatMap(({ parts }) => parts) }
}

describe('looking at a whole yard', () => {
  it('grades every hive and tells how far it is', async () => {
    const seen: number[] = []
    const grades = await assessYard(yardOf(120), (done) => seen.push(done), () => false)
    expect(grades).toHaveLength(120)
    expect(grades!.slice(0, 2).map(({ worst }) => worst)).toEqual(['good', 'watch'])
    expect(seen).toEqual([50, 100, 120])
  })

  it('stops when nobody waits any more', async () => {
    const seen: number[] = []
    expect(await assessYard(yardOf(400), (done) => seen.push(done), async () => seen.length >= 2)).toBeNull()
    expect(seen).toEqual([50, 100])
  })
})
