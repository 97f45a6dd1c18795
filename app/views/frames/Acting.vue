<script setup lang="ts">
// What is done with the frames that are selected: moved, turned round, taken out, put into another box.
import { frameInBox } from '#core/stack'
import { isBox, resolvePart } from '#core/parts'
import { mayTakeFrames } from '#core/yard'
import { capital } from '#core/words'
import { boxName } from '~/composables/boxName'

const frames = useFrames()
const preferences = usePreferences()
const some = computed(() => frames.selected.size > 0)
/** Boxes of the yard that the selected frames go into. */
const others = computed(() => {
  const first = frames.part?.contents.find(({ id }) => frames.selected.has(id))
  const pattern = first && frames.catalogue.hanging.get(first.patternId)
  const { yard } = frames
  if (!pattern || !yard) return []
  return yard.parts
    .filter((part) => part.id !== frames.partId && mayTakeFrames(yard, part))
    .filter((part) => isBox({ pattern: frames.catalogue.patterns.get(part.patternId) }))
    .filter(
      (part) => frameInBox(pattern, resolvePart(part, frames.catalogue), frames.context).verdict !== 'does-not-fit',
    )
    .map((part) => ({ part, name: boxName(yard, part, preferences.vocabulary) }))
})
function putInto(id: string) {
  const other = frames.yard?.parts.find((part) => part.id === id)
  if (other) frames.putInto(other)
}
</script>

<template>
  <div class="actions" role="group" aria-label="What to do with the selected frames">
    <b>{{ some ? `${frames.selected.size} selected` : 'None selected' }}</b>
    <ElButton :disabled="frames.selected.size !== 1" data-testid="frame-up" @click="frames.step(-1)"> Up </ElButton>
    <ElButton :disabled="frames.selected.size !== 1" data-testid="frame-down" @click="frames.step(1)"> Down </ElButton>
    <ElButton :disabled="!some" data-testid="turn-round" @click="frames.turn()"> Turn round </ElButton>
    <ElButton :disabled="!some" data-testid="take-out" @click="frames.takeOut()"> Take out </ElButton>
    <label class="into"
      ><span class="visually-hidden">Put into another box</span>
      <ElSelect
        model-value=""
        placeholder="Put into…"
        :disabled="!some || others.length === 0"
        data-testid="put-into"
        @change="putInto"
      >
        <ElOption v-for="other in others" :key="other.part.id" :value="other.part.id" :label="capital(other.name)" />
      </ElSelect>
    </label>
  </div>
</template>

<style scoped>
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
  padding: var(--space-3) var(--space-3);
}

.actions b {
  min-width: 96px;
}

.actions .el-button {
  min-height: 36px;
  padding: var(--space-1) var(--space-3);
}

.into .el-select {
  max-width: 170px;
}
</style>
