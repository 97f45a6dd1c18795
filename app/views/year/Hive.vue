<script setup lang="ts">
// One hive as it is planned for a stage, to the row's scale.
import { colonyIn, type Yard } from '#core/yard'
import type { PlannedStage } from '#core/year'
import { showLength, showMass } from '#core/units'
import { verdictOf } from '#core/words'
import { plannedHiveIn, type StageFigures } from '#core/ask'
import { isBare } from '~/drawing/colony'
import { stackShapes } from '~/drawing/section'

const props = defineProps<{
  yard: Yard
  planned: PlannedStage
  figures: StageFigures | undefined
  scale: number
  height: number
  chosen: boolean
}>()
defineEmits<{ choose: [] }>()
const WIDTH = 150
const preferences = usePreferences()
const known = computed(() => plannedHiveIn(props.yard, props.planned))
const colony = computed(() => colonyIn(props.yard, props.planned.hive.id))
const shapes = computed(() => stackShapes(known.value.layout, 'along', isBare(colony.value)))
const verdict = computed(() => verdictOf(known.value, preferences.reader))
</script>

<template>
  <ElButton class="bare planned" :aria-pressed="chosen" :data-planned="planned.hive.name" @click="$emit('choose')">
    <svg :width="WIDTH" :height="height" aria-hidden="true">
      <g :transform="`translate(${WIDTH / 2} ${height - 8}) scale(${scale})`"><DrawingShapes :shapes="shapes" /></g>
      <DrawingBarred
        :colony="colony"
        :x="WIDTH / 2"
        :y="height - 8 - (known.layout.heightMm * scale) / 2"
        :width="WIDTH - 30"
      />
    </svg>
    <b>{{ planned.hive.name }}</b>
    <span class="soft"
      >{{ showLength(known.layout.heightMm, preferences.units)
      }}<template v-if="figures">, {{ showMass(figures.totalKg, preferences.units) }}</template></span
    >
    <span v-if="figures && figures.heaviestKg > 0" class="soft"
      >heaviest lift {{ showMass(figures.heaviestKg, preferences.units) }}</span
    >
    <ShellVerdict :verdict="verdict" />
    <span v-if="planned.byHand" class="soft">by hand{{ planned.conflict ? ', and the writing has changed' : '' }}</span>
  </ElButton>
</template>

<style scoped>
.planned {
  display: flex;
  width: 100%;
  flex-direction: column;
  padding: var(--space-1) var(--space-3) var(--space-3);
  border: 1px solid transparent;
  border-radius: 9px;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.planned[aria-pressed='true'] {
  border-color: var(--indigo);
  background: var(--indigo-wash);
}
</style>
