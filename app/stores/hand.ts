import { defineStore, storeToRefs } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Pattern } from '#core/catalogue'
import { findPart, isEdit, newPart, newPlacement, PLACEHOLDER, type Part } from '#core/hive'
import * as deeds from '#core/hive/deeds'
import { attachmentPlaceOf, usualPlace } from '#core/parts'
import { useHiveInView } from './hive-in-view'

/** What is selected on the bench, and what is in the hand. */
export const useHand = defineStore('hand', () => {
  const inView = useHiveInView()
  const { hive, yard, catalogue, assessment, tried } = storeToRefs(inView)
  const selectedId = ref<string | null>(null)
  const hand = shallowRef<deeds.Hand | null>(null)
  const selectedIndex = computed(() => hive.value?.stack.findIndex(({ partId }) => partId === selectedId.value) ?? -1)

  /** The edit that putting the hand down would make; null while it is empty or held beside the hive. */
  const edit = computed(() => (hand.value && hive.value ? deeds.putDown(hive.value, hand.value) : null))

  function take(held: deeds.Hand): void {
    tried.value = null
    hand.value = held
  }

  function takeNew(from: 'tray' | 'shed', part: Part, at?: number | null): void {
    const pattern = catalogue.value.patterns.get(part.patternId)
    const placement = newPlacement(part.id, pattern)
    take({ from, part, placement, at: at === undefined ? sensiblePlace(pattern) : at })
  }

  /** Takes a new part of a pattern into the hand, over the selected part or at the top. */
  function takePattern(patternId: string, at?: number | null): void {
    const pattern = catalogue.value.patterns.get(patternId)
    if (!pattern || !hive.value) return
    const place = attachmentPlaceOf(pattern)
    if (place) return attach(patternId)
    let count = 0
    takeNew(
      'tray',
      newPart(pattern, catalogue.value, () => `${PLACEHOLDER}${patternId}/${count++}`),
      at,
    )
  }

  function takeFromShed(part: Part, at?: number | null): void {
    takeNew('shed', part, at)
  }

  function takeFromStack(partId: string, at: number | null): void {
    const placement = hive.value?.stack.find((one) => one.partId === partId)
    const part = yard.value && findPart(yard.value, partId)
    if (!placement || !part) return
    take({ from: 'stack', part, placement, at })
  }

  /** Above the selected part, or where a part of its kind usually goes. */
  function sensiblePlace(pattern: Pattern | undefined): number {
    if (selectedIndex.value >= 0) return selectedIndex.value + 1
    const layers = (assessment.value?.assembled.stack ?? []).map((layer) => ({
      kind: layer.pattern?.kind,
      role: layer.placement.role,
    }))
    return pattern ? usualPlace(pattern.kind, layers) : layers.length
  }

  function attach(patternId: string): void {
    const pattern = catalogue.value.patterns.get(patternId)!
    const place = attachmentPlaceOf(pattern)!
    const part = newPart(pattern, catalogue.value, () => `${PLACEHOLDER}${patternId}`)
    inView.perform(deeds.attach(hive.value!, part, { place }))
  }

  function holdAt(at: number | null): void {
    if (!hand.value || hand.value.at === at) return
    const most = (hive.value?.stack.length ?? 0) - (hand.value.from === 'stack' ? 1 : 0)
    hand.value = { ...hand.value, at: at === null ? null : Math.min(Math.max(at, 0), most) }
  }

  function turnHand(): void {
    if (hand.value)
      hand.value = {
        ...hand.value,
        placement: { ...hand.value.placement, turnedOver: !hand.value.placement.turnedOver },
      }
  }

  /** Puts down what is in the hand; true when the stack changed. */
  function putDown(): boolean {
    const made = edit.value
    const held = hand.value
    hand.value = null
    if (!made || !held || !hive.value) return false
    if (held.from === 'stack' && isEdit(made, 'move-part') && hive.value.stack[made.at]?.partId === held.part.id)
      return false
    const before = new Set(hive.value.stack.map(({ partId }) => partId))
    const done = inView.perform(made)
    selectedId.value = hive.value.stack.find(({ partId }) => !before.has(partId))?.partId ?? held.part.id
    return done
  }

  function letGo(): void {
    hand.value = null
    tried.value = null
  }

  return {
    selectedId,
    selectedIndex,
    hand,
    edit,
    takePattern,
    takeFromShed,
    takeFromStack,
    holdAt,
    turnHand,
    putDown,
    letGo,
  }
})
