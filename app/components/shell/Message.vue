<script setup lang="ts">
// Says what the keeper has to know: what keeps the server from saving, what this browser cannot keep, what was set aside.
const yards = useYards()
const sync = useSync()
const store = useHeld()
const aside = useAside()
const waiting = computed(() => (yards.waitingCount === 0 ? 'Nothing is waiting.' : yards.waitingCount === 1 ? 'One change is kept here and sent when it can be.' : `${yards.waitingCount} changes are kept here and sent when they can be.`))
const unkept = computed(() => (store.unkept === 'forbidden' ? 'This browser keeps nothing for Duvet' : 'This browser’s storage is full'))
</script>

<template>
  <div class="messages" aria-live="polite">
    <p v-if="sync.trouble" class="away" data-testid="away">{{ sync.trouble.sentence }} {{ waiting }}</p>
    <p v-if="store.unkept && yards.waitingCount > 0" class="away" data-testid="unkept">{{ unkept }}: {{ yards.waitingCount === 1 ? 'a change is' : `${yards.waitingCount} changes are` }} kept in this page only until the server has {{ yards.waitingCount === 1 ? 'it' : 'them' }}. Do not close it before.</p>
    <p v-if="aside.all.length > 0" class="said" data-testid="aside">
      {{ aside.count === 1 ? 'One change could not be saved and is' : `${aside.count} changes could not be saved and are` }} set aside. <button class="plain-button" type="button" data-testid="open-aside" @click="aside.shown = true">Look at {{ aside.count === 1 ? 'it' : 'them' }}</button>
    </p>
    <p v-if="aside.dropped" class="said" data-testid="dropped">Dropped. <button class="plain-button" type="button" @click="aside.bringBack()">Bring it back</button> <button class="plain-button quiet" type="button" @click="aside.dropped = null">All right</button></p>
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
