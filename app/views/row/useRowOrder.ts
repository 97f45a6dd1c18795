import { computed, type Ref } from 'vue'
import { SEVERITIES, type Grade } from '#core/stack'
import type { Verdict } from '#core/words'
import { STAGES, type Hive, type Stage, type Yard } from '#core/yard'
import type { LaidHive } from '#core/ask'
import { heaviestOf } from './useHiveInRow'
import { useSliced } from '~/composables/useSliced'

/** How the hives of a row can be put in order, and what that is called. */
export const ORDERS = [
  ['standing', 'As they stand'],
  ['worst', 'Worst first'],
  ['heaviest', 'Heaviest lift first'],
  ['name', 'By name'],
  ['stage', 'By stage'],
] as const
/** In what order a row shows its hives. */
export type Order = (typeof ORDERS)[number][0]
export const LAYOUTS = [
  ['line', 'In a line'],
  ['grid', 'Close together'],
] as const
/** Whether a row stands on one line or close together. */
export type RowLayout = (typeof LAYOUTS)[number][0]

/** What is shown of a row, in which order. */
export interface RowLook {
  readonly search: string
  readonly order: Order
  readonly grade: Exclude<Grade, 'note'> | null
}

const GRADES: readonly Grade[] = [...SEVERITIES, 'good']

/**
 * The hives of a yard that are looked for, in the order asked for. Until the worst of each is known, all are shown as
 * they stand.
 */
export function useRowOrder(
  yard: Ref<Yard>,
  look: Ref<RowLook>,
  verdicts: Ref<ReadonlyMap<string, Verdict>>,
  stage: Ref<Stage | null>,
  knownOf: Ref<(hive: Hive) => LaidHive>,
): Ref<readonly Hive[]> {
  const weighed = useSliced(
    computed(() => (look.value.order === 'heaviest' ? yard.value.hives : null)),
    computed(() => {
      const [known, planned] = [knownOf.value, stage.value !== null]
      return (hive: Hive) => [hive.id, heaviestOf(known(hive), planned)] as const
    }),
  )
  return computed(() => {
    const asked = look.value.search.trim().toLowerCase()
    const { order, grade } = look.value
    const shown = yard.value.hives.filter(
      ({ id, name }) =>
        (!asked || name.toLowerCase().includes(asked)) && (!grade || verdicts.value.get(id)?.worst === grade),
    )
    const rank = (hive: Hive) => GRADES.indexOf(verdicts.value.get(hive.id)?.worst ?? 'good')
    switch (order) {
      case 'worst':
        return shown.sort((a, b) => rank(a) - rank(b))
      case 'heaviest': {
        const kgOf = new Map(weighed.value ?? [])
        return shown.sort((a, b) => (kgOf.get(b.id) ?? 0) - (kgOf.get(a.id) ?? 0))
      }
      case 'name':
        return shown.sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }))
      case 'stage':
        return shown.sort((a, b) => STAGES.indexOf(a.stage) - STAGES.indexOf(b.stage))
      case 'standing':
        return shown
    }
  })
}
