<template>
  <svg class="hatches" width="0" height="0" aria-hidden="true"><DrawingHatches /></svg>
</template>

<style scoped>
.hatches {
  position: absolute;
}
</style>
