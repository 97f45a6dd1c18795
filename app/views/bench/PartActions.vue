<script setup lang="ts">
// What can be done with the selected part, as buttons; the keys do the same.
import { ABSORBER_FEATURES, ROLES, type AbsorberFeature } from '#core/parts'
import { roleWord } from '#core/stack'

const route = useRoute()
const bench = useBench()
const open = useBenchOpen()
const selected = useSelectedPart()
const preferences = usePreferences()
const FEATURE_WORDS: Record<AbsorberFeature, string> = { screen: 'has a screen', 'vent-holes': 'has vent holes' }
const rounds = computed(() => selected.round ?? [])
const setRound = (boxId: string, on: boolean) =>
  selected.setRound(rounds.value.filter((box) => (box.id === boxId ? on : box.on)).map(({ id }) => id))
</script>

<template>
  <div class="actions" role="group" :aria-label="`Selected: ${selected.name}`">
    <p class="who">
      <b>{{ selected.name }}</b> <span>{{ selected.detail }}</span>
    </p>
    <template v-if="selected.placement">
      <ElButton :disabled="selected.isHighest" @click="selected.move(1)">Up</ElButton>
      <ElButton :disabled="bench.selectedIndex === 0" @click="selected.move(-1)">Down</ElButton>
      <ElButton @click="selected.turn">Turn over</ElButton>
      <ElButton @click="open.swap">Swap…</ElButton>
      <ElButton @click="open.trayOver">Add…</ElButton>
    </template>
    <ElButton
      v-if="selected.box"
      data-testid="open-frames"
      @click="$router.push(boxPath(String(route.params.yard), selected.box.part.id))"
    >
      Frames…
    </ElButton>
    <ElButton @click="open.sizes(null)">Sizes…</ElButton>
    <ElButton @click="open.namePart">Name…</ElButton>
    <ElButton v-if="selected.hole" @click="selected.turnHole">
      {{ selected.hole === 'open' ? 'Close the hole' : 'Open the hole' }}
    </ElButton>
    <label v-if="selected.role" class="role"
      >Used for
      <ElSelect :model-value="selected.role" @change="selected.setRole(picked(ROLES, $event))">
        <ElOption v-for="one in ROLES" :key="one" :value="one" :label="roleWord(one, preferences.vocabulary)" />
      </ElSelect>
    </label>
    <label v-if="selected.offBy !== null" class="role"
      >Off by <UiDay name="Off by" :value="selected.offBy" data-testid="off-by" @change="selected.setOffBy"
    /></label>
    <ElButton
      v-if="selected.edge"
      data-testid="edge"
      @click="selected.setEdge(selected.edge === 'upper' ? 'lower' : 'upper')"
    >
      {{ selected.edge === 'upper' ? 'Open at the lower edge' : 'Open at the upper edge' }}
    </ElButton>
    <template v-if="selected.lacks"
      ><ElCheckbox
        v-for="feature in ABSORBER_FEATURES"
        :key="feature"
        class="role"
        :model-value="!selected.lacks.includes(feature)"
        :data-testid="`has-${feature}`"
        @change="selected.setLacks(feature, !$event)"
        >{{ FEATURE_WORDS[feature] }}</ElCheckbox
      ></template
    >
    <ElCheckbox
      v-for="box in rounds"
      :key="box.id"
      class="role"
      :model-value="box.on"
      :disabled="box.on && rounds.filter(({ on }) => on).length === 1"
      :data-testid="`round-${box.id}`"
      @change="setRound(box.id, Boolean($event))"
      >round {{ box.name }}</ElCheckbox
    >
    <ElButton @click="selected.takeOff">Take off</ElButton>
    <ElButton text aria-label="Select nothing" @click="bench.selectedId = null">×</ElButton>
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
