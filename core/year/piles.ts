import type { VisitStep } from '../yard'

/** Where every layer is in the middle of a changeover, each pile bottom first. */
export interface Piles {
  readonly hive: readonly string[]
  /** The set-down places, the first place first. */
  readonly places: readonly (readonly string[])[]
  readonly van: readonly string[]
  /** What the last of the steps moved; null before the first. */
  readonly moved: VisitStep | null
}

type Pile = VisitStep['from']

/**
 * The piles after so many steps of a changeover, from the stack as it stands; fittings are by hand and in no pile. A
 * step takes its part from wherever it lies and puts it on top of a pile.
 * @throws RangeError when the count is not between nought and the number of steps
 */
export function pilesAfter(standing: readonly string[], steps: readonly VisitStep[], done: number): Piles {
  if (!Number.isInteger(done) || done < 0 || done > steps.length) throw new RangeError(`no such step: ${done}`)
  const moves = steps.filter(isMove)
  const piles = new Map<Pile, string[]>([
    ['hive', [...standing]],
    ['van', inVan(moves)],
  ])
  const pileOf = (pile: Pile) => {
    const known = piles.get(pile) ?? []
    piles.set(pile, known)
    return known
  }
  for (const { to } of moves) pileOf(to)
  for (const { partId, from, to } of steps.slice(0, done).filter(isMove)) {
    const source = pileOf(from)
    const at = source.lastIndexOf(partId)
    if (at >= 0) source.splice(at, 1)
    pileOf(to).push(partId)
  }
  const numbers = [...piles.keys()].filter((pile) => typeof pile === 'number').sort((a, b) => a - b)
  return {
    hive: pileOf('hive'),
    places: numbers.map(pileOf),
    van: pileOf('van'),
    moved: steps[done - 1] ?? null,
  }
}

/** Fittings and changes of a part where it is, such as a hole that is closed, lift nothing. */
function isMove({ from, to, attachment }: VisitStep): boolean {
  return !attachment && from !== to
}

/** What is brought: parts whose first move is out of the van, the first to be needed on top. */
function inVan(moves: readonly VisitStep[]): string[] {
  const first = new Map<string, Pile>()
  for (const { partId, from } of moves) if (!first.has(partId)) first.set(partId, from)
  return [...first].flatMap(([partId, from]) => (from === 'van' ? [partId] : [])).reverse()
}
