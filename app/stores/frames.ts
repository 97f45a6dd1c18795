import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { contextOf } from '#core/assess'
import { CATALOGUE, catalogueOf } from '#core/catalogue'
import { gapsOfBox, useOf, type Context, type Finding } from '#core/checks'
import { assessBox, firstEmptyPlace, hangProblem, takeProblem } from '#core/frames'
import { combsAcross, hangAcross, isFramePattern, resolvePart } from '#core/parts'
import {
  applyEdit,
  hungAt,
  inOrder,
  moved,
  newPlacement,
  partEdit,
  putByHand,
  replaced,
  takenOut,
  turnedRound,
  withPast,
  withState,
  type Edit,
  type FrameState,
  type Part,
  type Placement,
} from '#core/hive'
import { hangProblemInWords } from '#core/wording'
import { boxName } from '~/composables/boxName'
import { usePreferences } from './preferences'
import { useView } from './view'
import { useYards } from './yards'
import { hiveIn } from '#core/hive-in'
import * as deeds from '#core/hive/deeds'

/** One box from above: what hangs in it, what is selected, what is being tried. */
export const useFrames = defineStore('frames', () => {
  const yards = useYards()
  const preferences = usePreferences()
  const view = useView()
  const partId = ref<string | null>(null)
  const selected = ref<ReadonlySet<string>>(new Set())
  /** The box as it would be, put down here: while a frame is dragged. */
  const trial = shallowRef<Part | null>(null)
  /** The box as a way out would leave it, while that is looked at. */
  const looked = shallowRef<Part | null>(null)
  const problem = ref<string | null>(null)

  const yard = computed(() => yards.yards.find(({ parts }) => parts.some(({ id }) => id === partId.value)))
  const part = computed(() => yard.value?.parts.find(({ id }) => id === partId.value))
  const hive = computed(() =>
    yard.value?.hives.find(({ stack }) => stack.some((placement) => placement.partId === partId.value)),
  )
  const catalogue = computed(() => (yard.value ? catalogueOf(yard.value) : CATALOGUE))
  const context = computed<Context>(() => (yard.value && hive.value ? contextOf(yard.value, hive.value) : view.context))
  const placement = computed<Placement>(
    () =>
      hive.value?.stack.find((one) => one.partId === partId.value) ??
      newPlacement(partId.value ?? '', catalogue.value.patterns.get(part.value?.patternId ?? '')),
  )
  const name = computed(() => (yard.value && part.value ? boxName(yard.value, part.value, preferences.vocabulary) : ''))
  const use = computed(() => useOf(placement.value.role))

  const shown = computed(() => trial.value ?? looked.value ?? part.value)
  const box = computed(() => (shown.value ? resolvePart(shown.value, catalogue.value) : undefined))
  const across = computed(() => box.value && hangAcross(box.value))
  const combs = computed(() => (across.value ? combsAcross(across.value, use.value) : []))
  const gaps = computed(() => (box.value ? gapsOfBox(box.value, use.value, context.value) : []))
  const findings = computed<Finding[]>(() => {
    const now = trial.value ?? part.value
    if (!now || !yard.value) return []
    if (trial.value || !hive.value) return assessBox(now, placement.value, context.value)
    return hiveIn(yard.value, hive.value).assessment.findings.filter(
      ({ partIds, rule }) =>
        partIds.includes(partId.value!) && /^(frames\.|bee-space\.(side|end-bar)|fit\.|order\.no-excluder)/.test(rule),
    )
  })

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

  function perform(edit: Edit): boolean {
    trial.value = null
    looked.value = null
    return yard.value ? yards.perform(yard.value.id, edit) : false
  }

  /** Makes a change of this box, unless it changes nothing. */
  function change(after: Part): boolean {
    problem.value = null
    return after === part.value || JSON.stringify(after) === JSON.stringify(part.value)
      ? false
      : perform(partEdit(part.value!, after))
  }

  function select(ids: readonly string[], add = false): void {
    const next = new Set(add ? selected.value : [])
    for (const id of ids) {
      if (add && next.has(id)) next.delete(id)
      else next.add(id)
    }
    selected.value = next
  }

  function paint(state: FrameState): void {
    if (part.value) change(withState(part.value, framesOnly(selected.value), state))
  }

  function framesOnly(ids: ReadonlySet<string>): ReadonlySet<string> {
    return new Set(
      part
        .value!.contents.filter(
          ({ id, patternId }) => ids.has(id) && isFramePattern(catalogue.value.hanging.get(patternId)),
        )
        .map(({ id }) => id),
    )
  }

  function refuse(why: Parameters<typeof hangProblemInWords>[0]): false {
    problem.value = hangProblemInWords(why, name.value, catalogue.value, preferences.reader)
    return false
  }

  function hang(patternId: string, place = firstEmptyPlace(part.value!)): boolean {
    if (!part.value) return false
    const why = hangProblem(resolvePart(part.value, catalogue.value), patternId, context.value)
    if (why) return refuse(why)
    const id = crypto.randomUUID()
    const done = change(hungAt(part.value, { id, patternId, place }, place))
    if (done) selected.value = new Set([id])
    return done
  }

  function takeOut(): boolean {
    if (!part.value || selected.value.size === 0) return false
    const why = takeProblem(part.value, selected.value, placement.value.role, catalogue.value)
    return why ? refuse(why) : change(takenOut(part.value, selected.value))
  }

  function replaceBy(patternId: string): boolean {
    if (!part.value || selected.value.size === 0) return false
    const emptied = takenOut(part.value, selected.value)
    const why =
      takeProblem(part.value, selected.value, placement.value.role, catalogue.value, patternId) ??
      hangProblem(resolvePart(emptied, catalogue.value), patternId, context.value)
    return why ? refuse(why) : change(replaced(part.value, selected.value, patternId, () => crypto.randomUUID()))
  }

  function turn(): void {
    if (part.value) change(turnedRound(part.value, framesOnly(selected.value)))
  }

  /** Moves what is selected one place on; with places by hand, five millimetres. */
  function step(by: 1 | -1): void {
    const id = [...selected.value][0]
    const now = part.value?.contents.find((one) => one.id === id)
    if (!part.value || !id || !now) return
    if (part.value.spacing?.system === 'by-hand') return nudge(id, by * 5)
    const neighbours = inOrder(part.value)
    const limit = Math.max(...neighbours.map(({ place }) => place))
    const place = now.place + by
    if (place >= 0 && place <= limit) change(moved(part.value, id, place))
  }

  function nudge(id: string, byMm: number): void {
    const places = hangAcross(resolvePart(part.value!, catalogue.value)).places
    change(
      putByHand(
        part.value!,
        new Map(
          places.map(({ content, centreMm }) => [
            content.id,
            Math.round((centreMm + (content.id === id ? byMm : 0)) * 10) / 10,
          ]),
        ),
      ),
    )
  }

  /** Hangs what is selected in another box of the yard, in its first empty places. */
  function putInto(other: Part): boolean {
    if (!part.value || selected.value.size === 0) return false
    const why = takeProblem(part.value, selected.value, placement.value.role, catalogue.value)
    if (why) return refuse(why)
    let target = other
    for (const content of inOrder(part.value).filter(({ id }) => selected.value.has(id))) {
      const full = hangProblem(resolvePart(target, catalogue.value), content.patternId, context.value)
      if (full) {
        problem.value = hangProblemInWords(
          full,
          boxName(yard.value!, other, preferences.vocabulary),
          catalogue.value,
          preferences.reader,
        )
        return false
      }
      target = hungAt(target, withPast(content, part.value, placement.value.role), firstEmptyPlace(target))
    }
    return perform(deeds.together(partEdit(part.value, takenOut(part.value, selected.value)), partEdit(other, target)))
  }

  /** Shows a way out before it is made. */
  function look(edit: Edit | null): void {
    const applied = edit && yard.value ? applyEdit(yard.value, edit) : undefined
    looked.value = applied?.ok ? (applied.yard.parts.find(({ id }) => id === partId.value) ?? null) : null
  }

  return {
    partId,
    selected,
    trial,
    problem,
    yard,
    part,
    hive,
    catalogue,
    context,
    placement,
    name,
    use,
    shown,
    box,
    across,
    combs,
    gaps,
    findings,
    open,
    perform,
    change,
    select,
    paint,
    hang,
    takeOut,
    replaceBy,
    turn,
    step,
    putInto,
    look,
  }
})
