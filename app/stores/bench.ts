import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { CATALOGUE, catalogueOf, type Pattern } from '#core/catalogue'
import {
  ANY_TIME,
  dropPlan,
  keepPlan,
  planEdit,
  promisesOf,
  stagesOf,
  writeHive,
  yardAsPlanned,
  type PlannedStage,
} from '#core/season'
import {
  applyEdit,
  findPart,
  isEdit,
  newPart,
  newPlacement,
  PLACEHOLDER,
  type Edit,
  type Hive,
  type Part,
  type Placement,
  type Stage,
  type Yard,
} from '#core/hive'
import { attachmentPlaceOf, usualPlace, type Axis } from '#core/parts'
import { partsById } from '#core/geometry'
import { showMass } from '#core/units'
import { usePreferences } from './preferences'
import { useView } from './view'
import { useWeighing } from './weighing'
import { useYards } from './yards'
import { hiveIn, type HiveIn } from '#core/hive-in'
import * as deeds from '#core/hive/deeds'

/** What the keeper holds over the stack and has not put down yet. */
export interface Hand {
  readonly from: 'tray' | 'shed' | 'stack'
  readonly part: Part
  readonly placement: Placement
  /** Place in the stack as it is without the part in the hand; null while it is held beside the hive. */
  readonly at: number | null
}

/** The bench: one hive, what is selected, what is in the hand, what is being tried. */
const todayIs = () => new Date().toISOString().slice(0, 10)

const NO_NAMES: ReadonlyMap<string, string> = new Map()

