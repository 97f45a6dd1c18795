<script setup lang="ts">
// What was not foreseen: said plainly, nothing lost, ways on.
import type { NuxtError } from '#app'

defineProps<{ error: NuxtError }>()
</script>

<template>
  <ShellWayOn title="This could not be shown">
    <p>
      Something went wrong on this page. What you changed is saved, or kept in this browser and sent when it can be.
    </p>
    <p>
      <ElButton type="primary" @click="clearError({ redirect: '/' })"> Start again at the row </ElButton>
    </p>
  </ShellWayOn>
</template>
