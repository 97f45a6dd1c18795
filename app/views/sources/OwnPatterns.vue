<script setup lang="ts">
// Patterns of the yard's own: taken away again, where nothing is made of them any more.
import { there } from '#core/units'
import { inWords, type HangingPattern, type Pattern } from '#core/parts'
import { capital } from '#core/words'
import * as deeds from '#core/yard/deeds'

const yards = useYards()
const view = useView()
const preferences = usePreferences()
const own = computed(() => [
  ...(view.yard?.patterns ?? []).map((pattern) => ({ pattern, hanging: false })),
  ...(view.yard?.hanging ?? []).map((pattern) => ({ pattern, hanging: true })),
])
const blocked = ref<{ readonly name: string; readonly users: readonly string[] } | null>(null)

function remove({ id, label }: Pattern | HangingPattern, hanging: boolean) {
  const yard = there(view.yard)
  const parts = yard.parts.filter((part) =>
    hanging ? part.contents.some(({ patternId }) => patternId === id) : part.patternId === id,
  )
  if (parts.length > 0) {
    const ids = new Set(parts.map((part) => part.id))
    const users = yard.hives.filter((hive) => hive.stack.some(({ partId }) => ids.has(partId))).map((hive) => hive.name)
    blocked.value = { name: inWords(label, preferences.vocabulary), users: users.length > 0 ? users : ['the shed'] }
    return
  }
  yards.perform(yard.id, deeds.forgetPattern(id, hanging))
}
</script>

<template>
  <section v-if="own.length > 0" class="own">
    <h2>Your own patterns</h2>
    <p v-for="{ pattern, hanging } in own" :key="pattern.id">
      {{ inWords(pattern.label, preferences.vocabulary) }}
      <ElButton text @click="remove(pattern, hanging)">Remove</ElButton>
    </p>
    <p v-if="blocked" class="wrong" role="alert">
      {{ capital(blocked.name) }} is in use: {{ blocked.users.join(', ') }}. Swap or drop those parts first.
      <ElButton text @click="blocked = null">All right</ElButton>
    </p>
  </section>
</template>

<style scoped>
.own {
  padding: var(--space-3) 0;
}
</style>
