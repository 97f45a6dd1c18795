<script setup lang="ts">
// What can be done with the selected part, as buttons; the keys do the same.
import {
  ABSORBER_FEATURES,
  ROLES,
  type AbsorberFeature,
  type OpeningEdge,
  type Role,
  type Vocabulary,
} from '#core/parts'
import { roleWord } from '#core/stack'

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
  /** The boxes of the hive, and whether a wrap goes round each. */
  round: readonly { readonly id: string; readonly name: string; readonly on: boolean }[] | null
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
  round: [boxIds: readonly string[]]
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
      <ElButton :disabled="highest" @click="emit('up')">Up</ElButton>
      <ElButton :disabled="lowest" @click="emit('down')">Down</ElButton>
      <ElButton @click="emit('turn')">Turn over</ElButton>
      <ElButton @click="emit('swap')">Swap…</ElButton>
      <ElButton @click="emit('above')">Add…</ElButton>
    </template>
    <ElButton v-if="role" data-testid="open-frames" @click="emit('frames')"> Frames… </ElButton>
    <ElButton @click="emit('sizes')">Sizes…</ElButton>
    <ElButton @click="emit('rename')">Name…</ElButton>
    <ElButton v-if="hole" @click="emit('hole', hole === 'open' ? 'closed' : 'open')">
      {{ hole === 'open' ? 'Close the hole' : 'Open the hole' }}
    </ElButton>
    <label v-if="role" class="role"
      >Used for
      <ElSelect :model-value="role" @change="emit('role', picked(ROLES, $event))">
        <ElOption v-for="one in ROLES" :key="one" :value="one" :label="roleWord(one, vocabulary)" />
      </ElSelect>
    </label>
    <label v-if="offBy !== null" class="role"
      >Off by <UiDay name="Off by" :value="offBy" data-testid="off-by" @change="emit('offBy', $event)"
    /></label>
    <ElButton v-if="edge" data-testid="edge" @click="emit('edge', edge === 'upper' ? 'lower' : 'upper')">
      {{ edge === 'upper' ? 'Open at the lower edge' : 'Open at the upper edge' }}
    </ElButton>
    <template v-if="lacks"
      ><ElCheckbox
        v-for="feature in ABSORBER_FEATURES"
        :key="feature"
        class="role"
        :model-value="!lacks.includes(feature)"
        :data-testid="`has-${feature}`"
        @change="emit('lacks', feature, !$event)"
        >{{ FEATURE_WORDS[feature] }}</ElCheckbox
      ></template
    >
    <template v-if="round"
      ><ElCheckbox
        v-for="box in round"
        :key="box.id"
        class="role"
        :model-value="box.on"
        :disabled="box.on && round.filter(({ on }) => on).length === 1"
        :data-testid="`round-${box.id}`"
        @change="
          emit(
            'round',
            round.filter((one) => (one.id === box.id ? $event : one.on)).map(({ id }) => id),
          )
        "
        >round {{ box.name }}</ElCheckbox
      ></template
    >
    <ElButton @click="emit('takeOff')">Take off</ElButton>
    <ElButton text aria-label="Select nothing" @click="emit('close')">×</ElButton>
  </div>
</template>

<style scoped>
.actions {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3);
  padding: var(--space-3) var(--space-3);
  border-bottom: 2px dashed var(--seam);
  background: var(--paper);
}

.who {
  margin-right: auto;
}

.who span {
  color: var(--soft-ink);
}

.el-button {
  min-height: 36px;
  padding: var(--space-1) var(--space-3);
}
</style>
