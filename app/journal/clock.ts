import { computed, reactive, ref } from 'vue'
import { clock } from '~/client/ask'
import { withSlipAs, withTimesRight, type Slip } from './machine'
import type { Held } from './held'

/** A clock that is off by more is wrong: the days of what is written would be, ms. */
const WRONG_MS = 600_000

/** Whose clock is right, where this device's and the server's are apart: the keeper says. */
export function useClocks({ state, become }: Held) {
  /** How much this device's clock is behind the server's where something written waits for the answer, ms. */
  const offMs = ref(0)
  const choice = ref<'server' | 'device' | null>(null)
  const asks = computed(() => choice.value === null && offMs.value !== 0 && state.value.slips.length > 0)

  /** What is to be sent of something written: with its times right, or null until the keeper has said whose are. */
  function withRightTimes(slip: Slip): Slip | null {
    if (slip.isRight || Math.abs(clock.offMs) <= WRONG_MS) return slip
    offMs.value = clock.offMs
    if (choice.value === null) return null
    if (choice.value === 'device') return slip
    const right = withTimesRight(slip, clock.offMs)
    become(withSlipAs(state.value, right))
    return right
  }

  return { shown: reactive({ offMs, choice, asks }), withRightTimes }
}
