<script setup lang="ts">
const yards = useYards()
onMounted(() => yards.load())
</script>

<template>
  <DrawingHatchesOnce />
  <NuxtPage />
  <ShellConflict v-if="yards.conflict" />
  <ShellMessage />
</template>
