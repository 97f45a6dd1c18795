<script setup lang="ts">
// Which box to open, and what another spacing would make of all the supers of a yard.
import { resolvePart } from '#core/geometry'
import { assessBox } from '#core/frames'
import { contextOf } from '#core/assess'
import { newPlacement, type Part } from '#core/hive'
import { worse, type Grade } from '#core/checks'
import { capital, findingInWords, partDetail, severityWord } from '#core/wording'
import { boxName } from '~/composables/boxName'

const view = useView()
const preferences = usePreferences()
const mode = ref<'boxes' | 'compare'>('boxes')
const boxes = computed(() => (view.yard?.parts ?? []).filter((part) => view.catalogue.patterns.get(part.patternId)?.kind === 'box' && !view.catalogue.patterns.get(part.patternId)?.sections))
const groups = computed(() => {
  const yard = view.yard
  if (!yard) return []
  const byId = new Map(boxes.value.map((part) => [part.id, part]))
  const standing = yard.hives.map((hive) => ({ name: hive.name, boxes: hive.stack.flatMap((placement) => (byId.has(placement.partId) ? [told(byId.get(placement.partId)!, placement, contextOf(yard, hive))] : [])).reverse() }))
  const placed = new Set(yard.hives.flatMap(({ stack }) => stack.map(({ partId }) => partId)))
  const shed = boxes.value.filter(({ id }) => !placed.has(id)).map((part) => told(part, newPlacement(part.id, view.catalogue.patterns.get(part.patternId)), view.context))
  return [...standing, { name: 'In the shed', boxes: shed }].filter((group) => group.boxes.length > 0)
})
function told(part: Part, placement: Parameters<typeof assessBox>[1], context: Parameters<typeof assessBox>[2]) {
  const findings = assessBox(part, placement, context)
  const first = findings[0]
  const name = boxName(view.yard!, part, preferences.vocabulary)
  return {
    part, name: capital(name), detail: partDetail(resolvePart(part, view.catalogue), preferences.vocabulary),
    grade: findings.reduce<Grade>((grade, { severity }) => worse(grade, severity), 'good'), say: first ? `${severityWord(first.severity)}: ${findingInWords(first, new Map([[part.id, name]]), view.catalogue, preferences.reader).what}` : 'Nothing to mend',
  }
}
const supers = computed(() => {
  const roles = new Map((view.yard?.hives ?? []).flatMap(({ stack }) => stack.map(({ partId, role }) => [partId, role] as const)))
  return boxes.value.filter((part) => (roles.get(part.id) ?? view.catalogue.patterns.get(part.patternId)?.usualRole) === 'super').map((part) => resolvePart(part, view.catalogue))
})
useHead({ title: 'Frames – Duvet' })
</script>

<template>
  <ShellPage title="Frames" :yard-id="view.yard?.id">
    <template #bar>
      <div class="tabs" role="group" aria-label="What to see">
        <button type="button" :aria-pressed="mode === 'boxes'" @click="mode = 'boxes'">Box by box</button>
        <button type="button" :aria-pressed="mode === 'compare'" data-testid="compare-all" @click="mode = 'compare'">Compare spacings, all supers</button>
      </div>
      <ShellYardChoice />
    </template>
    <template v-if="mode === 'compare'">
      <p class="lead">All {{ supers.length }} supers of {{ view.yard?.name }}, each full, at full count and with one or two frames less.</p>
      <FramesCompare :boxes="supers" :catalogue="view.catalogue" />
    </template>
    <p v-else-if="groups.length === 0" class="none">No box holds frames here yet. Stack a hive in the <NuxtLink to="/">Row</NuxtLink>, or add boxes in the <NuxtLink to="/shed">Shed</NuxtLink>.</p>
    <div v-else class="groups">
      <section v-for="group in groups" :key="group.name">
        <h2>{{ group.name }}</h2>
        <NuxtLink v-for="box in group.boxes" :key="box.part.id" class="box" :to="`/frames/${encodeURIComponent(box.part.id)}`" :data-box="box.part.id">
          <ShellSeverityMark :grade="box.grade" />
          <span><b>{{ box.name }}</b><small>{{ capital(box.detail) }}</small><small>{{ box.say }}</small></span>
        </NuxtLink>
      </section>
    </div>
  </ShellPage>
</template>

<style scoped>
.groups {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(290px, 1fr));
  gap: 14px 18px;
  padding: 4px 16px 30px;
}

h2 {
  font-size: 17px;
}

.box {
  display: flex;
  gap: 9px;
  padding: 8px 10px;
  margin-top: 6px;
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
  color: var(--ink);
  text-decoration: none;
}

.box:hover {
  border-color: var(--indigo);
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: 13.5px;
}

.lead,
.none {
  padding: 8px 16px;
}
</style>
