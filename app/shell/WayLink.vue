<script setup lang="ts">
// One view by its word; underlined with a stitch where one is.
const props = defineProps<{ way: ShownWay }>()
const route = useRoute()
const here = computed(() => isHere(props.way, route.path))
</script>

<template>
  <NuxtLink :to="way.path" class="way" :class="{ here }" :aria-current="here ? 'page' : undefined">{{
    way.word
  }}</NuxtLink>
</template>

<style scoped>
.way {
  display: inline-flex;
  align-items: center;
  min-height: 40px;
  padding: var(--space-2) var(--space-3) 0;
  border-bottom: 3px solid transparent;
  color: var(--indigo);
  text-decoration: none;
}

.way:hover {
  background: var(--indigo-wash);
}

.here {
  border-bottom: 3px dashed var(--indigo);
  color: var(--ink);
  font-weight: 700;
}
</style>
