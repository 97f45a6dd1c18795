import { there } from '#core/units'
import { computed, ref, shallowRef, type Ref } from 'vue'
import { CATALOGUE, catalogueOf, combsAcross, hangAcross, resolvePart, type Catalogue, type Part } from '#core/parts'
import { gapsOfBox, useOf, type Context, type Finding, assessBox } from '#core/rules'
import { hiveIn } from '#core/ask'
import { applyEdit, newPlacement, partEdit, type Edit, type Hive, type Placement, type Yard } from '#core/yard'
import { boxName } from '~/composables/boxName'
import { usePreferences } from '~/stores/preferences'
import { useView } from '~/stores/view'
import { useYards } from '~/stores/yards'

/** The box that is looked at from above, as it is or as it would be. */
export function boxInView() {
  const yards = useYards()
  const preferences = usePreferences()
  const view = useView()
  const partId = ref<string | null>(null)
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
  const context = computed<Context>(() =>
    yard.value && hive.value ? hiveIn(yard.value, hive.value).context : view.context,
  )
  const placement = computed<Placement>(
    () =>
      hive.value?.stack.find((one) => one.partId === partId.value) ??
      newPlacement(partId.value ?? '', catalogue.value.patterns.get(part.value?.patternId ?? '')),
  )
  const name = computed(() => (yard.value && part.value ? boxName(yard.value, part.value, preferences.vocabulary) : ''))
  const use = computed(() => useOf(placement.value.role))

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
      : perform(partEdit(there(part.value), after))
  }

  /** Shows a way out before it is made. */
  function look(edit: Edit | null): void {
    const applied = edit && yard.value ? applyEdit(yard.value, edit) : undefined
    looked.value = applied?.ok ? (applied.yard.parts.find(({ id }) => id === partId.value) ?? null) : null
  }

  const box = { partId, trial, looked, problem, yard, part, hive, catalogue, context, placement, name, use }
  return { ...box, ...seenFromAbove(box), perform, change, look }
}

interface Box {
  readonly partId: Ref<string | null>
  readonly trial: Ref<Part | null>
  readonly looked: Ref<Part | null>
  readonly yard: Ref<Yard | undefined>
  readonly part: Ref<Part | undefined>
  readonly hive: Ref<Hive | undefined>
  readonly catalogue: Ref<Catalogue>
  readonly context: Ref<Context>
  readonly placement: Ref<Placement>
  readonly use: Ref<ReturnType<typeof useOf>>
}

/** What is drawn of the box, and what is said of it. */
function seenFromAbove({ partId, trial, looked, yard, part, hive, catalogue, context, placement, use }: Box) {
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
        partIds.includes(partId.value ?? '') &&
        /^(frames\.|bee-space\.(side|end-bar)|fit\.|order\.no-excluder)/.test(rule),
    )
  })

  return { shown, box, across, combs, gaps, findings }
}
