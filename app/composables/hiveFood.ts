import { foodOf, type FoodOfHive } from '#core/book'
import { hiveIn } from '#core/hive-in'
import type { Hive, Yard } from '#core/hive'
import { weighedOf } from '~/composables/hiveBook'
import { localToday } from '~/composables/localTime'
import { useBook } from '~/stores/book'
import { server } from '~/sync/server'

/** What the book and the scale of a hive say of its food today; undefined where its book cannot be asked. */
export async function foodAsked(yard: Yard, hive: Hive): Promise<FoodOfHive | undefined> {
  const [entries, weighed] = await Promise.all([useBook().ofHive(yard.id, hive.id), server.weighIns(yard.id, hive.id)])
  if (!entries) return undefined
  const isOfTheseBoxes = weighed.ok && weighed.value.boxesChangedAt === null
  return foodOf(
    hiveIn(yard, hive),
    entries.now,
    isOfTheseBoxes ? weighedOf(weighed.value.series.points) : [],
    localToday(),
  )
}
