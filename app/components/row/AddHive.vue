<script setup lang="ts">
// A new hive in a yard: its name and what it starts from.
import type { StartName } from '#core/hive'

const emit = defineEmits<{ start: [kind: StartName, name: string]; close: [] }>()
const name = ref('')
const wrong = ref(false)
function go(kind: StartName) {
  wrong.value = name.value.trim() === ''
  if (!wrong.value) emit('start', kind, name.value.trim())
}
</script>

<template>
  <UiSheet title="A new hive" width="min(520px, 94vw)" @close="emit('close')">
    <form class="new" @submit.prevent="go('langstroth')">
      <label for="new-hive-name">Name</label>
      <ElInput
        id="new-hive-name"
        v-model="name"
        maxlength="80"
        placeholder="Twill"
        autofocus
        data-testid="new-hive-name"
      />
      <p v-if="wrong" class="wrong" role="alert">The name is empty: give the hive one, such as Twill.</p>
      <div class="ways">
        <ElButton type="primary" data-testid="new-langstroth" @click="go('langstroth')"> A Langstroth </ElButton>
        <ElButton type="primary" data-testid="new-national" @click="go('national')"> A National </ElButton>
        <ElButton data-testid="new-empty" @click="go('empty')">Bare ground</ElButton>
      </div>
    </form>
  </UiSheet>
</template>

<style scoped>
.new {
  display: grid;
  gap: 8px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-top: 8px;
}

.wrong {
  color: var(--stop);
}
</style>
