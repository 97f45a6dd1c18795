import { defineStore } from 'pinia'
import { computed } from 'vue'
import {
  isAbsorber,
  isBox,
  isEntranceFitting,
  isWrap,
  type AbsorberFeature,
  type OpeningEdge,
  type Role,
} from '#core/parts'
import { isHeadspace } from '#core/rules'
import { isWrapped } from '#core/stack'
import { capital, partDetail } from '#core/words'
import { heldAfter, partEdit } from '#core/yard'
import * as deeds from '#core/yard/deeds'
import { useBench } from './store'
import { usePreferences } from '~/stores/preferences'

/** The part that is selected on the bench: what it is, and what can be done with it. */
export const useSelectedPart = defineStore('selected-part', () => {
  const facts = factsOf()
  return { ...facts, ...partDeeds(facts) }
})

function factsOf() {
  const bench = useBench()
  const preferences = usePreferences()
  const one = computed(() => {
    const all = bench.assessment && [...bench.assessment.assembled.stack, ...bench.assessment.assembled.attached]
    return all?.find(({ part }) => part.id === bench.selectedId)
  })
  const placement = computed(() => bench.hive?.stack[bench.selectedIndex])
  const attachment = computed(() => bench.hive?.attachments.find(({ partId }) => partId === bench.selectedId))
  const name = computed(() => capital(bench.names.get(bench.selectedId ?? '') ?? ''))
  const detail = computed(() => (one.value ? partDetail(one.value, preferences.vocabulary) : ''))
  const isHighest = computed(() => bench.selectedIndex === (bench.hive?.stack.length ?? 0) - 1)
  const box = computed(() => (one.value && isBox(one.value) ? one.value : undefined))
  const role = computed(() => (box.value ? (placement.value?.role ?? 'super') : null))
  const hole = computed(() =>
    one.value?.pattern?.dimensions.holeLength ? (one.value.part.hole ?? ('open' as const)) : null,
  )
  /** Room with nothing in it is to come off again by a day. */
  const offBy = computed(() => {
    const layer = bench.assessment?.layout.parts.find(({ part }) => part.id === bench.selectedId)
    return layer !== undefined && isHeadspace(layer) ? (placement.value?.offBy ?? '') : null
  })
  const edge = computed(() =>
    one.value && isEntranceFitting(one.value) && one.value.pattern.use !== 'shut' && attachment.value
      ? (attachment.value.edge ?? 'lower')
      : null,
  )
  const lacks = computed(() => (one.value && isAbsorber(one.value) ? (one.value.part.lacks ?? []) : null))
  /** The boxes that a wrap may go round. */
  const round = computed(() => {
    const wrap = attachment.value
    if (!one.value || !isWrap(one.value) || !wrap) return null
    return (bench.assessment?.layout.parts ?? []).filter(isBox).map((layer) => ({
      id: layer.part.id,
      name: bench.names.get(layer.part.id) ?? '',
      on: isWrapped(wrap, layer),
    }))
  })

  return { one, placement, name, detail, isHighest, box, role, hole, offBy, edge, lacks, round }
}

/** What can be done with the part that is selected. */
function partDeeds({ one, placement, hole }: ReturnType<typeof factsOf>) {
  const bench = useBench()
  function move(by: 1 | -1): void {
    const at = bench.selectedIndex + by
    if (!bench.hive || !bench.selectedId || bench.selectedIndex < 0 || at < 0 || at >= bench.hive.stack.length) return
    bench.perform(deeds.move(bench.hive, bench.selectedId, at))
  }
  function turn(): void {
    if (bench.hive && placement.value) bench.perform(deeds.turnOver(bench.hive, placement.value))
  }
  function takeOff(): void {
    if (!bench.selectedId || !bench.hive) return
    const next = bench.hive.stack[bench.selectedIndex - 1]?.partId ?? null
    bench.perform(deeds.takeOff(bench.hive, bench.selectedId))
    bench.selectedId = next
  }
  function setRole(as: Role): void {
    if (!placement.value || !bench.hive || !one.value) return
    const { part } = one.value
    const moved = deeds.stand(bench.hive, { ...placement.value, role: as })
    const held = bench.planned ? part : heldAfter(part, placement.value.role, bench.hive.stage)
    bench.perform(held === part ? moved : deeds.together(partEdit(part, held), moved))
  }
  function setOffBy(day: string): void {
    if (!placement.value || !bench.hive) return
    const { offBy: _before, ...rest } = placement.value
    bench.perform(deeds.stand(bench.hive, day ? { ...rest, offBy: day } : rest))
  }
  function setEdge(at: OpeningEdge): void {
    if (!bench.hive || !one.value) return
    const { part } = one.value
    bench.perform(deeds.setEdge(bench.hive, part, at))
    bench.selectedId = part.id
  }
  function setRound(boxIds: readonly string[]): void {
    if (!bench.hive || !one.value) return
    const { part } = one.value
    bench.perform(deeds.setRound(bench.hive, part, boxIds))
    bench.selectedId = part.id
  }
  function setLacks(feature: AbsorberFeature, missing: boolean): void {
    if (!one.value) return
    const { lacks: before = [], ...part } = one.value.part
    const now = missing ? [...before, feature] : before.filter((had) => had !== feature)
    bench.perform(partEdit(one.value.part, now.length > 0 ? { ...part, lacks: now } : part))
  }
  function turnHole(): void {
    if (one.value && hole.value)
      bench.perform(partEdit(one.value.part, { ...one.value.part, hole: hole.value === 'open' ? 'closed' : 'open' }))
  }

  return { move, turn, takeOff, setRole, setOffBy, setEdge, setRound, setLacks, turnHole }
}
