<script setup lang="ts">
// What is in the hand, and how to put it down without dragging.
import type { ButtonInstance } from 'element-plus'
import type { Hand } from '#core/hive/deeds'

const putDownButton = ref<ButtonInstance | null>(null)
// The keys go on here: Enter puts down what Enter took up.
onMounted(() => putDownButton.value?.ref?.focus())
defineProps<{ hand: Hand; name: string; place: string; verdict: string }>()
defineEmits<{ up: []; down: []; turn: []; putDown: []; letGo: [] }>()
</script>

<template>
  <div class="hand" role="group" aria-label="In the hand">
    <p>
      <b>{{ name }}</b> in the hand, {{ place }}. {{ verdict }}
    </p>
    <div class="keys">
      <ElButton @click="$emit('up')">Higher</ElButton>
      <ElButton @click="$emit('down')">Lower</ElButton>
      <ElButton @click="$emit('turn')">Turn over</ElButton>
      <ElButton ref="putDownButton" type="primary" data-testid="put-down" @click="$emit('putDown')">
        Put it here
      </ElButton>
      <ElButton text @click="$emit('letGo')">Cancel</ElButton>
    </div>
  </div>
</template>

<style scoped>
.hand {
  position: fixed;
  left: 204px;
  right: 320px;
  bottom: calc(6px + var(--foot));
  z-index: 10;
  padding: 8px 12px;
  border: 2px dashed var(--indigo);
  border-radius: 9px;
  background: #fff;
  box-shadow: 0 3px 14px rgb(34 38 46 / 18%);
}

@media (max-width: 1020px) {
  .hand {
    left: 6px;
    right: 6px;
  }
}

.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 7px;
}
</style>
