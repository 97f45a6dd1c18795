import type { Ref } from 'vue'
import type { Stage } from '#core/yard'
import type { yearOf, Border } from '#core/year'
import { bordersOf, periodsFromSpring, withBeginning } from '#core/year'
import { YEAR_DAYS, addDays, daysFrom } from '#core/units'
import { elementOf } from '~/composables/typed'

/** A day between the borders beside it. */
function within(day: string, { least, most }: Border): string {
  const room = daysFrom(least, most)
  const at = daysFrom(least, day)
  if (at <= room) return day
  return at - room < (YEAR_DAYS - room) / 2 ? most : least
}

const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, PageDown: -7, PageUp: 7 }

/** The borders of a year's stages, dragged along the ribbon or moved by keys; taken when they are let go. */
export function useBorders(
  ofYard: Ref<ReturnType<typeof yearOf>>,
  ribbon: Ref<HTMLElement | null>,
  take: (stage: Stage, day: string | null) => void,
) {
  /** What is being dragged, and the day that it is over. */
  const held = ref<{ readonly stage: Stage; readonly day: string } | null>(null)
  const year = computed(() =>
    held.value
      ? { ...ofYard.value, calendar: withBeginning(ofYard.value.calendar, held.value.stage, held.value.day) }
      : ofYard.value,
  )
  /** The ribbon stays where it is while its first border is dragged. */
  const start = computed(() => periodsFromSpring(ofYard.value)[0]!.from)
  const limits = computed(() => new Map(bordersOf(ofYard.value).map((border) => [border.stage, border])))
  function grab(event: PointerEvent, border: Border) {
    elementOf(event)?.setPointerCapture(event.pointerId)
    held.value = { stage: border.stage, day: border.from }
  }
  function drag(event: PointerEvent) {
    const box = ribbon.value?.getBoundingClientRect()
    const limit = held.value && limits.value.get(held.value.stage)
    if (!box || !held.value || !limit) return
    const day = Math.round(((event.clientX - box.left) / box.width) * YEAR_DAYS)
    held.value = { stage: held.value.stage, day: within(addDays(start.value, day), limit) }
  }
  function letGo() {
    const now = held.value
    held.value = null
    if (now && now.day !== limits.value.get(now.stage)?.from) take(now.stage, now.day)
  }
  function key(event: KeyboardEvent, border: Border) {
    const by = STEPS[event.key]
    if (event.key === 'Home' && border.moved) take(border.stage, null)
    else if (by !== undefined) take(border.stage, within(addDays(border.from, by), border))
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  return { held, year, start, grab, drag, letGo, key }
}
