import { defineStore, storeToRefs } from 'pinia'
import { computed, ref, watch } from 'vue'
import { applyEdit, type Stage } from '#core/yard'
import type { Axis } from '#core/parts'
import { showMass } from '#core/units'
import { useHand } from './hand'
import { NO_NAMES, useHiveInView } from './hive-in-view'
import { usePreferences } from '~/stores/preferences'
import { useWeighing } from '~/stores/weighing'

/** The bench: one hive, what is selected, what is in the hand, what is being tried. */
export const useBench = defineStore('bench', () => {
  const preferences = usePreferences()
  const weighing = useWeighing()
  const inView = useHiveInView()
  const held = useHand()
  const { hiveId, planStage, tried, standingYard, standing, plan, planned, yard, hive, catalogue, assessment, names } =
    storeToRefs(inView)
  const { selectedId, selectedIndex, hand, overId, putId } = storeToRefs(held)
  const selectedGap = ref<string | null>(null)
  const axis = ref<Axis>('along')

  const trying = computed(() => {
    const pending = hand.value ? held.edit : tried.value
    if (!pending || !yard.value) return null
    const applied = applyEdit(yard.value, pending)
    return applied.ok
      ? inView.looked(
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
  const drawn = computed(() => trying.value ?? inView.known)
  const shown = computed(() => drawn.value?.assessment ?? null)
  const shownNames = computed(() => drawn.value?.names(preferences.reader.vocabulary) ?? NO_NAMES)

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

  return {
    hiveId,
    selectedId,
    selectedGap,
    selectedIndex,
    axis,
    hand,
    overId,
    putId,
    tried,
    yard,
    hive,
    standingYard,
    standing,
    plan,
    planStage,
    planned,
    catalogue,
    assessment,
    names,
    preview,
    shown,
    shownNames,
    mass,
    weightTexts,
    open,
    lookAt,
    perform: inView.perform,
    settlePlan: inView.settlePlan,
    putPattern: held.putPattern,
    putFromShed: held.putFromShed,
    takePattern: held.takePattern,
    takeFromShed: held.takeFromShed,
    takeFromStack: held.takeFromStack,
    holdAt: held.holdAt,
    turnHand: held.turnHand,
    putDown: held.putDown,
    letGo: held.letGo,
  }
})
