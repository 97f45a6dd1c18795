<script setup lang="ts">
// Says what the keeper has to know, and that the server is away.
const yards = useYards()
</script>

<template>
  <div class="messages" aria-live="polite">
    <p v-if="!yards.reachable" class="away" data-testid="away">
      The server cannot be reached. {{ yards.waitingCount === 0 ? 'Nothing is waiting.' : yards.waitingCount === 1 ? 'One change is kept here and sent when it is back.' : `${yards.waitingCount} changes are kept here and sent when it is back.` }}
    </p>
    <p v-if="yards.message" class="said" role="alert">
      {{ yards.message }} <button class="plain-button quiet" type="button" @click="yards.message = null">All right</button>
    </p>
  </div>
</template>

<style scoped>
.messages {
  position: fixed;
  left: 50%;
  top: 62px;
  z-index: 3000;
  transform: translateX(-50%);
  width: min(640px, 92vw);
}

p {
  margin-bottom: 8px;
  padding: 10px 14px;
  border: 2px solid var(--watch);
  border-radius: 9px;
  background: #fff8e8;
  box-shadow: 0 3px 14px rgb(34 38 46 / 18%);
}

.said {
  border-color: var(--indigo);
  background: #fff;
}
</style>
