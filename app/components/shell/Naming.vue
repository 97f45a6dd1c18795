<script setup lang="ts">
// Asks for one name.
const props = defineProps<{ title: string; value: string; required?: boolean; long?: boolean }>()
const emit = defineEmits<{ take: [value: string]; close: [] }>()
const text = ref(props.value)
const wrong = ref(false)
function take() {
  wrong.value = props.required === true && text.value.trim() === ''
  if (!wrong.value) emit('take', text.value.trim())
}
</script>

<template>
  <UiSheet :title="title" width="min(420px, 94vw)" @close="emit('close')">
    <form @submit.prevent="take">
      <ElInput
        v-model="text"
        :type="long ? 'textarea' : 'text'"
        :rows="4"
        :maxlength="long ? 2000 : 80"
        :aria-label="title"
        autofocus
        data-testid="name-input"
      />
      <p v-if="wrong" class="wrong" role="alert">The name is empty: give it one, such as Twill.</p>
      <ElButton type="primary" native-type="submit">Save</ElButton>
    </form>
  </UiSheet>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
  justify-items: start;
}

.wrong {
  color: var(--stop);
}
</style>
