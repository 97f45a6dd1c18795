<script setup lang="ts">
// Where one is: the yard and its views, the hive and its views, what is looked up; what can be undone, and the menu.
import { editInWords } from '#core/words'

const yards = useYards()
const view = useView()
const shell = useShell()
const route = useRoute()
const turnBack = useTurnBack()
const ways = computed(() => waysFrom(view.yard, view.hive))
const neighbours = useNeighbours()
const steps = computed(() =>
  (['before', 'after'] as const).map((side) => {
    const hive = neighbours.value[side]
    return { side, hive, path: view.yard && hive ? sameViewOf(route, view.yard, hive) : '' }
  }),
)
const history = computed(() => (view.yard ? yards.historyOf(view.yard.id) : { undo: [], redo: [] }))
const undoText = computed(() => history.value.undo.at(-1))
const redoText = computed(() => history.value.redo.at(-1))
/** On a phone: the hive where the view is of one, else the yard. */
const ofHive = computed(() => route.params.hive !== undefined || route.params.part !== undefined)
function focusView() {
  document.getElementById('view')?.focus()
}
</script>

<template>
  <header class="top">
    <a href="#view" class="skip" @click.prevent="focusView">To the view</a>
    <NuxtLink to="/" class="brand" aria-label="Duvet, to the row">Duvet</NuxtLink>
    <ElButton v-if="view.yard" text class="where narrow" data-testid="where" @click="shell.seeking = 'anything'"
      ><b>{{ ofHive && view.hive ? view.hive.name : view.yard.name }}</b
      ><span v-if="ofHive && view.hive" class="of">{{ view.yard.name }}</span
      ><span class="visually-hidden">: find another</span></ElButton
    >
    <nav class="rung wide" aria-label="Yard">
      <ElButton
        v-if="view.yard"
        text
        class="where"
        :aria-label="`Yard ${view.yard.name}: choose another`"
        data-testid="yard-choice"
        @click="shell.seeking = 'yard'"
        ><b>{{ view.yard.name }}</b
        ><ElIconArrowDown class="caret" aria-hidden="true" /></ElButton
      ><ShellWayLink v-for="way in ways.yard" :key="way.word" :way="way" />
    </nav>
    <nav v-if="view.yard && view.hive" class="rung wide" aria-label="Hive">
      <template v-for="{ side, hive, path } in steps" :key="side">
        <ElButton
          v-if="side === 'after'"
          text
          class="where"
          :aria-label="`Hive ${view.hive.name}: choose another`"
          data-testid="hive-choice"
          @click="shell.seeking = 'hive'"
          ><b>{{ view.hive.name }}</b
          ><ElIconArrowDown class="caret" aria-hidden="true"
        /></ElButton>
        <NuxtLink
          v-if="hive"
          :to="path"
          class="step"
          :aria-label="side === 'before' ? `Hive before: ${hive.name}` : `Hive after: ${hive.name}`"
          :title="hive.name"
          :data-testid="`hive-${side}`"
          ><ElIconArrowLeft v-if="side === 'before'" class="icon" aria-hidden="true" /><ElIconArrowRight
            v-else
            class="icon"
            aria-hidden="true" /></NuxtLink
        ><span v-else class="step" aria-hidden="true" />
      </template>
      <ShellWayLink v-for="way in ways.hive" :key="way.word" :way="way" />
    </nav>
    <nav class="rung wide" aria-label="To look up">
      <ShellWayLink v-for="way in ways.reference" :key="way.word" :way="way" />
    </nav>
    <div class="tools">
      <ShellWaiting />
      <ElButton text class="wide" aria-label="Find a hive or a view" title="Find  /" @click="shell.seeking = 'anything'"
        ><ElIconSearch class="icon" aria-hidden="true"
      /></ElButton>
      <ElButton
        text
        aria-label="Undo"
        data-testid="undo"
        :disabled="!undoText"
        :title="undoText ? `Undo: ${editInWords(undoText.done)}` : 'Nothing to undo'"
        @click="turnBack('undo')"
        ><ElIconRefreshLeft class="icon" aria-hidden="true"
      /></ElButton>
      <ElButton
        text
        class="wide"
        aria-label="Redo"
        data-testid="redo"
        :disabled="!redoText"
        :title="redoText ? `Redo: ${editInWords(redoText.done)}` : 'Nothing to do again'"
        @click="turnBack('redo')"
        ><ElIconRefreshRight class="icon" aria-hidden="true"
      /></ElButton>
      <ShellMenu :history="history" />
    </div>
  </header>
</template>

<style scoped>
.top {
  display: flex;
  flex: none;
  flex-wrap: wrap;
  gap: 0 var(--space-4);
  align-items: center;
  min-height: 54px;
  padding: var(--space-2) var(--space-4);
  border-bottom: 2px dashed var(--seam);
  background: var(--paper);
}

.skip {
  position: absolute;
  top: -60px;
  left: 8px;
  z-index: 50;
  padding: var(--space-3) var(--space-5);
  background: var(--paper);
  color: var(--indigo);
}

.skip:focus {
  top: 4px;
}

.brand {
  display: inline-flex;
  align-items: center;
  padding-bottom: var(--space-1);
  border-bottom: 3px dashed var(--indigo);
  color: var(--ink);
  font-size: var(--type-5);
  font-weight: 700;
  text-decoration: none;
}

.rung {
  display: flex;
  align-items: center;
  min-height: 40px;
  padding-left: var(--space-3);
  border-left: 2px dashed var(--seam);
}

.where {
  gap: var(--space-2);
  max-width: clamp(110px, 11.5vw, 260px);
  padding: var(--space-1) var(--space-3);
  white-space: nowrap;
}

.where b {
  overflow: hidden;
  text-overflow: ellipsis;
}

.caret {
  flex: none;
  width: 13px;
  height: 13px;
}

.step {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  width: 28px;
  min-height: 40px;
  border-radius: 7px;
  color: var(--indigo);
}

.step:hover {
  background: var(--indigo-wash);
}

.icon {
  width: 19px;
  height: 19px;
}

.tools {
  display: flex;
  align-items: center;
  margin-left: auto;
}

.tools .el-button {
  min-width: 40px;
  padding: var(--space-1) var(--space-3);
}

.narrow {
  display: none;
}

@media (max-width: 760px) {
  .top {
    position: sticky;
    top: 0;
    z-index: 20;
    flex-wrap: nowrap;
    height: 56px;
    padding: var(--space-2) var(--space-3);
  }

  .wide {
    display: none;
  }

  .narrow {
    display: inline-flex;
    flex: 0 1 auto;
    min-width: 0;
    max-width: none;
    min-height: 44px;
  }

  .where .of {
    overflow: hidden;
    color: var(--soft-ink);
    font-weight: 400;
    text-overflow: ellipsis;
  }

  .tools .el-button {
    min-width: 44px;
    min-height: 44px;
  }
}
</style>
