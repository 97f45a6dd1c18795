<script setup lang="ts">
// What is hung into the box: the frame it is made for first.
import { inWords, resolvePart } from '#core/parts'
import { frameInBox } from '#core/stack'
import { capital } from '#core/words'

const hanging = defineModel<string>({ required: true })
const frames = useFrames()
const preferences = usePreferences()
/** What goes into this box. */
const choices = computed(() => {
  if (!frames.part) return []
  const box = resolvePart(frames.part, frames.catalogue)
  const normal = box.pattern?.normalContents?.framePatternId
  return [...frames.catalogue.hanging.values()]
    .filter((pattern) => frameInBox(pattern, box, frames.context).verdict !== 'does-not-fit')
    .sort((a, b) => Number(b.id === normal) - Number(a.id === normal))
})
const others = computed(() =>
  [...frames.catalogue.hanging.values()].filter((pattern) => !choices.value.includes(pattern)),
)
watch(
  choices,
  (now) => {
    if (!now.some(({ id }) => id === hanging.value)) hanging.value = now[0]?.id ?? ''
  },
  { immediate: true },
)
const name = (id: string) => {
  const pattern = frames.catalogue.hanging.get(id)
  return pattern ? capital(inWords(pattern.label, preferences.vocabulary)) : ''
}
const hung = computed(() => frames.catalogue.hanging.get(hanging.value))
const some = computed(() => frames.selected.size > 0)
</script>

<template>
  <section aria-labelledby="tool-hang">
    <h2 id="tool-hang">Hang in</h2>
    <label class="visually-hidden" for="hang-what">What to hang in</label>
    <ElSelect id="hang-what" v-model="hanging" data-testid="hang-what" filterable>
      <template #prefix><FramesHangingPicture v-if="hung" :pattern="hung" /></template>
      <ElOptionGroup label="Goes into this box">
        <ElOption v-for="one in choices" :key="one.id" :value="one.id" :label="name(one.id)">
          <FramesHangingPicture :pattern="one" /> {{ name(one.id) }}
        </ElOption>
      </ElOptionGroup>
      <ElOptionGroup label="Made for another box">
        <ElOption v-for="one in others" :key="one.id" :value="one.id" :label="name(one.id)">
          <FramesHangingPicture :pattern="one" /> {{ name(one.id) }}
        </ElOption>
      </ElOptionGroup>
    </ElSelect>
    <div class="row">
      <ElButton type="primary" data-testid="hang" @click="frames.hang(hanging)"> Hang one in </ElButton>
      <ElButton data-testid="replace" :disabled="!some" @click="frames.replaceBy(hanging)"> Replace </ElButton>
    </div>
    <div v-if="frames.isDivided" class="row" role="group" aria-label="Half of the box">
      <ElButton :disabled="!some" data-testid="to-near" @click="frames.toHalf('near')">Into the upper half</ElButton>
      <ElButton :disabled="!some" data-testid="to-far" @click="frames.toHalf('far')">Into the lower half</ElButton>
    </div>
  </section>
</template>

<style scoped>
.row {
  display: flex;
  gap: var(--space-3);
}

.row .el-button {
  flex: 1;
  padding: var(--space-1) var(--space-3);
}
</style>
