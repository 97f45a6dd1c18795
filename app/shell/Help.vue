<script setup lang="ts">
// The words of the trade, and the keys.
import { capital } from '#core/words'

defineEmits<{ close: [] }>()
const view = useView()
const terms = useTerms()
const preferences = usePreferences()
const ways = computed(() => waysFrom(view.yard, view.hive))
const KEYS = computed<readonly (readonly [string, string])[]>(() => [
  ['/', 'find a hive, a yard or a view'],
  ...[...ways.value.yard, ...ways.value.hive, ...ways.value.reference].map(({ word, letter }): [string, string] => [
    `G, then ${letter.toUpperCase()}`,
    `go to ${word}`,
  ]),
  ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo'],
  ['U', 'inches and pounds, or millimetres and kilograms'],
  ['?', 'this page'],
  ['Up, Down', 'on the bench: select the part above or below'],
  ['Alt + Up, Alt + Down', 'move the selected part'],
  ['A', 'choose a part to add: it goes to its usual place'],
  ['T', 'turn it over'],
  ['S', 'swap it for another pattern'],
  ['Delete', 'take it off; it goes to the shed'],
  ['Escape', 'let go of what is dragged, or select nothing'],
  ['F', 'open the selected box from above, frame by frame; Escape goes back'],
  ['In a box: Shift + Up, Down', 'select several frames; Alt moves one, Delete takes it out, T turns it round'],
  ['W', 'weights on the drawing, and what they are made of'],
  ['X', 'see the section across or along the frames'],
  ['N', 'go to the next gap'],
  ['1 to 9, 0', 'the hive in a stage of its year; 0 as it stands'],
])
</script>

<template>
  <UiSheet title="Words and keys" @close="$emit('close')">
    <ElTabs>
      <ElTabPane label="Parts of a hive">
        <p class="both">
          Yours first, then the {{ preferences.vocabulary === 'british' ? 'North American' : 'British' }} word where it
          differs.
        </p>
        <ShellPartsPicture />
      </ElTabPane>
      <ElTabPane label="Words">
        <dl>
          <template v-for="{ word, means } in terms.entries" :key="word"
            ><dt>{{ capital(word) }}</dt>
            <dd>{{ means }}</dd></template
          >
        </dl>
      </ElTabPane>
      <ElTabPane label="Keys">
        <dl>
          <template v-for="[key, what] in KEYS" :key="key"
            ><dt>{{ key }}</dt>
            <dd>{{ what }}</dd></template
          >
        </dl>
      </ElTabPane>
    </ElTabs>
  </UiSheet>
</template>

<style scoped>
.both {
  color: var(--soft-ink);
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-2) var(--space-5);
  margin: 0 0 var(--space-5);
}

dt {
  color: var(--ink);
  font-weight: 700;
}
</style>
