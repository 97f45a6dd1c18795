import { catalogueOf } from '#core/parts'
import { waitsForWarmth, type DueLine } from '#core/book'
import type { Yard } from '#core/yard'
import { showTemperature } from '#core/units'
import type { OpenBook } from '#wire/answers'
import { clockOf } from '~/composables/localTime'
import { useKept } from '~/composables/kept'

/** What it is outside today, typed or by a sensor of these yards, and which lines wait for a warmer day. */
export function useOutside(yards: () => readonly Yard[], open: () => ReadonlyMap<string, OpenBook>, today: string) {
  const preferences = usePreferences()
  /** Typed for today: tomorrow it is asked again. */
  const typed = useKept<{ readonly day: string; readonly celsius: number } | null>('duvet.outside', null)
  const sensor = computed(() => {
    const said = yards().flatMap((yard) => {
      const known = open().get(yard.id)?.outside
      return known ? [{ ...known, name: yard.hives.find(({ id }) => id === known.hiveId)?.name ?? 'a hive' }] : []
    })
    return said.sort((a, b) => (a.at < b.at ? 1 : -1))[0]
  })
  const isTyped = computed(() => typed.value?.day === today)
  const celsius = computed({
    get: () => (isTyped.value ? typed.value?.celsius : sensor.value?.celsius),
    set: (next: number | undefined) => {
      typed.value = next === undefined ? null : { day: today, celsius: next }
    },
  })
  /** Whose sensor says it, until something is typed. */
  const bySensor = computed(() =>
    sensor.value && !isTyped.value ? `by the sensor outside ${sensor.value.name}, ${clockOf(sensor.value.at)}; ` : '',
  )
  /** Why a line waits for a warmer day. */
  function tooCold(line: DueLine, yard: Yard): string {
    const at = celsius.value
    const { figures } = catalogueOf(yard)
    const needs = at === undefined || line.day > today ? undefined : waitsForWarmth(line, at, figures)
    if (!needs || at === undefined) return ''
    const say = (one: number) => showTemperature(one, preferences.units)
    const cover = `no cover ${needs === 'brood' ? '' : 'is lifted '}below ${say(figures.lookLeastCelsius)}.`
    return needs === 'brood'
      ? `Not at ${say(at)}: no comb of brood is lifted below ${say(figures.lookBroodCelsius)}, ${cover}`
      : `Not at ${say(at)}: ${cover}`
  }
  return { celsius, bySensor, tooCold }
}
