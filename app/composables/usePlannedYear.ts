import { proxy } from 'comlink'
import { onScopeDispose, ref, shallowRef, toRaw, watch, type Ref } from 'vue'
import type { Yard } from '#core/hive'
import type { LiftProfile } from '#core/lifting'
import type { PlannedYear } from '~/workers/plan-yard'
import { openDoor } from './useYardGrades'

/** A yard through its year, written in the worker; with progress, a newer question stops an older one, and it can be stopped. */
export function usePlannedYear(yard: Ref<Yard | undefined>, profile: Ref<LiftProfile>) {
  const year = shallowRef<PlannedYear | null>(null)
  const done = ref(0)
  const running = ref(false)
  let round = 0

  async function write(): Promise<void> {
    const mine = ++round
    if (!yard.value) return
    running.value = true
    done.value = 0
    const started = performance.now()
    const answer = await openDoor().yearOfYard(toRaw(yard.value), { ...profile.value }, proxy((count: number) => { if (mine === round) done.value = count }), proxy(() => mine !== round))
    if (mine !== round) return
    running.value = false
    performance.measure('planned-year', { start: started })
    if (answer) year.value = answer
  }
  function cancel(): void {
    round++
    running.value = false
  }

  watch([yard, profile], () => void write(), { immediate: true })
  onScopeDispose(cancel)
  return { year, done, running, cancel }
}
