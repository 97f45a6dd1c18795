<script setup lang="ts">
// A change that is said to be done: it is done in the drawing too, or only named, or not done.
import * as deeds from '#core/yard/deeds'
import { doneAtOnce } from '#core/year'
import { localToday } from '~/composables/localTime'
import type { ChangeAt } from './useDueLines'

const props = defineProps<{ line: ChangeAt }>()
const emit = defineEmits<{ close: [] }>()
const yards = useYards()
const failed = ref('')
const name = computed(() => props.line.hive?.name ?? 'the hive')
const stage = computed(() => stageSaid(props.line.reason.stage))
function asPlanned() {
  const { yard, hive, reason } = props.line
  const edit = hive && doneAtOnce(yard, hive, reason.stage, localToday(), crypto.randomUUID())
  if (edit && yards.perform(yard.id, edit)) emit('close')
  else failed.value = 'The plan could not be carried out at once: begin the visit, and tick what was done.'
}
function onlyNamed() {
  const { yard, hive, reason } = props.line
  if (hive && yards.perform(yard.id, deeds.setHive(hive, { stage: reason.stage }))) emit('close')
}
</script>

<template>
  <ElDialog
    model-value
    :title="`Is ${name} changed to ${stage}?`"
    width="min(460px, 94vw)"
    append-to-body
    @update:model-value="emit('close')"
  >
    <p>Duvet draws it as it stood before. What is drawn is what every view counts with.</p>
    <p v-if="failed" role="alert" class="wrong">{{ failed }}</p>
    <div class="ways">
      <ElButton type="primary" size="large" data-testid="changed-as-planned" @click="asPlanned"
        >Yes, all of it: it stands as planned</ElButton
      >
      <ElButton size="large" data-testid="changed-name" @click="onlyNamed"
        >It stands as drawn: only call it {{ stage }}</ElButton
      >
      <ElButton size="large" data-testid="changed-not" @click="emit('close')">Not done yet</ElButton>
    </div>
  </ElDialog>
</template>

<style scoped>
p {
  margin: 0 0 var(--space-3);
}

.ways {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

.ways .el-button {
  min-height: 44px;
  margin: 0;
}
</style>
