<script setup lang="ts">
// What can be done with the selected part, as buttons; the keys do the same.
import { ABSORBER_FEATURES, ROLES, type AbsorberFeature, type OpeningEdge, type Role } from '#core/hive'
import { roleWord, type Vocabulary } from '#core/wording'

defineProps<{
  name: string
  detail: string
  layer: boolean
  highest: boolean
  lowest: boolean
  role: Role | null
  hole: 'open' | 'closed' | null
  vocabulary: Vocabulary
  /** Day to come off, for headspace; edge of the opening, for a fitting; what an absorbing top lacks. */
  offBy: string | null
  edge: OpeningEdge | null
  lacks: readonly AbsorberFeature[] | null
}>()
const emit = defineEmits<{
  turn: []
  up: []
  down: []
  swap: []
  takeOff: []
  rename: []
  sizes: []
  role: [role: Role]
  hole: [hole: 'open' | 'closed']
  above: []
  frames: []
  offBy: [day: string]
  edge: [edge: OpeningEdge]
  lacks: [feature: AbsorberFeature, lacks: boolean]
  close: []
}>()
const FEATURE_WORDS: Record<AbsorberFeature, string> = { screen: 'has a screen', 'vent-holes': 'has vent holes' }
</script>

<template>
  <div class="actions" role="group" :aria-label="`Selected: ${name}`">
    <p class="who">
      <b>{{ name }}</b> <span>{{ detail }}</span>
    </p>
    <template v-if="layer">
      <button class="plain-button" type="button" :disabled="highest" @click="emit('up')">Up</button>
      <button class="plain-button" type="button" :disabled="lowest" @click="emit('down')">Down</button>
      <button class="plain-button" type="button" @click="emit('turn')">Turn over</button>
      <button class="plain-button" type="button" @click="emit('swap')">Swap…</button>
      <button class="plain-button" type="button" @click="emit('above')">Add…</button>
    </template>
    <button v-if="role" class="plain-button" type="button" data-testid="open-frames" @click="emit('frames')">
      Frames…
    </button>
    <button class="plain-button" type="button" @click="emit('sizes')">Sizes…</button>
    <button class="plain-button" type="button" @click="emit('rename')">Name…</button>
    <button v-if="hole" class="plain-button" type="button" @click="emit('hole', hole === 'open' ? 'closed' : 'open')">
      {{ hole === 'open' ? 'Close the hole' : 'Open the hole' }}
    </button>
    <label v-if="role" class="role"
      >Used for
      <select :value="role" @change="emit('role', picked(ROLES, $event))">
        <option v-for="one in ROLES" :key="one" :value="one">{{ roleWord(one, vocabulary) }}</option>
      </select>
    </label>
    <label v-if="offBy !== null" class="role"
      >Off by <input type="date" :value="offBy" data-testid="off-by" @change="emit('offBy', typedIn($event))"
    /></label>
    <button
      v-if="edge"
      class="plain-button"
      type="button"
      data-testid="edge"
      @click="emit('edge', edge === 'upper' ? 'lower' : 'upper')"
    >
      {{ edge === 'upper' ? 'Open at the lower edge' : 'Open at the upper edge' }}
    </button>
    <template v-if="lacks"
      ><label v-for="feature in ABSORBER_FEATURES" :key="feature" class="role"
        ><input
          type="checkbox"
          :checked="!lacks.includes(feature)"
          :data-testid="`has-${feature}`"
          @change="emit('lacks', feature, !ticked($event))"
        />
        {{ FEATURE_WORDS[feature] }}</label
      ></template
    >
    <button class="plain-button" type="button" @click="emit('takeOff')">Take off</button>
    <button class="plain-button quiet" type="button" aria-label="Select nothing" @click="emit('close')">×</button>
  </div>
</template>

<style scoped>
.role input[type='date'] {
  min-height: 40px;
  border: 1px solid var(--indigo);
  border-radius: 7px;
  background: #fff;
  font: inherit;
}

.actions {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  padding: 6px 10px;
  border-bottom: 2px dashed var(--seam);
  background: var(--paper);
}

.who {
  margin-right: auto;
}

.who span {
  color: var(--soft-ink);
}

.plain-button {
  min-height: 36px;
  padding: 2px 10px;
}

select {
  min-height: 36px;
  border: 1px solid var(--indigo);
  border-radius: 7px;
  background: #fff;
  font: inherit;
}
</style>