export const useBench = defineStore('bench', () => {
  const yards = useYards()
  const preferences = usePreferences()
  const weighing = useWeighing()
  const view = useView()
  const hiveId = ref<string | null>(null)
  const selectedId = ref<string | null>(null)
  const selectedGap = ref<string | null>(null)
  const axis = ref<Axis>('along')
  const hand = shallowRef<Hand | null>(null)
  /** An edit that is shown before it is made: a remedy looked at. */
  const tried = shallowRef<Edit | null>(null)

  /** The stage that is looked at as it is planned; null for the hive as it stands. */
  const planStage = ref<Stage | null>(null)

  const standingYard = computed(() => (hiveId.value ? view.yardOf(hiveId.value) : undefined))
  const standing = computed(() => standingYard.value?.hives.find(({ id }) => id === hiveId.value))
  const promised = computed(() => (standingYard.value ? promisesOf(standingYard.value) : new Map<string, string>()))
  /** This hive through the year, written from what stands there. */
  const plan = computed(() =>
    standingYard.value && standing.value
      ? writeHive(
          standingYard.value,
          standing.value,
          [...stagesOf(standingYard.value), ...ANY_TIME],
          partsById(standingYard.value),
          new Map(promised.value),
        )
      : null,
  )
  const planned = computed<PlannedStage | null>(
    () => (planStage.value && plan.value?.stages.get(planStage.value)) || null,
  )
  const yard = computed(() =>
    planned.value && standingYard.value ? yardAsPlanned(standingYard.value, planned.value) : standingYard.value,
  )
  const hive = computed(() => (planned.value ? planned.value.hive : standing.value))
  const catalogue = computed(() => (standingYard.value ? catalogueOf(standingYard.value) : CATALOGUE))
  const known = computed(() => looked(yard.value, hive.value))
  const assessment = computed(() => known.value?.assessment ?? null)
  const names = computed(() => known.value?.names(preferences.reader.vocabulary) ?? NO_NAMES)

  const pendingEdit = computed<Edit | null>(() => (hand.value ? handEdit(hand.value) : tried.value))
  const trying = computed(() => {
    if (!pendingEdit.value || !yard.value) return null
    const applied = applyEdit(yard.value, pendingEdit.value)
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
  const selectedIndex = computed(() => hive.value?.stack.findIndex(({ partId }) => partId === selectedId.value) ?? -1)

  watch(hive, (now) => {
    const there = now && [...now.stack, ...now.attachments].some(({ partId }) => partId === selectedId.value)
    if (selectedId.value && !there) selectedId.value = null
    if (hand.value?.from === 'stack' && !now?.stack.some(({ partId }) => partId === hand.value?.part.id))
      hand.value = null
  })

  function looked(inYard: Yard | undefined, one: Hive | undefined): HiveIn | null {
    return inYard && one ? hiveIn(inYard, one, planned.value ? { planned: true } : { today: todayIs() }) : null
  }

  function open(id: string): void {
    if (hiveId.value === id) return
    hiveId.value = id
    planStage.value = null
    selectedId.value = null
    selectedGap.value = null
    hand.value = null
    tried.value = null
  }

  function perform(edit: Edit): boolean {
    tried.value = null
    if (!standingYard.value) return false
    if (!planned.value) return yards.perform(standingYard.value.id, edit)
    const kept = planEdit(standingYard.value, planned.value, edit, () => crypto.randomUUID())
    if (!kept) {
      yards.message =
        'A plan keeps the stack, its fittings and the holes. Frames, sizes, names and accepted ' +
        'findings belong to the hive as it stands: go back to what stands now, and change them ' +
        'there.'
      return false
    }
    return yards.perform(standingYard.value.id, kept)
  }

  /** Gives up the plan by hand of the stage that is looked at, or keeps it although the writing has changed. */
  function settlePlan(keep: 'mine' | 'written'): void {
    if (!standingYard.value || !planned.value) return
    const edit =
      keep === 'mine'
        ? keepPlan(standingYard.value, planned.value)
        : dropPlan(standingYard.value, planned.value.hive.id, planned.value.stage)
    if (edit) yards.perform(standingYard.value.id, edit)
  }

  /** Looks at a stage as it is planned; null looks at the hive as it stands again. */
  function lookAt(stage: Stage | null): void {
    hand.value = null
    tried.value = null
    selectedGap.value = null
    planStage.value = stage
  }

  /** The edit that putting the hand down would make. */
  function handEdit({ from, part, placement, at }: Hand): Edit | null {
    if (at === null || !hive.value) return null
    const here = hive.value
    if (from === 'tray') return deeds.putOn(here, at, part, placement)
    if (from === 'shed') return deeds.putOnFromShed(here, at, placement)
    const moved = deeds.move(here, part.id, at)
    const turned = here.stack.find(({ partId }) => partId === part.id)?.turnedOver !== placement.turnedOver
    return turned ? deeds.together(moved, deeds.stand(here, placement)) : moved
  }

  /** Takes a new part of a pattern into the hand, over the selected part or at the top. */
  function takePattern(patternId: string, at?: number | null): void {
    const pattern = catalogue.value.patterns.get(patternId)
    if (!pattern || !hive.value) return
    const place = attachmentPlaceOf(pattern)
    if (place) return attach(patternId)
    let count = 0
    const part = newPart(pattern, catalogue.value, () => `${PLACEHOLDER}${patternId}/${count++}`)
    tried.value = null
    hand.value = {
      from: 'tray',
      part,
      placement: newPlacement(part.id, pattern),
      at: at === undefined ? sensiblePlace(pattern) : at,
    }
  }

  function takeFromShed(part: Part, at?: number | null): void {
    const pattern = catalogue.value.patterns.get(part.patternId)
    tried.value = null
    hand.value = {
      from: 'shed',
      part,
      placement: newPlacement(part.id, pattern),
      at: at === undefined ? sensiblePlace(pattern) : at,
    }
  }

  function takeFromStack(partId: string, at: number | null): void {
    const placement = hive.value?.stack.find((one) => one.partId === partId)
    const part = yard.value && findPart(yard.value, partId)
    if (!placement || !part) return
    tried.value = null
    hand.value = { from: 'stack', part, placement, at }
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
    perform(deeds.attach(hive.value!, part, { place }))
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
    const edit = hand.value && handEdit(hand.value)
    const held = hand.value
    hand.value = null
    if (!edit || !held || !hive.value) return false
    if (held.from === 'stack' && isEdit(edit, 'move-part') && hive.value.stack[edit.at]?.partId === held.part.id)
      return false
    const before = new Set(hive.value.stack.map(({ partId }) => partId))
    const done = perform(edit)
    selectedId.value = hive.value.stack.find(({ partId }) => !before.has(partId))?.partId ?? held.part.id
    return done
  }

  function letGo(): void {
    hand.value = null
    tried.value = null
  }

  return {
    hiveId,
    selectedId,
    selectedGap,
    selectedIndex,
    axis,
    hand,
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
    perform,
    lookAt,
    settlePlan,
    takePattern,
    takeFromShed,
    takeFromStack,
    holdAt,
    turnHand,
    putDown,
    letGo,
  }
})
