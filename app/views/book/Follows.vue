<script setup lang="ts">
// What follows from a look, each with how it was worked out.
import type { Look } from '#core/book'
import type { HiveIn } from '#core/ask'
import { SIGN_CAUTION, SIGN_WORDS, followsInWords } from '#core/words'

const props = defineProps<{
  known: HiveIn
  look: Look
  day: string
  tray?: { readonly mites: number | undefined; readonly days: number | undefined }
}>()
const preferences = usePreferences()
const lines = computed(() =>
  followsInWords(
    props.known,
    props.look,
    props.day,
    { clipped: props.look.queenClipped === true, ...props.tray },
    preferences.reader,
  ),
)
</script>

<template>
  <section class="follows" aria-label="What follows from it" data-testid="follows">
    <h2>What follows</h2>
    <div v-if="look.signs?.length" class="sign" role="alert">
      <b>You saw: {{ look.signs.map((sign) => SIGN_WORDS[sign]).join(', ') }}.</b> {{ SIGN_CAUTION }}
    </div>
    <dl>
      <div v-for="line in lines" :key="line.of" :data-follows="line.of">
        <dt>{{ line.what }}</dt>
        <dd>
          {{ line.said }}<small>{{ line.how }}</small>
        </dd>
      </div>
    </dl>
    <EntrySwarmWays v-if="(look.cells?.open ?? 0) > 0" />
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 var(--space-3);
  font-size: var(--type-4);
}

dl {
  margin: 0;
}

dl > div {
  display: grid;
  grid-template-columns: 128px 1fr;
  gap: var(--space-1) var(--space-4);
  padding: var(--space-3) 0;
  border-bottom: 1px solid var(--seam);
}

dt {
  color: var(--ink);
  font-weight: 700;
}

small {
  display: block;
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.sign {
  margin-bottom: var(--space-3);
  padding: var(--space-3) var(--space-4);
  border-left: 5px solid var(--stop);
  background: var(--sheet);
}
</style>
