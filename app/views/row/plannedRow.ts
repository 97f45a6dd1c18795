import { plannedLaidIn } from '#core/ask'
import { meaningOf, type Stage, type Yard } from '#core/yard'
import { yardAsPlanned } from '#core/year'

/** The hives of a row as they stand, or as a stage of the year has them, and how tall the tallest is. */
export function usePlannedRow(props: {
  readonly yard: Yard
  readonly stage: Stage | null
  readonly tallestMm: number
}) {
  const weighing = useWeighing()
  /** Written only once a stage of the year is asked for. */
  const planning = computed(() => (props.stage ? props.yard : undefined))
  const { year, running: writing } = usePlannedYear(
    planning,
    computed(() => weighing.own),
  )
  const plans = computed(() => year.value?.hives.map(({ stages }) => stages) ?? [])
  const shown = computed<Yard>(() => {
    const { stage } = props
    return stage && year.value
      ? yardAsPlanned(props.yard, ...plans.value.flatMap((stages) => stages.get(stage) ?? []))
      : props.yard
  })
  const planned = computed(() => {
    const { stage } = props
    return stage !== null && plans.value.some((stages) => stages.has(stage))
  })
  /** Tall enough for the flow as it is planned, so that the row grows and shrinks to one scale. */
  const tallest = computed(() => {
    if (!props.stage || !year.value) return props.tallestMm
    const all = plans.value.flatMap((stages) => [...stages.values()].filter(({ stage }) => meaningOf(stage).setsScale))
    return Math.max(props.tallestMm, ...all.map((one) => plannedLaidIn(props.yard, one).layout.heightMm))
  })
  return { shown, year, writing, planned, tallest }
}
