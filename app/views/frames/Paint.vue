<script setup lang="ts">
// What is in the frames that are selected: what the comb holds, how far it is, what holds it.
import { COMB_HOLDS, COMB_STARTS, COMB_SUPPORTS, isFoundationless, isFramePattern } from '#core/parts'
import { capital, COMB_WORDS, holdsWord, SUPPORT_WORDS } from '#core/words'
import { alternated } from '#core/yard'

const frames = useFrames()
const preferences = usePreferences()
const some = computed(() => frames.selected.size > 0)
const allFrames = computed(() =>
  (frames.part?.contents ?? [])
    .filter(({ patternId }) => isFramePattern(frames.catalogue.hanging.get(patternId)))
    .map(({ id }) => id),
)
const bare = computed(() => (frames.part?.contents ?? []).filter(isFoundationless).length)
function alternate() {
  if (frames.part)
    frames.change(
      alternated(frames.part, isFoundationless, ({ patternId }) =>
        isFramePattern(frames.catalogue.hanging.get(patternId)),
      ),
    )
}
const rows = computed(() => [
  {
    name: 'What the comb holds',
    of: COMB_HOLDS.map((one) => ({ one, look: one, word: holdsWord(one, preferences.reader), as: { holds: one } })),
  },
  {
    name: 'How far the comb is',
    of: COMB_STARTS.map((one) => ({ one, look: one, word: COMB_WORDS[one], as: { comb: one } })),
  },
  {
    name: 'What holds the comb',
    of: COMB_SUPPORTS.map((one) => ({ one, look: `support-${one}`, word: SUPPORT_WORDS[one], as: { support: one } })),
  },
])
</script>

<template>
  <section aria-labelledby="tool-paint">
    <h2 id="tool-paint">What is in them</h2>
    <p class="hint">
      {{ some ? `${frames.selected.size} selected` : 'Press frames on the drawing; with Shift, several.' }}
      <ElButton text data-testid="select-all" @click="frames.select(allFrames)"> All frames </ElButton>
    </p>
    <div v-for="row in rows" :key="row.name" class="paints" role="group" :aria-label="row.name">
      <ElButton
        v-for="{ one, look, word, as } in row.of"
        :key="one"
        class="paint"
        :disabled="!some"
        :data-paint="one"
        @click="frames.paint(as)"
      >
        <i :class="look" aria-hidden="true" />{{ capital(word) }}
      </ElButton>
    </div>
    <ElButton v-if="bare > 0" data-testid="alternate" @click="alternate">
      Hang the {{ bare }} without foundation between the others
    </ElButton>
  </section>
</template>

<style scoped>
.hint {
  color: var(--soft-ink);
  font-size: var(--type-2);
}

.hint .el-button {
  min-height: 30px;
  padding: 0 var(--space-3);
  color: var(--indigo);
  text-decoration: underline;
}

.paints {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-2);
}

.paint {
  justify-content: flex-start;
  min-height: 32px;
  padding: 0 var(--space-2);
  font-size: var(--type-1);
  line-height: 1.05;
  font-weight: 400;
  text-align: left;
}

i {
  flex: none;
  width: 14px;
  height: 14px;
  border: 1px solid #8a5b2b;
}

.capped-honey {
  background: repeating-linear-gradient(45deg, #f3cd6d 0 4px, #d29d25 4px 6px);
}
.nectar {
  background: #f7e3a4;
}
.pollen {
  background: radial-gradient(circle, #a9853c 30%, #e4cfa0 32%);
}
.brood {
  background: radial-gradient(circle, #8f5c2d 25%, #cf9a63 27%) 0 0 / 7px 7px;
}
.empty {
  background: #efe0c2;
}
.support-none {
  background: linear-gradient(#efe0c2, #efe0c2);
}
.support-mid-bar {
  background: linear-gradient(90deg, #efe0c2 42%, #6f4f22 42% 58%, #efe0c2 58%);
}
.support-wires {
  background: repeating-linear-gradient(#efe0c2 0 3px, #4c545d 3px 4px);
}
.wax-foundation {
  background: linear-gradient(#fff 42%, #d29d25 42% 58%, #fff 58%);
}
.plastic-foundation {
  background: linear-gradient(#fff 42%, #5d6c6c 42% 58%, #fff 58%);
}
.starter-strip {
  background: linear-gradient(90deg, #d29d25 30%, #fff 30%);
}
.foundationless {
  border-style: dashed;
  background: #fff;
}
.drawn {
  background: #dcb68a;
}
</style>
