<script setup lang="ts">
// What was set aside: what it is, when and why; tried again, saved as a file, dropped.
import { capital, editInWords } from '#core/words'
import { download } from '~/composables/download'
import { slipInWords } from '~/composables/slipWords'
import type { SetAside } from '~/journal'

const { aside } = useJournal()
const preferences = usePreferences()
const yards = useYards()
const book = useBook()
const canGo = ({ entries, slip }: SetAside) => slip !== undefined || entries.length > 0
const words = ({ entries, slip, text }: SetAside) =>
  slip
    ? slipInWords(slip, preferences.reader)
    : entries.length > 0
      ? entries.map(({ edit }) => capital(editInWords(edit)))
      : [`As it was found: ${(text ?? '').slice(0, 200)}`]
const hereAgain = ({ yardId }: SetAside) => yards.yards.some(({ id }) => id === yardId)
function save(one: SetAside) {
  download(
    `set-aside-${one.at.slice(0, 10) || 'unknown'}.json`,
    one.text ?? JSON.stringify(one, null, 1),
    'application/json',
  )
}
function tryAgain(one: SetAside) {
  yards.message = null
  if (one.slip) void book.tryAgain(one)
  else yards.tryAgain(one.id)
}
</script>

<template>
  <UiSheet title="Set aside" width="min(720px, 94vw)" @close="aside.shown = false">
    <p v-if="aside.all.length === 0">Nothing is set aside any more.</p>
    <p v-else>
      These changes could not be saved. Nothing of what is saved was touched; they stay in this browser until you drop
      them.
    </p>
    <section v-for="one in aside.all" :key="one.id" data-set-aside>
      <h3>
        {{ one.yardName || 'A yard that is not known'
        }}<template v-if="one.at">, {{ preferences.day(one.at) }}</template>
      </h3>
      <p>{{ one.why }}</p>
      <ul>
        <li v-for="(word, i) in words(one).slice(0, 8)" :key="i">{{ word }}</li>
        <li v-if="words(one).length > 8">and {{ words(one).length - 8 }} more</li>
      </ul>
      <div class="ways">
        <ElButton
          v-if="canGo(one)"
          type="primary"
          :disabled="!hereAgain(one)"
          data-testid="try-again"
          @click="tryAgain(one)"
        >
          Try again
        </ElButton>
        <ElButton data-testid="save-aside" @click="save(one)">Save as a file</ElButton>
        <ElButton text data-testid="drop-aside" @click="aside.drop(one.id)"> Drop it </ElButton>
      </div>
      <p v-if="canGo(one) && !hereAgain(one)" class="soft">
        Its yard is not here: bring it back at the foot of the Row, then try again.
      </p>
    </section>
  </UiSheet>
</template>

<style scoped>
section {
  margin-top: var(--space-4);
  padding: var(--space-3) var(--space-4);
  border: 1px solid var(--seam);
  border-radius: 9px;
  background: var(--linen);
}

h3 {
  font-size: var(--type-4);
}

ul {
  margin: var(--space-2) 0;
  padding-left: var(--space-5);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}

.soft {
  margin-top: var(--space-3);
  color: var(--soft-ink);
}
</style>
