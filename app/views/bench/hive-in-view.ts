import { localToday } from '~/composables/localTime'
import { computed, ref, shallowRef, type Ref } from 'vue'
import { CATALOGUE, catalogueOf } from '#core/parts'
import {
  ANY_TIME,
  dropPlan,
  keepPlan,
  planEdit,
  promisesOf,
  stagesOf,
  writeHive,
  yardAsPlanned,
  type PlannedStage,
} from '#core/year'
import type { Edit, Hive, Stage, Yard } from '#core/yard'
import { hiveIn, type HiveIn } from '#core/ask'
import { usePreferences } from '~/stores/preferences'
import { useView } from '~/stores/view'
import { useYards } from '~/stores/yards'

const todayIs = localToday
export const NO_NAMES: ReadonlyMap<string, string> = new Map()

/** The hive that stands on the bench: as it is, or a stage of it as it is planned. */
export function hiveInView() {
  const preferences = usePreferences()
  const view = useView()
  const hiveId = ref<string | null>(null)
  /** The stage that is looked at as it is planned; null for the hive as it stands. */
  const planStage = ref<Stage | null>(null)
  /** An edit that is shown before it is made: a remedy looked at. */
  const tried = shallowRef<Edit | null>(null)

  const standingYard = computed(() => (hiveId.value ? view.yardOf(hiveId.value) : undefined))
  const standing = computed(() => standingYard.value?.hives.find(({ id }) => id === hiveId.value))
  const promised = computed(() => (standingYard.value ? promisesOf(standingYard.value) : new Map<string, string>()))
  /** This hive through the year, written from what stands there. */
  const plan = computed(() =>
    standingYard.value && standing.value
      ? writeHive(
          standingYard.value,
          standing.value,
          [...stagesOf(standingYard.value), ...ANY_TIME],
          new Map(promised.value),
        )
      : null,
  )
  const planned = computed<PlannedStage | null>(
    () => (planStage.value && plan.value?.stages.get(planStage.value)) || null,
  )
  const yard = computed(() =>
    planned.value && standingYard.value ? yardAsPlanned(standingYard.value, planned.value) : standingYard.value,
  )
  const hive = computed(() => (planned.value ? planned.value.hive : standing.value))
  const catalogue = computed(() => (standingYard.value ? catalogueOf(standingYard.value) : CATALOGUE))
  const known = computed(() => looked(yard.value, hive.value))
  const assessment = computed(() => known.value?.assessment ?? null)
  const names = computed(() => known.value?.names(preferences.reader.vocabulary) ?? NO_NAMES)

  function looked(inYard: Yard | undefined, one: Hive | undefined): HiveIn | null {
    return inYard && one ? hiveIn(inYard, one, planned.value ? { planned: true } : { today: todayIs() }) : null
  }

  const stands = { hiveId, planStage, tried, standingYard, standing, plan, planned }
  return { ...stands, yard, hive, catalogue, known, assessment, names, looked, ...plannedDeeds(stands) }
}

interface Planned {
  readonly tried: Ref<Edit | null>
  readonly standingYard: Ref<Yard | undefined>
  readonly planned: Ref<PlannedStage | null>
}

/** What is done to the hive in view: to what stands, or to the plan that is looked at. */
function plannedDeeds({ tried, standingYard, planned }: Planned) {
  const yards = useYards()
  function perform(edit: Edit): boolean {
    tried.value = null
    if (!standingYard.value) return false
    if (!planned.value) return yards.perform(standingYard.value.id, edit)
    const kept = planEdit(standingYard.value, planned.value, edit, () => crypto.randomUUID())
    if (!kept) {
      yards.message =
        'A plan keeps the stack, its fittings and the holes. Frames, sizes, names and accepted ' +
        'findings belong to the hive as it stands: go back to what stands now, and change them ' +
        'there.'
      return false
    }
    return yards.perform(standingYard.value.id, kept)
  }

  /** Gives up the plan by hand of the stage that is looked at, or keeps it although the writing has changed. */
  function settlePlan(keep: 'mine' | 'written'): void {
    if (!standingYard.value || !planned.value) return
    const edit =
      keep === 'mine'
        ? keepPlan(standingYard.value, planned.value)
        : dropPlan(standingYard.value, planned.value.hive.id, planned.value.stage)
    if (edit) yards.perform(standingYard.value.id, edit)
  }

  return { perform, settlePlan }
}
