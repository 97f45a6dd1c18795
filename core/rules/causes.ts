import { there } from '../units'
import { remediesOf, type Finding } from './finding'
import type { Remedy } from './remedy'

/** Findings that one and the same way out betters, with every way out of any of them once. */
export interface Cause {
  /** Worst first, as they were given; the first one names the cause. */
  readonly findings: readonly Finding[]
  /** Each with the finding whose words tell it, and whether it is a way out of others of them as well. */
  readonly ways: readonly {
    readonly remedy: Remedy
    readonly of: Finding
    readonly index: number
    readonly shared: boolean
  }[]
}

/** What is done to which parts: two remedies alike in this are one. */
function deedOf({ kind, partId = '', otherId = '', patternId = '', count = 0 }: Remedy): string {
  return [kind, partId, otherId, patternId, count].join(' ')
}

/**
 * Findings by what causes them: two have one cause where the same deed puts right or betters both, such as a box of the
 * wrong bee space between two others. What is accepted is settled and stands alone. The order of the findings is kept.
 * A way of showing, of our own.
 */
export function causesOf(findings: readonly Finding[]): Cause[] {
  const groups: Finding[][] = []
  const groupOf = new Map<string, Finding[]>()
  for (const finding of findings) {
    const deeds = finding.acceptance ? [] : remediesOf(finding)
    const known = deeds.map((remedy) => groupOf.get(deedOf(remedy))).find((group) => group !== undefined)
    const group = known ?? []
    if (!known) groups.push(group)
    group.push(finding)
    for (const remedy of deeds) if (!groupOf.has(deedOf(remedy))) groupOf.set(deedOf(remedy), group)
  }
  return groups.map((group) => ({ findings: group, ways: waysOf(group) }))
}

function waysOf(group: readonly Finding[]): Cause['ways'] {
  const all = group.flatMap((of) => remediesOf(of).map((remedy, index) => ({ remedy, of, index })))
  const times = new Map<string, number>()
  for (const { remedy } of all) times.set(deedOf(remedy), (times.get(deedOf(remedy)) ?? 0) + 1)
  return all
    .filter(({ remedy }, i) => all.findIndex((other) => deedOf(other.remedy) === deedOf(remedy)) === i)
    .map((way) => ({ ...way, shared: there(times.get(deedOf(way.remedy))) > 1 }))
}
