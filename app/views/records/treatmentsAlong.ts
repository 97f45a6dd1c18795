import { treatmentsStillOn, type Entry } from '#core/book'
import { localToday } from '~/composables/localTime'
import { useWritten } from '~/composables/newEntry'

/** Treatments that are not over go along with the combs of a hive into the books of those that get them. */
export function useTreatmentsAlong() {
  const written = useWritten()
  return (own: readonly Entry[], from: string, toHiveIds: readonly string[]): Entry[] =>
    treatmentsStillOn(own, localToday()).flatMap(({ at, body }) =>
      toHiveIds.map((hiveId): Entry => ({
        ...written(hiveId, at),
        note: `Came with combs of ${from}.`,
        sort: 'treatment',
        body,
      })),
    )
}
