import type { Handling, Move } from '#core/year'

const HEAVY = 3
const cost = (kg: number) => (kg >= HEAVY ? 1e9 : 0) + Math.round(kg * 1000) * 100 + 1

/** Does the moves by the rules of piles, last on, first off; what stands on the hive in the end. */
export function carriedOut(before: readonly Handling[], after: readonly Handling[], moves: readonly Move[]): string[] {
  const wanted = new Map(after.map((part) => [part.partId, part]))
  const piles = new Map<string, string[]>([['hive', before.map(({ partId }) => partId)]])
  const van = new Set(
    after.filter(({ partId }) => !before.some((part) => part.partId === partId)).map(({ partId }) => partId),
  )
  for (const { partId, from, to } of moves) {
    if (from === 'van') {
      if (!van.delete(partId)) throw new Error(`${partId} is not in the van`)
    } else if (piles.get(String(from))?.pop() !== partId) throw new Error(`${partId} is not on top of ${from}`)
    if (to === 'van') van.add(partId)
    else piles.set(String(to), [...(piles.get(String(to)) ?? []), partId])
  }
  for (const [name, pile] of piles)
    if (name !== 'hive' && pile.length > 0) throw new Error(`left lying: ${pile.join()}`)
  if ([...van].some((partId) => wanted.has(partId))) throw new Error('left in the van')
  return piles.get('hive')!
}

/**
 * The least work by going through every state, written apart from the product: any top to any pile, nothing taken for
 * granted.
 */
export function leastByExhaustion(before: readonly Handling[], after: readonly Handling[], places: number): number {
  const kg = new Map([...before, ...after].map((part) => [part.partId, part.kg]))
  const goalTurned = new Map(after.map((part) => [part.partId, part.standing]))
  // A part that has been off the hive may be put down as the goal has it: marked with a star.
  const start = JSON.stringify({
    p: [
      before.map(({ partId, standing }) => (goalTurned.get(partId) === standing ? `${partId}*` : partId)),
      ...Array.from({ length: places }, () => []),
    ],
    v: after
      .filter(({ partId }) => !before.some((part) => part.partId === partId))
      .map(({ partId }) => `${partId}*`)
      .sort(),
  })
  const goal = JSON.stringify(after.map(({ partId }) => `${partId}*`))
  const best = new Map<string, number>([[start, 0]])
  let edge: string[] = [start]
  let least = Number.POSITIVE_INFINITY
  while (edge.length > 0) {
    const next = new Set<string>()
    for (const text of edge) {
      const spent = best.get(text)!
      if (spent >= least) continue
      const { p, v } = JSON.parse(text) as { p: string[][]; v: string[] }
      if (JSON.stringify(p[0]) === goal) {
        least = Math.min(least, spent)
        continue
      }
      const go = (part: string, piles: string[][], van: string[]) => {
        const sorted = [piles[0], ...piles.slice(1).sort((a, b) => a.join().localeCompare(b.join()))]
        const key = JSON.stringify({ p: sorted, v: van.sort() })
        const total = spent + cost(kg.get(part.replace('*', ''))!)
        if (total < (best.get(key) ?? Number.POSITIVE_INFINITY)) {
          best.set(key, total)
          next.add(key)
        }
      }
      const starred = (part: string) => (part.endsWith('*') ? part : `${part}*`)
      p.forEach((pile, i) => {
        const part = pile.at(-1)
        if (part === undefined) return
        const lifted = p.map((one, k) => (k === i ? one.slice(0, -1) : one))
        if (!goalTurned.has(part.replace('*', ''))) go(part, lifted, [...v])
        else
          p.forEach((_, j) => {
            if (j !== i)
              go(
                part,
                lifted.map((one, k) => (k === j ? [...one, starred(part)] : one)),
                [...v],
              )
          })
      })
      v.forEach((part) =>
        p.forEach((_, j) =>
          go(
            part,
            p.map((one, k) => (k === j ? [...one, part] : one)),
            v.filter((one) => one !== part),
          ),
        ),
      )
    }
    edge = [...next]
  }
  return least
}

/** The work of moves in the same coin. */
export function coinOf(moves: readonly Move[]): number {
  return moves.reduce((sum, { kg }) => sum + cost(kg), 0)
}
