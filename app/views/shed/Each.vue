<script setup lang="ts">
// Every part of a pattern: where it is, its condition, what it has held; several at once where they are picked.
import { there } from '#core/units'
import { CONDITIONS, type Condition, type Part } from '#core/parts'
import type { Hive } from '#core/yard'

const props = defineProps<{
  parts: readonly Part[]
  yardId: string
  /** The parts that stand on no hive. */
  lying: ReadonlySet<string>
  hiveOf: ReadonlyMap<string, Hive>
}>()
const emit = defineEmits<{
  change: [parts: readonly Part[]]
  drop: [parts: readonly Part[]]
  size: [part: Part]
  lend: [parts: readonly Part[]]
}>()
const HELD = ['honey', 'brood'] as const
type Held = (typeof HELD)[number]
const CONDITION_WORDS: Record<Condition, string> = { good: 'good', worn: 'worn', 'needs-repair': 'needs repair' }
const followed = ref<string | null>(null)
const pickedIds = ref<string[]>([])
const several = computed(() => props.parts.filter(({ id }) => pickedIds.value.includes(id)))
/** What lies here and belongs here. */
const isOwnHere = (part: Part) => props.lying.has(part.id) && !part.borrowed
const droppable = computed(() => several.value.filter(isOwnHere))
function placeOf(part: Part): string {
  if (part.lent) return `lent to ${part.lent.name}`
  return part.borrowed ? `in the shed, borrowed from ${part.borrowed.name}` : 'in the shed'
}
const nameOf = (part: Part, i: number) => part.name ?? `No. ${i + 1}`
const all = computed({
  get: () => several.value.length === props.parts.length,
  set: (on) => (pickedIds.value = on ? props.parts.map(({ id }) => id) : []),
})

function toggle(part: Part, on: boolean) {
  pickedIds.value = on ? [...pickedIds.value, part.id] : pickedIds.value.filter((id) => id !== part.id)
}
function setCondition(parts: readonly Part[], condition: Condition) {
  emit(
    'change',
    parts.map((part) => ({ ...part, condition })),
  )
}
function setHeld(parts: readonly Part[], what: Held, on: boolean) {
  emit(
    'change',
    parts.map((part) => ({
      ...part,
      hasHeld: on ? [...new Set([...part.hasHeld, what])] : part.hasHeld.filter((one) => one !== what),
    })),
  )
}
</script>

<template>
  <div v-if="parts.length > 1" class="several" role="group" aria-label="Several parts at once">
    <ElCheckbox v-model="all" :indeterminate="several.length > 0 && !all" data-testid="pick-all">
      {{ several.length === 0 ? 'Pick all' : `${several.length} picked` }}
    </ElCheckbox>
    <template v-if="several.length > 0">
      <label
        >Condition
        <ElSelect
          :model-value="undefined"
          placeholder="say…"
          data-testid="picked-condition"
          aria-label="Condition of the picked parts"
          @change="setCondition(several, picked(CONDITIONS, $event))"
        >
          <ElOption v-for="one in CONDITIONS" :key="one" :value="one" :label="CONDITION_WORDS[one]" />
        </ElSelect>
      </label>
      <ElButton v-for="what in HELD" :key="what" text @click="setHeld(several, what, true)">
        Have held {{ what }}
      </ElButton>
      <ElButton v-if="droppable.length > 0" text data-testid="picked-lend" @click="emit('lend', droppable)">
        Lend {{ droppable.length }}…
      </ElButton>
      <ElButton v-if="droppable.length > 0" text data-testid="picked-drop" @click="emit('drop', droppable)">
        Drop {{ droppable.length }} from the shed
      </ElButton>
    </template>
  </div>
  <ul class="each">
    <li v-for="(part, i) in parts" :key="part.id">
      <ElCheckbox
        v-if="parts.length > 1"
        :model-value="pickedIds.includes(part.id)"
        :aria-label="`Pick ${nameOf(part, i)}`"
        @change="toggle(part, Boolean($event))"
      />
      <b>{{ nameOf(part, i) }}</b>{{ ' ' }}<small v-if="part.measured">measured</small>
      <span
        ><NuxtLink v-if="hiveOf.get(part.id)" :to="hivePath(yardId, there(hiveOf.get(part.id)).id, 'bench')"
          >on {{ there(hiveOf.get(part.id)).name }}</NuxtLink
        ><template v-else>{{ placeOf(part) }}</template></span
      >
      <ElSelect
        :model-value="part.condition ?? 'good'"
        :aria-label="`Condition of ${nameOf(part, i)}`"
        @change="setCondition([part], picked(CONDITIONS, $event))"
      >
        <ElOption v-for="one in CONDITIONS" :key="one" :value="one" :label="CONDITION_WORDS[one]" />
      </ElSelect>
      <ElCheckbox
        v-for="what in HELD"
        :key="what"
        :model-value="part.hasHeld.includes(what)"
        @change="setHeld([part], what, Boolean($event))"
        >has held {{ what }}</ElCheckbox
      >
      <ElButton text :aria-expanded="followed === part.id" @click="followed = followed === part.id ? null : part.id">
        Where it has been</ElButton
      ><ElButton text @click="emit('size', part)">Sizes…</ElButton
      ><template v-if="isOwnHere(part)"
        ><ElButton text data-testid="lend" @click="emit('lend', [part])">Lend…</ElButton
        ><ElButton text @click="emit('drop', [part])">Drop</ElButton></template
      >
      <ShedPlaces v-if="followed === part.id" :yard-id="yardId" :part-id="part.id" />
    </li>
  </ul>
</template>

<style scoped>
.several,
.several label {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-4);
}

.several {
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--seam);
}

.el-select {
  width: 150px;
}

small {
  margin-left: var(--space-3);
  color: var(--soft-ink);
}
</style>
