import { assessHive } from './assess'
import type { Grade } from './checks'
import { gapKey, partsById } from './geometry'
import { applyEdit, type Edit, type Yard } from './hive'
import { comparableMm } from './units'

/** A gap that an edit would change, before and after. */
export interface GapChange {
  readonly hiveId: string
  readonly hiveName: string
  readonly lowerId: string
  readonly upperId: string
  readonly beforeMm: number
  readonly afterMm: number
  readonly beforeGrade: Grade
  readonly afterGrade: Grade
}

/** Every gap of a yard whose figure or grade an edit would change; null where the edit does not apply. */
export function gapsChangedBy(yard: Yard, edit: Edit): GapChange[] | null {
  const applied = applyEdit(yard, edit)
  if (!applied.ok) return null
  const [before, after] = [partsById(yard), partsById(applied.yard)]
  return yard.hives.flatMap((hive, at) => {
    const now = assessHive(yard, hive, before).gaps
    const then = assessHive(applied.yard, applied.yard.hives[at]!, after).gaps
    return now.flatMap((gap) => {
      const same = then.find((other) => gapKey(other) === gapKey(gap))
      if (!same || (comparableMm(same.mm) === comparableMm(gap.mm) && same.grade === gap.grade)) return []
      return [
        {
          hiveId: hive.id,
          hiveName: hive.name,
          lowerId: gap.lowerId,
          upperId: gap.upperId,
          beforeMm: gap.mm,
          afterMm: same.mm,
          beforeGrade: gap.grade,
          afterGrade: same.grade,
        },
      ]
    })
  })
}

/** Hives whose worst finding an edit would make another one. */
export interface VerdictChange {
  readonly from: Grade
  readonly to: Grade
  readonly hives: number
}

/** Of how many hives the verdict would be another one after an edit; null where it does not apply. */
export function verdictsChangedBy(yard: Yard, edit: Edit): VerdictChange[] | null {
  const applied = applyEdit(yard, edit)
  if (!applied.ok) return null
  const [before, after] = [partsById(yard), partsById(applied.yard)]
  const counts = new Map<string, { from: Grade; to: Grade; hives: number }>()
  yard.hives.forEach((hive, at) => {
    const from = assessHive(yard, hive, before).worst
    const to = assessHive(applied.yard, applied.yard.hives[at]!, after).worst
    if (from === to) return
    const key = `${from} ${to}`
    const known = counts.get(key)
    if (known) known.hives++
    else counts.set(key, { from, to, hives: 1 })
  })
  return [...counts.values()].sort((a, b) => b.hives - a.hives)
}
