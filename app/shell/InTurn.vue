<script setup lang="ts">
// What stands in it is drawn when its turn has come, in a frame of its own.
const drawn = useInTurn(1)
</script>

<template>
  <slot v-if="drawn > 0" />
</template>
