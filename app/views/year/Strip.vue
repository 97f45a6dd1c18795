<script setup lang="ts">
// Every hive at the stage that is looked at, side by side and to one scale; those in sight are drawn.
import { useVirtualizer } from '@tanstack/vue-virtual'
import type { Yard } from '#core/yard'
import type { PlannedAt } from './plannedAt'

const HEIGHT = 190
const HIVE_PX = 170
/** Air over the highest hive. */
const AIR_PX = 12
const props = defineProps<{
  yard: Yard
  planned: readonly PlannedAt[]
  tallestMm: number
  chosenId: string | undefined
  name: string
}>()
const emit = defineEmits<{ choose: [hiveId: string] }>()
const scale = computed(() => (HEIGHT - AIR_PX) / props.tallestMm)
const strip = ref<HTMLElement | null>(null)
const virtualizer = useVirtualizer(
  computed(() => ({
    count: props.planned.length,
    horizontal: true,
    getScrollElement: () => strip.value,
    estimateSize: () => HIVE_PX,
    overscan: 2,
  })),
)
const inSight = computed(() => virtualizer.value.getVirtualItems())
const drawnNow = useInTurn(computed(() => Math.max(1, inSight.value.length)))
const drawn = computed(() => inSight.value.slice(0, drawnNow.value).flatMap(({ index }) => props.planned[index] ?? []))
</script>

<template>
  <div ref="strip" class="row" role="group" tabindex="0" :aria-label="name">
    <div class="line" :style="{ width: `${virtualizer.getTotalSize()}px`, paddingLeft: `${inSight[0]?.start ?? 0}px` }">
      <div v-for="{ id, one, figures } in drawn" :key="id" class="place">
        <YearHive
          :yard="yard"
          :planned="one"
          :figures="figures"
          :scale="scale"
          :height="HEIGHT"
          :chosen="chosenId === id"
          @choose="emit('choose', id)"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.line {
  display: flex;
}

.place {
  flex: none;
  width: 166px;
  margin-right: var(--space-2);
}

.row {
  margin: var(--space-3) var(--space-5) 0;
  padding-bottom: var(--space-2);
  overflow-x: auto;
  border-bottom: 2px dashed var(--seam);
}
</style>
