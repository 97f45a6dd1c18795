import { computed } from 'vue'
import { liftsOf } from '#core/lifting'
import type { Stage } from '#core/hive'
import type { LaidHive } from '#core/laid-hive'
import { fittingShapes, sectionOf } from '~/drawing/section'
import { useWeighing } from '~/stores/weighing'

/** A hive of the row: its drawing, what it weighs, its heaviest lift. */
export function useHiveInRow(props: Readonly<{ known: LaidHive; stage: Stage | null }>) {
  const weighing = useWeighing()
  const planned = computed(() => props.stage !== null)
  const shapes = computed(() => [
    ...props.known.layout.parts.flatMap((part) => sectionOf(part, 'along', true)),
    ...props.known.assembled.attached.flatMap((fitting) => fittingShapes(fitting, props.known.layout.parts, 'along')),
  ])
  const weight = computed(() => {
    const { stage } = props.known.hive
    return {
      kg: props.known.mass(weighing.usualAt(stage, planned.value)).kg.middle,
      heaviest: heaviestOf(props.known, planned.value),
    }
  })
  return { shapes, weight }
}

/** The heaviest lift of a full inspection, kg, as the row says it; 0 where nothing is lifted. */
export function heaviestOf(known: LaidHive, planned: boolean): number {
  const weighing = useWeighing()
  const lifted = known.mass(weighing.liftedAt(known.hive.stage, planned))
  return liftsOf(known.layout, lifted, weighing.own).heaviest?.kg.middle ?? 0
}
