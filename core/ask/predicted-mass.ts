import { asPlanned, usualWeighing, type Range } from '../loads'
import type { Hive, Stage, Yard } from '../yard'
import { stageOn, yearOf } from '../year'
import { hiveAt } from './hive-in'

/**
 * What a hive would weigh on each of some days, kg: as it stands at its own stage, as planned at the others. Common
 * practice.
 * @param days moments or days, `2026-06-01`
 * @param timberKgPerM3 the yard's own figure where it is null
 */
export function predictedKgOn(
  yard: Yard,
  hive: Hive,
  days: readonly string[],
  timberKgPerM3: number | null,
): readonly Range[] {
  const year = yearOf(yard)
  const byStage = new Map<Stage, Range>()
  return days.map((day) => {
    const stage = stageOn(day, year)
    let kg = byStage.get(stage)
    if (!kg) {
      kg = hiveAt(yard, hive, stage).mass({ ...asPlanned(usualWeighing(stage)), timberKgPerM3 }).kg
      byStage.set(stage, kg)
    }
    return kg
  })
}
