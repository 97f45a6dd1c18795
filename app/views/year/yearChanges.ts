import { until } from '@vueuse/core'
import type { Ref } from 'vue'
import { hiveIn, laidIn, plannedHiveIn, plannedLaidIn, type PlannedYear } from '#core/ask'
import { catalogueOf } from '#core/parts'
import type { Stage, Yard } from '#core/yard'
import { ANY_TIME, changeoverOf, isWanted, yardVisit, type HiveChangeover, type PlannedStage } from '#core/year'
import { storingInWords } from '#core/words'
import { namesApart } from '~/composables/kitName'
import { plannedAt, hivesById, type PlannedAt } from './plannedAt'

/** What is looked at: a stage, from what stands now or from the stage before it, and a hive. */
interface Looked {
  readonly yard: Ref<Yard | undefined>
  readonly stage: Ref<Stage>
  readonly before: Ref<Stage>
  readonly from: Ref<'now' | 'before'>
  readonly hiveId: Ref<string | null>
  /** Whether what the whole yard takes is worked out too. */
  readonly isAsked: Ref<boolean>
}

/** Hives are looked through for one that changes, so many of them. */
const LOOKED_THROUGH = 12

/** What it takes at each hive of a yard, asked one by one. */
function useChangeovers(
  { yard, stage, before, from }: Pick<Looked, 'yard' | 'stage' | 'before' | 'from'>,
  partial: Ref<PlannedYear | null>,
) {
  const view = useView()
  const standing = computed(() => hivesById(yard.value))
  const planned = computed(() => plannedAt(yard.value, partial.value, stage.value))
  /** The stage that a changeover begins from, where it does not begin from what stands now. */
  const beginsFrom = computed(() => {
    const earlier = from.value === 'before' ? before.value : null
    return ({ one, all }: PlannedAt) => (earlier && !ANY_TIME.includes(one.stage) ? all.get(earlier) : undefined)
  })
  /** What it takes at one hive; worked out once for each. */
  const changeover = computed(() => {
    const known = new WeakMap<PlannedStage, HiveChangeover>()
    const [hives, inYard, places, start] = [standing.value, yard.value, view.places, beginsFrom.value]
    return (asked: PlannedAt): HiveChangeover | undefined => {
      const hive = hives.get(asked.id)
      if (!inYard || !hive) return undefined
      const first = start(asked)
      const made =
        known.get(asked.one) ??
        changeoverOf(
          first ? plannedHiveIn(inYard, first) : hiveIn(inYard, hive),
          plannedHiveIn(inYard, asked.one),
          catalogueOf(inYard),
          places,
        )
      known.set(asked.one, made)
      return made
    }
  })
  return { standing, planned, beginsFrom, changeover }
}

/** What changes at every hive of a yard from one stage to the next, and what that takes along and brings home. */
export function useYearChanges({ yard, stage, before, from, hiveId, isAsked }: Looked) {
  const view = useView()
  const foods = useFoods()
  const weighing = useWeighing()
  const { year, partial, done, running, cancel } = usePlannedYear(
    yard,
    computed(() => weighing.own),
  )
  const { standing, planned, beginsFrom, changeover } = useChangeovers({ yard, stage, before, from }, partial)
  const shownAt = computed(
    () =>
      planned.value.find(({ id }) => id === (hiveId.value ?? view.hive?.id)) ??
      planned.value.slice(0, LOOKED_THROUGH).find((one) => changeover.value(one)?.steps.length) ??
      planned.value[0],
  )
  const shown = computed(() => shownAt.value && changeover.value(shownAt.value))
  /** The hive before and after what is shown. */
  const between = computed(() => {
    const asked = shownAt.value
    const hive = asked && standing.value.get(asked.id)
    if (!asked || !hive || !yard.value) return null
    const first = beginsFrom.value(asked)
    return {
      from: first ? plannedLaidIn(yard.value, first) : laidIn(yard.value, hive),
      to: plannedLaidIn(yard.value, asked.one),
    }
  })
  /** The whole yard, once its year is written. */
  const sliced = useSliced(
    computed(() => (year.value && isAsked.value ? planned.value : null)),
    changeover,
  )
  const changeovers = computed(() => sliced.value?.flatMap((one) => one ?? []) ?? null)

  /** The plan of what the food of each hive lets go: no step is done or printed by an older one. */
  async function whole(yardId: string): Promise<void> {
    await foods.whenKnown(yardId)
    await nextTick()
    await until(running).toBe(false)
  }
  const shownHive = computed(() => standing.value.get(shown.value?.hiveId ?? ''))
  const ofYear = { year, partial, done, running, cancel, whole }
  return reactive({ ...ofYear, standing, planned, shownAt, shown, shownHive, between, changeovers })
}
/** What a year's changeovers come to, as they are shown. */
export type YearChanges = ReturnType<typeof useYearChanges>

/** What the visit to a whole yard takes: the work, the van, what comes home, and the hives to which nothing is done. */
export function useYardVisit(yard: Ref<Yard>, changes: YearChanges) {
  const preferences = usePreferences()
  const catalogue = computed(() => catalogueOf(yard.value))
  const visit = computed(() => yardVisit(changes.changeovers ?? [], isWanted))
  const untouched = computed(() => {
    const names = (ids: readonly string[]) =>
      ids
        .map((id) => changes.standing.get(id)?.name ?? '')
        .sort((a, b) => a.localeCompare(b))
        .join(', ')
    const known = new Set(changes.planned.map(({ id }) => id))
    const still = (changes.changeovers ?? []).filter(({ steps }) => steps.length === 0)
    return {
      asTheyStand: names(still.map(({ hiveId }) => hiveId)),
      notInPlan: names([...changes.standing.keys()].filter((id) => !known.has(id))),
    }
  })
  const keeping = computed(() =>
    visit.value.bring.flatMap(({ patternId }) => {
      const pattern = catalogue.value.patterns.get(patternId)
      const held = (changes.changeovers ?? []).flatMap(({ leaving, parts }) =>
        leaving.flatMap((id) => {
          const part = parts.get(id)
          return part?.patternId === patternId ? part.hasHeld : []
        }),
      )
      const words = pattern ? storingInWords(pattern, held, preferences.reader) : ''
      return words ? [words] : []
    }),
  )
  const name = computed(() =>
    namesApart(
      [...visit.value.take, ...visit.value.bring].map(({ patternId }) => patternId),
      catalogue.value,
      preferences.vocabulary,
    ),
  )
  const kitLine = ({ patternId, count, toGet }: (typeof visit.value.take)[number]) =>
    `${count} × ${name.value(patternId)}${toGet > 0 ? `, ${toGet} to get` : ''}`
  return reactive({ visit, untouched, keeping, name, kitLine })
}
