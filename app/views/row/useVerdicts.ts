import { proxy } from 'comlink'
import { computed, onScopeDispose, ref, shallowRef, toRaw, watch, type Ref } from 'vue'
import type { AsOf } from '#core/rules'
import type { Yard } from '#core/yard'
import type { Verdict, Reader } from '#core/words'
import { assessDoor } from '~/composables/doors'
import { afterDrawing } from '~/composables/useInTurn'

const NONE: ReadonlyMap<string, Verdict> = new Map()

/**
 * What is said first of every hive of a yard, worked out in the worker some hives at a time, by their identity; it can
 * be stopped. What was said of a hive stays in sight until it is looked at again, unless the hive itself has changed.
 */
export function useVerdicts(yard: Ref<Yard>, look: Ref<AsOf>, reader: Ref<Reader>) {
  const verdicts = shallowRef(NONE)
  /** The same once every hive has been looked at, so that an order by it never jumps while it is worked out. */
  const complete = shallowRef(NONE)
  const looked = ref(0)
  const running = ref(false)
  let round = 0

  async function start(): Promise<void> {
    const mine = ++round
    running.value = true
    looked.value = 0
    // The yard is handed to the worker once what is seen is drawn.
    await afterDrawing()
    if (mine !== round) return
    const started = performance.now()
    const done = await assessDoor().assessYard(
      toRaw(yard.value),
      { ...look.value },
      { ...reader.value },
      proxy((some) => {
        if (mine !== round) return
        verdicts.value = new Map([...verdicts.value, ...some.map((one) => [one.hiveId, one] as const)])
        looked.value += some.length
      }),
      proxy(async () => mine !== round),
    )
    if (mine !== round) return
    running.value = false
    performance.measure('yard-verdicts', { start: started })
    if (done) complete.value = verdicts.value
  }

  function cancel(): void {
    round++
    running.value = false
  }

  const known = computed(() => new Set(yard.value.hives))
  watch(
    [yard, look, reader],
    (_now, [before]) => {
      const same = (before?.hives ?? []).filter((hive) => known.value.has(hive))
      verdicts.value = new Map(
        same.flatMap(({ id }) => {
          const one = verdicts.value.get(id)
          return one ? [[id, one] as const] : []
        }),
      )
      void start()
    },
    { immediate: true },
  )
  onScopeDispose(cancel)
  return { verdicts, complete, looked, running, cancel }
}
