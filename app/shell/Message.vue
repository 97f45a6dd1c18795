<script setup lang="ts">
// Says once what the keeper has to know.
import { editInWords } from '#core/words'

const yards = useYards()
const preferences = usePreferences()
const { aside } = useJournal()
const undone = useUndone()
const turnBack = useTurnBack()
const WHAT = { undo: 'Undone', redo: 'Done again', stopped: 'Made before this sitting, so it was left' } as const
const turned = computed(() => {
  const { last } = undone
  return last
    ? `${WHAT[last.how]}: ${editInWords(last.edit)}, made ${preferences.day(last.madeAt)} at ${clockOf(last.madeAt)}.`
    : ''
})
function back() {
  const { did } = undone
  undone.did = null
  did?.back()
}
</script>

<template>
  <div class="messages" aria-live="polite">
    <p v-if="aside.dropped" data-testid="dropped">
      Dropped. <ElButton @click="aside.bringBack()">Bring it back</ElButton>
      <ElButton text @click="aside.dropped = null">All right</ElButton>
    </p>
    <p v-if="turned" :class="{ told: undone.last?.how !== 'stopped' }" data-testid="undone">
      {{ turned }}
      <template v-if="undone.last?.how === 'stopped'">
        <ElButton data-testid="undo-beyond" @click="turnBack('undo', true)">Undo it all the same</ElButton>
        <ElButton text @click="undone.last = null">Leave it</ElButton>
      </template>
    </p>
    <p v-if="undone.did" data-testid="did">
      {{ undone.did.words }}
      <ElButton data-testid="did-undo" @click="back">Undo</ElButton>
      <ElButton text @click="undone.did = null">All right</ElButton>
    </p>
    <p v-if="yards.message" role="alert">
      {{ yards.message }}
      <ElButton text @click="yards.message = null">All right</ElButton>
    </p>
  </div>
</template>

<style scoped>
.messages {
  position: fixed;
  left: 50%;
  bottom: calc(70px + var(--foot));
  z-index: 3000;
  transform: translateX(-50%);
  width: min(640px, 92vw);
}

p {
  margin-bottom: var(--space-3);
  padding: var(--space-3) var(--space-4);
  border: 2px solid var(--indigo);
  border-radius: 9px;
  background: #fff;
  box-shadow: 0 3px 14px rgb(34 38 46 / 18%);
}

.told {
  pointer-events: none;
}
</style>
