<script setup lang="ts">
// New parts for the shed, chosen by their pictures: a few of this, ten of that, all at once.
import { STARTING_FORMAT, type Pattern, formatsOf, resolvePart } from '#core/parts'
import { capital, counted, shortPatternName } from '#core/words'
import { TRAY_FORMATS, trayFor } from '~/drawing/tray'

const emit = defineEmits<{ add: [wanted: ReadonlyMap<string, number>]; close: [] }>()
const MOST_OF_ONE = 200
const MOST_AT_ONCE = 500
const view = useView()
const preferences = usePreferences()
const owned = formatsOf((view.yard?.parts ?? []).map((part) => resolvePart(part, view.catalogue)))
const format = ref<Pattern['format']>(owned.find((one) => one !== 'any') ?? STARTING_FORMAT)
const sought = ref('')
const wanted = reactive(new Map<string, number>())
const groups = computed(() =>
  trayFor(view.catalogue, format.value)
    .map(({ title, patterns, rare }) => ({
      title,
      patterns: [...patterns, ...rare].filter((one) =>
        nameOf(one).toLowerCase().includes(sought.value.trim().toLowerCase()),
      ),
    }))
    .filter(({ patterns }) => patterns.length > 0),
)
const count = computed(() => [...wanted.values()].reduce((sum, n) => sum + n, 0))
const tooMany = computed(() => count.value > MOST_AT_ONCE)
function nameOf(pattern: Pattern): string {
  return capital(shortPatternName(pattern, preferences.vocabulary))
}
function setCount(id: string, n: number | undefined) {
  if (n) wanted.set(id, n)
  else wanted.delete(id)
}
</script>

<template>
  <UiSheet title="Put into the shed" width="min(980px, 96vw)" top="5vh" @close="emit('close')">
    <div class="ask">
      <label
        >Format
        <ElSelect v-model="format" data-testid="add-format" filterable>
          <ElOption v-for="one in TRAY_FORMATS" :key="one.format" :value="one.format" :label="capital(one.name)" />
        </ElSelect>
      </label>
      <ElInput
        v-model="sought"
        aria-label="Search the parts"
        placeholder="Search the parts"
        maxlength="60"
        clearable
        data-testid="add-search"
      />
    </div>
    <p v-if="groups.length === 0" role="status">No part of this format is called that.</p>
    <section v-for="group in groups" :key="group.title">
      <h3>{{ said(group.title) }}</h3>
      <ul>
        <li v-for="pattern in group.patterns" :key="pattern.id" :class="{ wanted: wanted.has(pattern.id) }">
          <ElButton
            class="bare piece"
            :data-add="pattern.id"
            :aria-label="`One more ${nameOf(pattern)}`"
            @click="setCount(pattern.id, Math.min(MOST_OF_ONE, (wanted.get(pattern.id) ?? 0) + 1))"
          >
            <DrawingPatternPicture :pattern="pattern" />
            <span>{{ nameOf(pattern) }}</span>
          </ElButton>
          <UiNumber
            v-if="wanted.has(pattern.id)"
            look="small"
            :model-value="wanted.get(pattern.id)"
            :of="{ min: 0, max: MOST_OF_ONE }"
            :name="`How many ${nameOf(pattern)}`"
            @update:model-value="setCount(pattern.id, $event ?? undefined)"
          />
        </li>
      </ul>
    </section>
    <div class="end">
      <p v-if="tooMany" class="wrong" role="alert">
        {{ count }} parts are more than go into the shed at once: take {{ MOST_AT_ONCE }} or fewer.
      </p>
      <p v-else-if="count === 0" role="status">Press a part for each one that you own.</p>
      <ElButton
        type="primary"
        :disabled="count === 0 || tooMany"
        data-testid="add-parts"
        @click="emit('add', new Map(wanted))"
      >
        {{ count === 0 ? 'Put into the shed' : `Put ${counted(count, 'part')} into the shed` }}
      </ElButton>
    </div>
  </UiSheet>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: var(--space-4);
  align-items: end;
}

h3 {
  margin: var(--space-4) 0 var(--space-2);
  color: var(--soft-ink);
  font-size: var(--type-2);
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(138px, 1fr));
  gap: var(--space-3);
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: var(--space-2);
  padding-bottom: var(--space-2);
  border: 1px solid var(--seam);
  border-radius: 8px;
}

li.wanted {
  border: 2px solid var(--indigo);
  background: rgb(39 64 139 / 6%);
}

.el-button.bare.piece {
  display: flex;
  flex: 1;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  width: 100%;
  min-height: 78px;
  padding: var(--space-3) var(--space-2);
  font-size: var(--type-1);
  line-height: 1.2;
  text-align: center;
  white-space: normal;
}

.end {
  position: sticky;
  bottom: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: flex-end;
  gap: var(--space-3) var(--space-5);
  padding: var(--space-3) 0 var(--space-2);
  background: var(--paper);
}
</style>
