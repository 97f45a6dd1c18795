import { useKept } from '~/composables/kept'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Stage } from '#core/yard'
import {
  USUAL_PROFILE,
  profileProblem,
  type LiftProfile,
  TIMBERS,
  usualWeighing,
  type Fullness,
  type Timber,
  type Weighing,
  asPlanned,
  mayHold,
} from '#core/loads'

/** How hives are weighed and lifted here; kept on this device and sent nowhere. */
export const useWeighing = defineStore('weighing', () => {
  const shown = useKept('duvet.weights', false)
  /** Holds as long as one looks at the view where it was chosen. */
  const fullness = ref<Fullness>('as-said')
  const asSaid = () => {
    fullness.value = 'as-said'
  }
  const timber = useKept<Timber | 'usual'>('duvet.timber', 'usual')
  /** How full a comb called full is, per cent; that of common practice where it is null. */
  const fillPercent = useKept<number | null>('duvet.fill', null, {
    serializer: {
      read: (text) => (text === '' ? null : Number(text)),
      write: (value) => (value === null ? '' : String(value)),
    },
  })
  const profile = useKept<LiftProfile>('duvet.profile', USUAL_PROFILE, { mergeDefaults: true })
  const own = computed<LiftProfile>(() => (profileProblem(profile.value) ? USUAL_PROFILE : profile.value))

  /** What frames were said to hold is true of today, not of a stage that is only planned. */
  function weighingAt(stage: Stage, planned = false): Weighing {
    const usual = usualWeighing(stage)
    const said = fullness.value
    const share = fillPercent.value === null ? null : fillPercent.value / 100
    return {
      ...usual,
      fullness: said === 'as-said' && planned ? usual.meanwhile : said,
      timberKgPerM3: timber.value === 'usual' ? null : (TIMBERS[timber.value]?.kgPerM3 ?? null),
      fill: share === null ? null : { low: share, middle: share, high: share },
    }
  }

  /** As it usually is at its stage, whatever the drawing is weighed as: what the other views go by. */
  function usualAt(stage: Stage, planned = false): Weighing {
    const { timberKgPerM3, fill } = weighingAt(stage)
    const usual = { ...usualWeighing(stage), timberKgPerM3, fill }
    return planned ? asPlanned(usual) : usual
  }
  /** The same for whoever lifts: the heavy bound of what nobody has spoken of. */
  function liftedAt(stage: Stage, planned = false): Weighing {
    const usual = mayHold(usualAt(stage))
    return planned ? asPlanned(usual) : usual
  }

  return { usualAt, liftedAt, asSaid, shown, fullness, timber, fillPercent, profile, own, weighingAt }
})
