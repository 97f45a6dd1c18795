import { there } from '#core/units'
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

  const isDivided = computed(() => part.value !== undefined && stack.isDivided(part.value, inView.catalogue.value))
  return { ...inView, selected, isDivided, open, select, ...handled(inView, selected) }
})

const makeId = () => crypto.randomUUID()

/** What is done with the frames that are selected. */
function handled(inView: ReturnType<typeof boxInView>, selected: Ref<ReadonlySet<string>>) {
  const preferences = usePreferences()
  const { problem, yard, part, catalogue, context, placement, perform, change } = inView
  const framesOf = (box: Part) => stack.framesAmong(box, selected.value, catalogue.value)
  const paint = (state: FrameState) => void (part.value && change(withState(part.value, framesOf(part.value), state)))
  const turn = () => void (part.value && change(turnedRound(part.value, framesOf(part.value))))
  /** Takes what comes of handling the frames, or says why it cannot be. */
  const take = (done: stack.Handled): boolean => (done.ok ? change(done.part) : refuse(done))
  function refuse({ problem: why, of }: Extract<stack.Handled, { ok: false }>): false {
    const called = boxName(there(yard.value), of, preferences.vocabulary)
    problem.value = hangProblemInWords(why, called, catalogue.value, preferences.reader)
    return false
  }

  function hang(
    patternId: string,
    at: Pick<Content, 'place' | 'half'> = stack.firstEmptyPlace(there(part.value)),
  ): boolean {
    if (!part.value) return false
    const id = makeId()
    const isDone = take(stack.hungBy(part.value, patternId, at, id, context.value))
    if (isDone) selected.value = new Set([id])
    return isDone
  }

  const role = () => placement.value.role
  /** The box, where any of its frames are selected. */
  const ready = () => (selected.value.size > 0 ? part.value : undefined)
  function takeOut(): boolean {
    const box = ready()
    return box !== undefined && take(stack.takenFrom(box, selected.value, role(), catalogue.value))
  }
  function replaceBy(patternId: string): boolean {
    const box = ready()
    return box !== undefined && take(stack.replacedBy(box, selected.value, patternId, role(), context.value, makeId))
  }

  /** Moves what is selected one place on. */
  function step(by: 1 | -1): void {
    const [box, [id]] = [ready(), selected.value]
    if (box && id) change(stack.stepped(box, id, by, catalogue.value))
  }

  function toHalf(half: Half): void {
    const box = ready()
    if (box) change(stack.halved(box, selected.value, half, catalogue.value))
  }

  /** Hangs what is selected in another box of the yard. */
  function putInto(other: Part): boolean {
    const box = ready()
    if (!box) return false
    const passed = stack.passedOn(box, other, selected.value, role(), context.value)
    if (!passed.ok) return refuse(passed)
    return perform(deeds.together(partEdit(box, passed.part), partEdit(other, passed.other)))
  }

  return { paint, hang, takeOut, replaceBy, turn, step, toHalf, putInto }
}
