<script setup lang="ts">
// Says once what the keeper has to know.
const yards = useYards()
const aside = useAside()
</script>

<template>
  <div class="messages" aria-live="polite">
    <p v-if="aside.dropped" data-testid="dropped">
      Dropped. <button class="plain-button" type="button" @click="aside.bringBack()">Bring it back</button>
      <button class="plain-button quiet" type="button" @click="aside.dropped = null">All right</button>
    </p>
    <p v-if="yards.message" role="alert">
      {{ yards.message }}
      <button class="plain-button quiet" type="button" @click="yards.message = null">All right</button>
    </p>
  </div>
</template>

<style scoped>
.messages {
  position: fixed;
  left: 50%;
  bottom: 70px;
  z-index: 3000;
  transform: translateX(-50%);
  width: min(640px, 92vw);
}

p {
  margin-bottom: 8px;
  padding: 10px 14px;
  border: 2px solid var(--indigo);
  border-radius: 9px;
  background: #fff;
  box-shadow: 0 3px 14px rgb(34 38 46 / 18%);
}
</style>
