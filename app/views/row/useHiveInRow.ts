import { computed } from 'vue'
import { liftsOf } from '#core/loads'
import { colonyIn, type Stage } from '#core/yard'
import type { LaidHive } from '#core/ask'
import { isBare } from '~/drawing/colony'
import { stackShapes } from '~/drawing/section'
import { useWeighing } from '~/stores/weighing'

/** A hive of the row: its drawing, what it weighs, its heaviest lift. */
export function useHiveInRow(props: Readonly<{ known: LaidHive; stage: Stage | null }>) {
  const weighing = useWeighing()
  const planned = computed(() => props.stage !== null)
  const colony = computed(() => colonyIn(props.known.yard, props.known.hive.id))
  const shapes = computed(() => stackShapes(props.known.layout, 'along', isBare(colony.value)))
  const weight = computed(() => {
    const { stage } = props.known.hive
    return {
      kg: props.known.mass(weighing.usualAt(stage, planned.value)).kg.middle,
      heaviest: heaviestOf(props.known, planned.value),
    }
  })
  return { shapes, weight, colony }
}

/** The heaviest lift of a full inspection, kg, as the row says it; 0 where nothing is lifted. */
export function heaviestOf(known: LaidHive, planned: boolean): number {
  const weighing = useWeighing()
  const lifted = known.mass(weighing.liftedAt(known.hive.stage, planned))
  return liftsOf(known.layout, lifted, weighing.own).heaviest?.kg.middle ?? 0
}
