<script setup lang="ts">
// The look is written down: where to go on from here.
import { hivePath } from '~/composables/paths'

const props = defineProps<{ yardId: string; hive: { readonly id: string; readonly name: string } }>()
const emit = defineEmits<{ again: [] }>()
const journal = useJournal()
const toBook = computed(() => hivePath(props.yardId, props.hive.id, 'book'))
</script>

<template>
  <section class="kept" data-testid="look-kept">
    <p>
      <b>The inspection of {{ hive.name }} is written down.</b>
      {{ journal.count > 0 ? 'It waits on this device until the server can be reached.' : '' }}
    </p>
    <p class="ways">
      <NuxtLink :to="toBook">To the book of {{ hive.name }}</NuxtLink>
      <NuxtLink :to="`${toBook}?write=yes`" data-testid="look-done"
        >What was done: mites, treatment, food, crop</NuxtLink
      >
      <NuxtLink :to="hivePath(yardId, hive.id, 'bench')">Boxes moved, put on or taken off</NuxtLink>
      <ElButton @click="emit('again')">Write another inspection</ElButton>
    </p>
  </section>
</template>

<style scoped>
.kept {
  padding: 0 var(--space-5);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  align-items: center;
}
</style>
