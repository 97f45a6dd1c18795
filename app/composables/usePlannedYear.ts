import { proxy } from 'comlink'
import { onScopeDispose, ref, shallowRef, toRaw, watch, type Ref } from 'vue'
import type { Yard } from '#core/yard'
import type { LiftProfile } from '#core/loads'
import type { PlannedYear } from '#core/ask'
import { afterDrawing } from './useInTurn'
import { useFoods } from '~/stores/foods'
import { patience } from '~/journal/patience'
import { planDoor } from './doors'

/** What has come so far is shown again no oftener than this. */
const SHOW_EVERY_MS = 250

/**
 * A yard through its year, written in the worker; with progress, a newer question stops an older one, and it can be
 * stopped. `partial` grows hive by hive, `year` is the whole of it.
 */
export function usePlannedYear(yard: Ref<Yard | undefined>, profile: Ref<LiftProfile>) {
  const year = shallowRef<PlannedYear | null>(null)
  const partial = shallowRef<PlannedYear | null>(null)
  const done = ref(0)
  const running = ref(false)
  const foods = useFoods()
  let round = 0

  async function write(): Promise<void> {
    const mine = ++round
    if (!yard.value) return
    running.value = true
    done.value = 0
    // The yard is handed to the worker once what is seen is drawn, and its food is known: a plan is not shown twice.
    await afterDrawing()
    await Promise.race([foods.whenKnown(yard.value.id), patience()])
    if (mine !== round) return
    const started = performance.now()
    const all: { hives: PlannedYear['hives'][number][]; figures: PlannedYear['figures'][number][] } = {
      hives: [],
      figures: [],
    }
    let told = 0
    const take = (some: PlannedYear) => {
      if (mine !== round) return
      all.hives.push(...some.hives)
      all.figures.push(...some.figures)
      done.value = all.hives.length
      // An older year stays on the screen until the newer one is whole.
      if (year.value || performance.now() - told < SHOW_EVERY_MS) return
      told = performance.now()
      partial.value = { ...all }
    }
    const whole = await planDoor().yearOfYard(
      toRaw(yard.value),
      { ...profile.value },
      proxy(take),
      proxy(() => mine !== round),
    )
    if (mine !== round) return
    running.value = false
    performance.measure('planned-year', { start: started })
    if (!whole) return
    year.value = { ...all }
    partial.value = year.value
  }
  function cancel(): void {
    round++
    running.value = false
  }

  watch([yard, profile], () => void write(), { immediate: true })
  onScopeDispose(cancel)
  return { year, partial, done, running, cancel }
}
