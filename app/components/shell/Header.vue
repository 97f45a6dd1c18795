<script setup lang="ts">
// Where one is, what can be undone, and the two switches that hold everywhere.
import { editInWords } from '#core/wording'

const props = defineProps<{ yardId?: string | undefined; yardName?: string; hiveName?: string }>()
defineEmits<{ help: [] }>()
const yards = useYards()
const preferences = usePreferences()
const history = computed(() => (props.yardId ? yards.historyOf(props.yardId) : { undo: [], redo: [] }))
const undoText = computed(() => history.value.undo.at(-1))
const redoText = computed(() => history.value.redo.at(-1))
</script>

<template>
  <header class="top">
    <NuxtLink to="/" class="brand" aria-label="Duvet, to the row">Duvet</NuxtLink>
    <p v-if="hiveName" class="where">
      <NuxtLink to="/">{{ yardName }}</NuxtLink> <span aria-hidden="true">/</span> <b>{{ hiveName }}</b>
    </p>
    <nav class="views" aria-label="Views">
      <NuxtLink to="/">Row</NuxtLink
      ><NuxtLink to="/frames" :class="{ here: $route.path.startsWith('/frames/') }">Frames</NuxtLink
      ><NuxtLink to="/lift" :class="{ here: $route.path.startsWith('/lift/') }">Lift</NuxtLink
      ><NuxtLink to="/year">Year</NuxtLink><NuxtLink to="/fit">Fit</NuxtLink><NuxtLink to="/shed">Shed</NuxtLink
      ><NuxtLink to="/log" :class="{ here: $route.path.startsWith('/log/') }">Log</NuxtLink
      ><NuxtLink to="/build">Build</NuxtLink><NuxtLink to="/sources">Sources</NuxtLink>
    </nav>
    <div v-if="yardId" class="history">
      <button
        class="plain-button quiet"
        type="button"
        data-testid="undo"
        :disabled="!undoText"
        :title="undoText ? `Undo ${editInWords(undoText.done)}` : 'Nothing to undo'"
        @click="yards.undo(yardId)"
      >
        Undo
      </button>
      <button
        class="plain-button quiet"
        type="button"
        data-testid="redo"
        :disabled="!redoText"
        :title="redoText ? `Redo ${editInWords(redoText.done)}` : 'Nothing to redo'"
        @click="yards.redo(yardId)"
      >
        Redo
      </button>
    </div>
    <div class="switches">
      <div class="switch" role="group" aria-label="Units">
        <button type="button" :aria-pressed="preferences.units === 'inches'" @click="preferences.units = 'inches'">
          inches
        </button>
        <button type="button" :aria-pressed="preferences.units === 'mm'" @click="preferences.units = 'mm'">mm</button>
      </div>
      <div class="switch" role="group" aria-label="Part names">
        <button
          type="button"
          :aria-pressed="preferences.vocabulary === 'british'"
          @click="preferences.vocabulary = 'british'"
        >
          British
        </button>
        <button
          type="button"
          :aria-pressed="preferences.vocabulary === 'northAmerican'"
          @click="preferences.vocabulary = 'northAmerican'"
        >
          N. American
        </button>
      </div>
      <button class="plain-button quiet help" type="button" aria-label="Keys and this device" @click="$emit('help')">
        ?
      </button>
    </div>
  </header>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 4px 16px;
  min-height: 54px;
  padding: 4px 14px;
  border-bottom: 2px dashed var(--seam);
  background: var(--paper);
}

.brand {
  display: inline-flex;
  align-items: center;
  padding-bottom: 1px;
  border-bottom: 3px dashed var(--indigo);
  color: var(--ink);
  font-size: 21px;
  font-weight: 700;
  text-decoration: none;
}

.where {
  font-size: 16px;
}

.where a {
  display: inline-flex;
  align-items: center;
  color: var(--indigo);
}

.views {
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
}

.views a {
  display: inline-flex;
  align-items: center;
  min-height: 38px;
  padding: 0 9px;
  color: var(--indigo);
  text-decoration: none;
}

.views a.router-link-exact-active,
.views a.here {
  color: var(--ink);
  font-weight: 700;
  border-bottom: 3px dashed var(--indigo);
}

.history {
  display: flex;
}

.history .plain-button {
  padding: 2px 9px;
}

.switches {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin-left: auto;
  align-items: center;
}

.switch {
  display: flex;
  overflow: hidden;
  border: 1px solid #a99d84;
  border-radius: 7px;
}

.switch button {
  min-height: 38px;
  padding: 2px 12px;
  border: 0;
  background: var(--sheet);
  color: var(--ink);
  cursor: pointer;
}

.switch button[aria-pressed='true'] {
  background: #e6dac0;
  font-weight: 700;
  box-shadow: inset 0 -3px 0 var(--indigo);
}

.help {
  min-width: 40px;
  font-weight: 700;
}

@media (max-width: 760px) {
  .top {
    gap: 4px 9px;
    padding: 4px 10px;
  }

  .where {
    font-size: 15px;
  }

  .views {
    gap: 0;
  }

  .views a {
    padding: 0 3.5px;
    font-size: 14px;
  }

  .history {
    margin-left: auto;
  }

  .history .plain-button {
    padding: 2px 5px;
  }

  .switches {
    width: 100%;
    margin: 0;
  }
}
</style>
