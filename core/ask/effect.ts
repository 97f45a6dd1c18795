import { assessHive, type Assessment } from '../rules'
import { type Grade, gapKey, partsById } from '../stack'
import { applyEdit, type Edit, type Hive, type Yard } from '../yard'
import { comparableMm } from '../units'

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
  const assessed = assessedAround(yard, edit)
  if (!assessed) return null
  return assessed.flatMap(({ hive, now, then }) =>
    now.gaps.flatMap((gap) => {
      const same = then.gaps.find((other) => gapKey(other) === gapKey(gap))
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
    }),
  )
}

/** Every hive of a yard, assessed before and after an edit; null where it does not apply. */
function assessedAround(
  yard: Yard,
  edit: Edit,
): { readonly hive: Hive; readonly now: Assessment; readonly then: Assessment }[] | null {
  const applied = applyEdit(yard, edit)
  if (!applied.ok) return null
  const [before, after] = [partsById(yard), partsById(applied.yard)]
  return yard.hives.map((hive, at) => ({
    hive,
    now: assessHive(yard, hive, before),
    then: assessHive(applied.yard, applied.yard.hives[at]!, after),
  }))
}

/** Hives whose worst finding an edit would make another one. */
export interface VerdictChange {
  readonly from: Grade
  readonly to: Grade
  readonly hives: number
}

/** Of how many hives the verdict would be another one after an edit; null where it does not apply. */
export function verdictsChangedBy(yard: Yard, edit: Edit): VerdictChange[] | null {
  const assessed = assessedAround(yard, edit)
  if (!assessed) return null
  const counts = new Map<string, { from: Grade; to: Grade; hives: number }>()
  for (const { now, then } of assessed) {
    const [from, to] = [now.worst, then.worst]
    if (from === to) continue
    const key = `${from} ${to}`
    const known = counts.get(key)
    if (known) known.hives++
    else counts.set(key, { from, to, hives: 1 })
  }
  return [...counts.values()].sort((a, b) => b.hives - a.hives)
}
