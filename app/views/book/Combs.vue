<script setup lang="ts">
// The boxes with their combs, seen as one stands behind the hive and turns each box on its side: press a comb to say
// what is on it. What is not pressed stays unsaid.
import { saysSomething, withBrush, type CombBrush, type CombSeen } from '#core/book'
import type { HiveIn } from '#core/ask'
import { STORES_SHARE, isBox, isFrame } from '#core/parts'
import { capital, combSeenInWords, counted } from '#core/words'

const props = defineProps<{ known: HiveIn; combs: readonly CombSeen[]; brush: CombBrush }>()
const emit = defineEmits<{ say: [combs: readonly CombSeen[]] }>()
const preferences = usePreferences()
const names = computed(() => props.known.names(preferences.vocabulary))
const WIDE = 320
const HIGH = 46
const GAP = 4
const boxes = computed(() =>
  props.known.assembled.stack
    .filter((layer) => isBox(layer))
    .map(({ part, hung, placement }) => ({
      id: part.id,
      name: capital(names.value.get(part.id) ?? part.patternId),
      isSuper: placement.role === 'super',
      combs: hung.filter(isFrame).map(({ content }, i) => ({
        id: content.id,
        y: i * (HIGH + GAP),
        number: i + 1,
        seen: props.combs.find(({ contentId }) => contentId === content.id),
      })),
    }))
    .filter(({ combs }) => combs.length > 0)
    .reverse()
    .sort((a, b) => Number(a.isSuper) - Number(b.isSuper)),
)
/** Supers are opened when something is to be said of them: the colony comes first. */
const opened = reactive(new Set<string>())
const isOpen = (box: {
  readonly id: string
  readonly isSuper: boolean
  readonly combs: readonly { seen: unknown }[]
}) => !box.isSuper || opened.has(box.id) || box.combs.some(({ seen }) => seen !== undefined)
function press(boxId: string, contentId: string) {
  const before = props.combs.find((one) => one.contentId === contentId) ?? { boxId, contentId }
  const rest = props.combs.filter((one) => one.contentId !== contentId)
  const next = withBrush(before, props.brush)
  emit('say', saysSomething(next) ? [...rest, next] : rest)
}
const said = (seen: CombSeen | undefined) => (seen ? combSeenInWords(seen) : '')
</script>

<template>
  <div class="boxes">
    <section v-for="box in boxes" :key="box.id" :aria-label="box.name">
      <h2>{{ box.name }}</h2>
      <ElButton v-if="!isOpen(box)" @click="opened.add(box.id)">{{ counted(box.combs.length, 'comb') }}</ElButton>
      <svg
        v-else
        :viewBox="`0 0 ${WIDE} ${box.combs.length * (HIGH + GAP)}`"
        role="group"
        :aria-label="`Combs of ${box.name}, from the left`"
      >
        <g
          v-for="comb in box.combs"
          :key="comb.id"
          role="button"
          tabindex="0"
          :aria-label="`Comb ${comb.number} · ${said(comb.seen) || 'nothing said'}`"
          :data-comb="comb.number"
          :transform="`translate(0 ${comb.y})`"
          @click="press(box.id, comb.id)"
          @keydown.enter.prevent="press(box.id, comb.id)"
          @keydown.space.prevent="press(box.id, comb.id)"
        >
          <rect class="wood" :width="WIDE" :height="HIGH" rx="5" />
          <rect class="comb" x="12" y="6" :width="WIDE - 24" :height="HIGH - 12" />
          <rect
            v-if="comb.seen?.bees === 'full' || comb.seen?.bees === 'half'"
            class="bees"
            x="12"
            y="6"
            :width="(WIDE - 24) * (comb.seen.bees === 'full' ? 1 : 0.5)"
            :height="HIGH - 12"
          />
          <rect
            v-if="comb.seen?.brood?.length"
            class="brood"
            x="12"
            :y="HIGH - 14"
            :width="(WIDE - 24) / 2"
            height="8"
          />
          <rect
            v-if="comb.seen?.food?.length"
            class="food"
            :x="12 + (WIDE - 24) / 2"
            :y="HIGH - 14"
            :width="((WIDE - 24) / 2) * (comb.seen.stores ? STORES_SHARE[comb.seen.stores] : 1)"
            height="8"
          />
          <text x="20" :y="HIGH / 2 + 5">{{ comb.number }}{{ comb.seen ? ` · ${said(comb.seen)}` : '' }}</text>
        </g>
      </svg>
    </section>
  </div>
</template>

<style scoped>
.boxes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(320px, 100%), 1fr));
  gap: var(--space-4) var(--space-6);
}

h2 {
  margin: 0 0 var(--space-2);
  font-size: var(--type-3);
}

svg {
  display: block;
  width: 100%;
  max-width: 520px;
  touch-action: manipulation;
}

g[role='button'] {
  cursor: pointer;
}

g[role='button']:focus-visible {
  outline: 3px solid var(--indigo);
  outline-offset: -2px;
}

.wood {
  fill: #ead9b6;
  stroke: #7d6233;
}

.comb {
  fill: #fdf6e3;
}

.bees {
  fill: #e0b45a;
}

.brood {
  fill: #9a5b33;
}

.food {
  fill: #f0c64a;
  stroke: #7d6233;
}

text {
  fill: var(--ink);
  font-size: var(--type-2);
}
</style>
