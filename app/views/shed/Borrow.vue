<script setup lang="ts">
// Out of another yard's shed into this one: what lies there, so many of each.
import dayjs from 'dayjs'
import { catalogueOf, isRack, type Part } from '#core/parts'
import { shedOf, type Edit, type Yard } from '#core/yard'
import { capital, counted, patternName } from '#core/words'
import * as deeds from '#core/yard/deeds'

const props = defineProps<{ yard: Yard }>()
const emit = defineEmits<{ borrow: [fromId: string, edit: Edit]; close: [] }>()
const yards = useYards()
const me = useMe()
const preferences = usePreferences()
const sheds = computed(() =>
  yards.yards
    .filter(({ id }) => id !== props.yard.id && me.mayIn(id, 'helper'))
    .map((yard) => ({ yard, lying: lyingIn(yard) }))
    .filter(({ lying }) => lying.length > 0),
)
const fromId = ref(sheds.value[0]?.yard.id ?? '')
const from = computed(() => sheds.value.find(({ yard }) => yard.id === fromId.value))
const wanted = reactive(new Map<string, number>())
watch(fromId, () => wanted.clear())
const backBy = ref('')
const isHeld = ref(false)
/** What lies there and may go, by its pattern and by whether it held brood: a super is no brood box. */
function lyingIn(yard: Yard) {
  const { patterns } = catalogueOf(yard)
  const piles = new Map<string, { key: string; patternId: string; isBrood: boolean; parts: Part[] }>()
  for (const part of shedOf(yard)) {
    if (part.borrowed || part.condition === 'needs-repair' || isRack({ pattern: patterns.get(part.patternId) }))
      continue
    const isBrood = part.hasHeld.includes('brood')
    const key = `${part.patternId} ${isBrood}`
    const pile = piles.get(key) ?? { key, patternId: part.patternId, isBrood, parts: [] }
    piles.set(key, { ...pile, parts: [...pile.parts, part] })
  }
  return [...piles.values()].map((pile) => ({ ...pile, pattern: patterns.get(pile.patternId) }))
}
const nameOf = (yard: Yard, patternId: string) =>
  capital(patternName(patternId, catalogueOf(yard), preferences.vocabulary))
function framesIn(parts: readonly Part[]): string {
  const frames = parts.reduce((sum, { contents }) => sum + contents.length, 0)
  return frames > 0 ? ` with ${counted(frames, 'frame')}` : ''
}
const chosen = computed(() =>
  (from.value?.lying ?? []).flatMap(({ key, parts }) => parts.slice(0, wanted.get(key) ?? 0)),
)
function borrow() {
  const loan = {
    yardId: props.yard.id,
    name: props.yard.name,
    since: dayjs().format('YYYY-MM-DD'),
    ...(backBy.value ? { backBy: backBy.value } : {}),
  }
  emit('borrow', fromId.value, deeds.lend(chosen.value, loan))
}
</script>

<template>
  <UiSheet :title="`Borrow for ${yard.name}`" @close="emit('close')">
    <p v-if="sheds.length === 0">
      No other shed that you may take from has anything in it. A shed that several yards share is a yard without hives:
      add one in the row, put the kit into its shed, and invite its keepers as helpers.
    </p>
    <template v-else>
      <label class="from"
        >From the shed of
        <ElSelect v-model="fromId" aria-label="From the shed of" data-testid="borrow-from">
          <ElOption v-for="one in sheds" :key="one.yard.id" :value="one.yard.id" :label="one.yard.name" />
        </ElSelect>
      </label>
      <ul v-if="from" class="pictured">
        <li v-for="pile in from.lying" :key="pile.key">
          <DrawingPatternPicture v-if="pile.pattern" :pattern="pile.pattern" />
          <span
            >{{ nameOf(from.yard, pile.patternId)
            }}<small
              >{{ pile.parts.length }} there{{ framesIn(pile.parts) }}{{ pile.isBrood ? ', held brood' : '' }}</small
            ></span
          >
          <UiNumber
            always
            :model-value="wanted.get(pile.key) ?? 0"
            :of="{ min: 0, max: pile.parts.length }"
            :name="`How many ${nameOf(from.yard, pile.patternId)}`"
            :data-borrow="pile.patternId"
            @update:model-value="wanted.set(pile.key, $event ?? 0)"
          />
        </li>
      </ul>
      <ShedLoanTerms :key="fromId" v-model:back-by="backBy" :yard-id="fromId" @held="isHeld = $event" />
      <ElButton type="primary" :disabled="chosen.length === 0 || isHeld" data-testid="borrow-go" @click="borrow">
        Borrow {{ counted(chosen.length, 'part') }}
      </ElButton>
    </template>
  </UiSheet>
</template>

<style scoped>
.from {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}

.el-select {
  width: 240px;
}

ul {
  margin: var(--space-3) 0;
  padding: 0;
  list-style: none;
}

li {
  border-bottom: 1px solid var(--seam);
}

small {
  display: block;
  color: var(--soft-ink);
}
</style>
