<script setup lang="ts">
// One hive of the row, to the row's scale, with its worst finding in words.
import type { Hive, Stage } from '#core/yard'
import type { LaidHive } from '#core/ask'
import type { Verdict } from '#core/words'
import { capital, colonyInWords } from '#core/words'
import { showLength, showMass } from '#core/units'
import type { MenuEntry } from '~/kit/menuEntry'

export type HiveAction = 'copy' | 'rename' | 'export' | 'remove'
const ACTIONS: readonly MenuEntry<HiveAction>[] = [
  { command: 'copy', word: 'Copy' },
  { command: 'rename', word: 'Rename' },
  { command: 'export', word: 'Save as plan file' },
  { command: 'remove', word: 'Remove' },
]
const props = defineProps<{
  hive: Hive
  known: LaidHive
  verdict?: Verdict
  scale: number
  width: number
  height: number
  stage: Stage | null
  /** Whether it is picked; null while none is. */
  picked: boolean | null
}>()
const emit = defineEmits<{ act: [action: HiveAction]; pick: [on: boolean] }>()
const preferences = usePreferences()
const { shapes, weight, colony } = useHiveInRow(props)
const menuTop = computed(() => `${props.height - 2}px`)
/** While several are picked, pressing a hive picks it. */
function press(event: MouseEvent) {
  if (props.picked === null) return
  event.preventDefault()
  emit('pick', !props.picked)
}
</script>

<template>
  <article class="hive" :class="{ picked }" :data-hive="hive.name">
    <LazyRowPick v-if="picked !== null" class="pick" :name="hive.name" :picked="picked" @pick="emit('pick', $event)" />
    <NuxtLink
      :to="{ path: hivePath(known.yard.id, hive.id, 'bench'), query: stage ? { stage } : {} }"
      class="open"
      @click.capture="press"
    >
      <svg :width="width" :height="height" aria-hidden="true">
        <g :transform="`translate(${width / 2} ${height - 12}) scale(${scale})`"><DrawingShapes :shapes="shapes" /></g>
        <DrawingBarred
          :colony="colony"
          :x="width / 2"
          :y="height - 12 - (known.layout.heightMm * scale) / 2"
          :width="Math.min(width - 8, 130)"
        />
      </svg>
      <b :class="['name', { long: hive.name.length > 20 }]"
        ><span class="visually-hidden">Open </span>{{ hive.name }}</b
      >
      <span class="stage"
        >{{ capital(colonyInWords(colony, preferences.reader) || stageSaid(hive.stage)) }},
        {{ showLength(known.layout.heightMm, preferences.units) }}</span
      >
      <span class="stage"
        >{{ showMass(weight.kg, preferences.units)
        }}<template v-if="weight.heaviest"
          >, heaviest lift {{ showMass(weight.heaviest, preferences.units) }}</template
        ></span
      >
      <ShellVerdict class="worst" :verdict="verdict" />
    </NuxtLink>
    <ShellInTurn v-if="stage === null && picked === null"
      ><span class="menu"
        ><UiMenu text :entries="ACTIONS" :aria-label="`More for ${hive.name}`" @command="$emit('act', $event)"
          >…</UiMenu
        ></span
      ></ShellInTurn
    >
  </article>
</template>

<style scoped>
.hive {
  position: relative;
  min-height: 100%;
}

.hive.picked {
  background: var(--indigo-wash);
}

.pick {
  position: absolute;
  top: 0;
  left: 8px;
  z-index: 1;
}

.open {
  display: block;
  padding-bottom: var(--space-3);
  border-radius: 9px;
  color: var(--ink);
  text-decoration: none;
}

.open:hover {
  background: rgb(39 64 139 / 7%);
}

.open:focus-visible {
  outline-offset: -3px;
}

svg {
  display: block;
}

.name,
.stage {
  display: block;
  padding: 0 var(--space-4);
}

.name {
  margin-top: var(--space-1);
  padding-right: 52px;
  font-size: var(--type-4);
  overflow-wrap: anywhere;
}

.name.long {
  padding-right: 44px;
  font-size: var(--type-3);
  line-height: 1.2;
}

.stage {
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.worst {
  margin-top: var(--space-2);
  padding: 0 var(--space-3) 0 var(--space-4);
}

.menu {
  position: absolute;
  top: v-bind(menuTop);
  right: 8px;
}

.menu :deep(.el-button) {
  min-height: 34px;
  padding: 0 var(--space-3);
  color: var(--indigo);
  font-size: var(--type-4);
  font-weight: 700;
}
</style>
