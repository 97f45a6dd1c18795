import { defineStore } from 'pinia'
import { computed, ref, watch, type Ref } from 'vue'
import * as stack from '#core/stack'
import { partEdit, turnedRound, withState } from '#core/yard'
import type { Content, FrameState, Half, Part } from '#core/parts'
import { hangProblemInWords } from '#core/words'
import * as deeds from '#core/yard/deeds'
import { boxName } from '~/composables/boxName'
import { boxInView } from './box-in-view'
import { usePreferences } from '~/stores/preferences'

/** The frames of the box that is looked at: what is selected, and what is done to it. */
export const useFrames = defineStore('frames', () => {
  const inView = boxInView()
  const { partId, trial, looked, problem, part } = inView
  const selected = ref<ReadonlySet<string>>(new Set())

  watch(part, (now) => {
    const here = new Set(now?.contents.map(({ id }) => id))
    selected.value = new Set([...selected.value].filter((id) => here.has(id)))
  })

  function open(id: string): void {
    partId.value = id
    selected.value = new Set()
    trial.value = null
    looked.value = null
    problem.value = null
  }

  function select(ids: readonly string[], add = false): void {
    const next = new Set(add ? selected.value : [])
    for (const id of ids) {
      if (add && next.has(id)) next.delete(id)
      else next.add(id)
    }
    selected.value = next
  }

  return { ...inView, selected, open, select, ...handled(inView, selected) }
})

/** What is done with the frames that are selected. */
function handled(inView: ReturnType<typeof boxInView>, selected: Ref<ReadonlySet<string>>) {
  const preferences = usePreferences()
  const { problem, yard, part, catalogue, context, placement, perform, change } = inView
  const frames = () => stack.framesAmong(part.value!, selected.value, catalogue.value)
  function paint(state: FrameState): void {
    if (part.value) change(withState(part.value, frames(), state))
  }
  const turn = () => void (part.value && change(turnedRound(part.value, frames())))

  /** Takes what comes of handling the frames, or says why it cannot be. */
  function take(handled: stack.Handled): boolean {
    return handled.ok ? change(handled.part) : refuse(handled)
  }
  function refuse({ problem: why, of }: Extract<stack.Handled, { ok: false }>): false {
    const called = boxName(yard.value!, of, preferences.vocabulary)
    problem.value = hangProblemInWords(why, called, catalogue.value, preferences.reader)
    return false
  }

  function hang(patternId: string, at: Pick<Content, 'place' | 'half'> = stack.firstEmptyPlace(part.value!)): boolean {
    if (!part.value) return false
    const id = crypto.randomUUID()
    const done = take(stack.hungBy(part.value, patternId, at, id, context.value))
    if (done) selected.value = new Set([id])
    return done
  }

  const isReady = () => part.value !== undefined && selected.value.size > 0
  function takeOut(): boolean {
    return isReady() && take(stack.takenFrom(part.value!, selected.value, placement.value.role, catalogue.value))
  }
  function replaceBy(patternId: string): boolean {
    const makeId = () => crypto.randomUUID()
    return (
      isReady() &&
      take(stack.replacedBy(part.value!, selected.value, patternId, placement.value.role, context.value, makeId))
    )
  }

  /** Moves what is selected one place on. */
  function step(by: 1 | -1): void {
    if (isReady()) change(stack.stepped(part.value!, [...selected.value][0]!, by, catalogue.value))
  }

  const isDivided = computed(() => part.value !== undefined && stack.isDivided(part.value, catalogue.value))
  function toHalf(half: Half): void {
    if (isReady()) change(stack.halved(part.value!, selected.value, half, catalogue.value))
  }

  /** Hangs what is selected in another box of the yard. */
  function putInto(other: Part): boolean {
    if (!isReady()) return false
    const handled = stack.passedOn(part.value!, other, selected.value, placement.value.role, context.value)
    if (!handled.ok) return refuse(handled)
    return perform(deeds.together(partEdit(part.value!, handled.part), partEdit(other, handled.other)))
  }

  return { paint, hang, takeOut, replaceBy, turn, step, isDivided, toHalf, putInto }
}
