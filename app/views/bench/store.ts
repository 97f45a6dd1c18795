import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { applyEdit, type Stage } from '#core/yard'
import type { Axis } from '#core/parts'
import { showMass } from '#core/units'
import { handOver } from './hand'
import { hiveInView, NO_NAMES } from './hive-in-view'
import { usePreferences } from '~/stores/preferences'
import { useWeighing } from '~/stores/weighing'

/** The bench: one hive, what is selected, what is in the hand, what is being tried. */
export const useBench = defineStore('bench', () => {
  const inView = hiveInView()
  const held = handOver(inView)
  const { hive, hiveId, planStage, tried } = inView
  const { selectedId, hand } = held
  const selectedGap = ref<string | null>(null)
  const axis = ref<Axis>('along')

  watch(hive, (now) => {
    const there = now && [...now.stack, ...now.attachments].some(({ partId }) => partId === selectedId.value)
    if (selectedId.value && !there) selectedId.value = null
    if (hand.value?.from === 'stack' && !now?.stack.some(({ partId }) => partId === hand.value?.part.id))
      hand.value = null
  })

  function open(id: string): void {
    if (hiveId.value === id) return
    hiveId.value = id
    planStage.value = null
    selectedId.value = null
    selectedGap.value = null
    hand.value = null
    tried.value = null
  }

  /** Looks at a stage as it is planned; null looks at the hive as it stands again. */
  function lookAt(stage: Stage | null): void {
    hand.value = null
    tried.value = null
    selectedGap.value = null
    planStage.value = stage
  }

  return { ...inView, ...held, ...drawnOn(inView, held), selectedGap, axis, open, lookAt }
})

/** What is drawn: the trial while there is one, else the hive as it stands, with what it weighs. */
function drawnOn(
  { yard, hive, hiveId, tried, planned, known, looked }: ReturnType<typeof hiveInView>,
  { hand, edit }: ReturnType<typeof handOver>,
) {
  const preferences = usePreferences()
  const weighing = useWeighing()
  const trying = computed(() => {
    const pending = hand.value ? edit.value : tried.value
    if (!pending || !yard.value) return null
    const applied = applyEdit(yard.value, pending)
    return applied.ok
      ? looked(
          applied.yard,
          applied.yard.hives.find(({ id }) => id === hiveId.value),
        )
      : null
  })
  const preview = computed(() => trying.value?.assessment ?? null)
  /** What everything drawn weighs, while that is asked for. */
  const mass = computed(() =>
    weighing.shown && drawn.value && hive.value
      ? drawn.value.mass(weighing.weighingAt(hive.value.stage, planned.value !== null))
      : null,
  )
  const weightTexts = computed(() =>
    mass.value
      ? new Map([...mass.value.parts].map(([id, { kg }]) => [id, showMass(kg.middle, preferences.units)]))
      : null,
  )
  /** What is drawn: the trial while there is one, else the hive as it stands. */
  const drawn = computed(() => trying.value ?? known.value)
  const shown = computed(() => drawn.value?.assessment ?? null)
  const shownNames = computed(() => drawn.value?.names(preferences.reader.vocabulary) ?? NO_NAMES)

  return { preview, shown, shownNames, mass, weightTexts }
}
