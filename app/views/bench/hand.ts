import { computed, ref, shallowRef, type Ref } from 'vue'
import { type Pattern, attachmentPlaceOf, type Part } from '#core/parts'
import { findPart, isEdit, newPart, newPlacement, PLACEHOLDER } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { placeInStack } from './placeInStack'
import type { hiveInView } from './hive-in-view'

type InView = ReturnType<typeof hiveInView>

/** What is selected on the bench, and what is in the hand while it is dragged. */
export function handOver(inView: InView) {
  const { hive, tried } = inView
  const selectedId = ref<string | null>(null)
  const hand = shallowRef<deeds.Hand | null>(null)
  /** The part over which the next one is put, where the keeper asked for that. */
  const overId = ref<string | null>(null)
  /** What was put down last, to be told of. */
  const putId = ref<string | null>(null)
  const selectedIndex = computed(() => hive.value?.stack.findIndex(({ partId }) => partId === selectedId.value) ?? -1)

  /** The edit that putting the hand down would make; null while it is empty or held beside the hive. */
  const edit = computed(() => (hand.value && hive.value ? deeds.putDown(hive.value, hand.value) : null))

  function holdAt(at: number | null): void {
    if (hand.value && hive.value) hand.value = deeds.heldAt(hive.value, hand.value, at)
  }

  function turnHand(): void {
    if (hand.value) hand.value = deeds.turnedInHand(hand.value)
  }

  /** Puts down what is in the hand; true when the stack changed. */
  function putDown(): boolean {
    const made = edit.value
    const held = hand.value
    hand.value = null
    overId.value = null
    if (!made || !held || !hive.value) return false
    if (held.from === 'stack' && isEdit(made, 'move-part') && hive.value.stack[made.at]?.partId === held.part.id)
      return false
    const before = new Set(hive.value.stack.map(({ partId }) => partId))
    const done = inView.perform(made)
    selectedId.value = hive.value.stack.find(({ partId }) => !before.has(partId))?.partId ?? held.part.id
    putId.value = done ? selectedId.value : null
    return done
  }

  function letGo(): void {
    hand.value = null
    overId.value = null
    tried.value = null
  }

  const held = { selectedId, selectedIndex, hand, overId, putId, edit }
  return { ...held, ...takingUp(inView, held, putDown), holdAt, turnHand, putDown, letGo }
}

interface Held {
  readonly hand: Ref<deeds.Hand | null>
  readonly overId: Ref<string | null>
}

/** Ways to take a part into the hand: a new one, one of the shed, one of the stack. */
function takingUp(
  { hive, yard, catalogue, assessment, tried, perform }: InView,
  { hand, overId }: Held,
  putDown: () => boolean,
) {
  const placeFor = (pattern: Pattern | undefined) =>
    placeInStack(pattern, assessment.value?.assembled.stack ?? [], overId.value)
  function take(held: deeds.Hand): void {
    tried.value = null
    hand.value = held
  }

  function takeNew(from: 'tray' | 'shed', part: Part, at?: number | null): void {
    const pattern = catalogue.value.patterns.get(part.patternId)
    const placement = newPlacement(part.id, pattern)
    take({ from, part, placement, at: at === undefined ? placeFor(pattern) : at })
  }

  /** Takes a new part of a pattern into the hand; fittings go to their place at once. */
  function takePattern(patternId: string, at?: number | null): void {
    const pattern = catalogue.value.patterns.get(patternId)
    if (!pattern || !hive.value) return
    const place = attachmentPlaceOf(pattern)
    let count = 0
    const part = newPart(pattern, catalogue.value, () => `${PLACEHOLDER}${patternId}/${count++}`)
    if (place) perform(deeds.attach(hive.value, part, { place }))
    else takeNew('tray', part, at)
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

  /** Puts a new part of a pattern, or one of the shed, at its place at once. */
  function putPattern(patternId: string): void {
    takePattern(patternId)
    if (hand.value) putDown()
  }
  function putFromShed(part: Part): void {
    takeFromShed(part)
    putDown()
  }

  return { putPattern, putFromShed, takePattern, takeFromShed, takeFromStack }
}
