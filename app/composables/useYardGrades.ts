import { proxy, wrap, type Remote } from 'comlink'
import { onScopeDispose, ref, shallowRef, toRaw, watch, type Ref } from 'vue'
import type { Yard } from '#core/hive'
import type { AssessDoor } from '~/workers/assess.worker'
import type { HiveGrade } from '~/workers/assess-yard'
import { afterDrawing } from './useInTurn'

let door: Remote<AssessDoor> | undefined

/** The worker that looks at whole yards, opened once. */
export function openDoor(): Remote<AssessDoor> {
  door ??= wrap<AssessDoor>(new Worker(new URL('../workers/assess.worker.ts', import.meta.url), { type: 'module' }))
  return door
}

/** The worst grade of every hive of a yard, worked out in the worker; with progress, and it can be stopped. */
export function useYardGrades(yard: Ref<Yard>) {
  const grades = shallowRef<readonly HiveGrade[] | null>(null)
  const done = ref(0)
  const running = ref(false)
  let round = 0

  async function start(): Promise<void> {
    const mine = ++round
    running.value = true
    done.value = 0
    // The yard is handed to the worker once what is seen is drawn.
    await afterDrawing()
    if (mine !== round) return
    const started = performance.now()
    const result = await openDoor().assessYard(
      toRaw(yard.value),
      proxy((count: number) => {
        if (mine === round) done.value = count
      }),
      proxy(async () => mine !== round),
    )
    if (mine !== round) return
    running.value = false
    performance.measure('yard-grades', { start: started })
    if (result) grades.value = result
  }

  function cancel(): void {
    round++
    running.value = false
  }

  watch(yard, () => void start(), { immediate: true })
  onScopeDispose(cancel)
  return { grades, done, running, start, cancel }
}
