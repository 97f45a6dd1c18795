import type { Ref } from 'vue'
import type { SensorPlace } from '#core/heat'
import type { HiveReadings } from '#wire/answers'
import { server } from '~/client/server'

/** A reading of these days takes the place of what is assumed, as long as the keeper does not say otherwise. */
const FRESH_MS = 7 * 86_400_000

/** What sensors say of a hive; without a server there is nothing. */
export function useWinterAir(place: Ref<{ yard: { id: string }; hive: { id: string } } | null>) {
  const air = shallowRef<HiveReadings<'air'> | null>(null)
  async function load(): Promise<void> {
    const at = place.value
    if (!at) return
    const answer = await server.readings(at.yard.id, at.hive.id, 'air')
    if (at.hive.id === place.value?.hive.id) air.value = answer.ok ? answer.value : null
  }
  watch(() => place.value?.hive.id, load, { immediate: true })
  const newest = (where: SensorPlace) => air.value?.series.find((one) => one.place === where)?.latest
  const measured = computed(() => newest('inside') ?? newest('crown'))
  const chosen = ref<boolean | null>(null)
  const isTaken = computed({
    get: () => chosen.value ?? (measured.value !== undefined && Date.now() - Date.parse(measured.value.at) < FRESH_MS),
    set: (taken: boolean) => {
      chosen.value = taken
    },
  })
  const outsideCelsius = computed(() => newest('outside')?.celsius)
  return reactive({ air, load, measured, isTaken, outsideCelsius })
}
