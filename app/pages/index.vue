<script setup lang="ts">
// The row: all hives of all yards, or three honest starts when there is none.
import { partsById } from '#core/geometry'
import {
  freeName,
  planOf,
  planOfHive,
  withOwnIdentities,
  type Hive,
  type Stage,
  type StartName,
  type Yard,
} from '#core/hive'
import type { HiveAction } from '~/components/row/Hive.vue'
import { download, fileName } from '~/composables/download'
import { hiveIn } from '#core/hive-in'
import * as deeds from '#core/hive/deeds'

const yards = useYards()
/** One yard with each frame. */
const drawn = useInTurn(computed(() => yards.yards.length))
const help = ref(false)
const adding = ref<string | null>(null)
const settings = ref<Yard | null>(null)
const renaming = shallowRef<{ yardId: string; hive: Hive } | null>(null)
const newYard = ref(false)
const stage = ref<Stage | null>(null)

useHead({ title: 'Duvet' })
const lastYard = ref<string>()
watch(
  () => yards.yards,
  (all) => {
    lastYard.value ??= all[0]?.id
  },
)

/** One scale for every yard: the tallest hive of all fits. Heights only; the findings are worked out where they are seen. */
const tallestMm = computed(() =>
  Math.max(
    900,
    ...yards.yards.flatMap((yard) => {
      const parts = partsById(yard)
      // Hives of the same parts are as tall as each other: a thousand of them need not all be laid out.
      const known = new Map<string, Hive>()
      for (const hive of yard.hives) {
        known.set(
          hive.stack
            .map(({ partId, turnedOver }) => {
              const part = parts.get(partId)
              return `${part?.patternId}${turnedOver ? '^' : ''}${part?.measured ? JSON.stringify(part.measured) : ''}`
            })
            .join(' '),
          hive,
        )
      }
      return [...known.values()].map((hive) => hiveIn(yard, hive).layout.heightMm)
    }),
  ),
)

async function start(kind: StartName) {
  const yardId = await yards.addYard('My yard')
  const hiveId = yardId && yards.addHive(yardId, kind, 'First hive')
  if (hiveId) await navigateTo(`/hives/${hiveId}`)
}
async function add(kind: StartName, name: string) {
  const hiveId = yards.addHive(adding.value!, kind, name)
  adding.value = null
  if (hiveId) await navigateTo(`/hives/${hiveId}`)
}
function act(yard: Yard, hive: Hive, action: HiveAction) {
  lastYard.value = yard.id
  if (action === 'export') download(`${fileName(hive.name)}.json`, planText(planOfHive(yard, hive)), 'application/json')
  else if (action === 'rename') renaming.value = { yardId: yard.id, hive }
  else if (action === 'remove') yards.perform(yard.id, deeds.removeHive(hive))
  else copy(yard, hive)
}
function copy(yard: Yard, hive: Hive) {
  const twin = withOwnIdentities({ ...yard, ...planOfHive(yard, hive).yards[0]! }, yard.name, () => crypto.randomUUID())
  const name = freeName(hive.name, new Set(yard.hives.map((other) => other.name)))
  yards.perform(
    yard.id,
    deeds.addHive(yard, { ...twin.hives[0]!, name }, twin.parts, yard.hives.findIndex(({ id }) => id === hive.id) + 1),
  )
}
function planText(plan: ReturnType<typeof planOf>) {
  return `${JSON.stringify(plan, null, 1)}\n`
}
function exportYard(yard: Yard) {
  download(`${fileName(yard.name)}.json`, planText(planOf([yard])), 'application/json')
}
function exportAll() {
  download('duvet-plan.json', planText(planOf(yards.yards)), 'application/json')
}
function rename(name: string) {
  const { yardId, hive } = renaming.value!
  yards.perform(yardId, deeds.setHive(hive, { name }))
  renaming.value = null
}
async function addYard(name: string) {
  newYard.value = false
  lastYard.value = await yards.addYard(name)
}

function openAdding(yard: Yard): void {
  adding.value = yard.id
  lastYard.value = yard.id
}

function openSettings(yard: Yard): void {
  settings.value = yard
  lastYard.value = yard.id
}
</script>

<template>
  <div>
    <ShellHeader :yard-id="lastYard" @help="help = true" />
    <main v-if="yards.loaded">
      <h1 class="visually-hidden">The row of hives</h1>
      <template v-if="yards.yards.length === 0">
        <RowStarts @start="start" />
        <p v-if="yards.removed.length > 0" class="foot">
          <button
            v-for="yard in yards.removed"
            :key="yard.id"
            class="plain-button"
            type="button"
            @click="yards.bringBack(yard.id)"
          >
            Bring back {{ yard.name }}
          </button>
        </p>
      </template>
      <template v-else>
        <RowYard
          v-for="yard in yards.yards.slice(0, drawn)"
          :key="yard.id"
          :yard="yard"
          :tallest-mm="tallestMm"
          :stage="stage"
          @add="openAdding(yard)"
          @settings="openSettings(yard)"
          @export-yard="exportYard(yard)"
          @act="(hive: Hive, action: HiveAction) => act(yard, hive, action)"
        />
        <RowYearStrip
          v-if="drawn >= yards.yards.length && yards.yards.some(({ hives }) => hives.length > 0)"
          :yards="yards.yards"
          :chosen="stage"
          @choose="stage = $event"
        />
        <footer class="foot">
          <button class="plain-button" type="button" @click="newYard = true">New yard</button>
          <RowImport />
          <button
            v-for="yard in yards.removed"
            :key="yard.id"
            class="plain-button"
            type="button"
            @click="yards.bringBack(yard.id)"
          >
            Bring back {{ yard.name }}
          </button>
          <button class="plain-button" type="button" data-testid="export-all" @click="exportAll">
            Save everything as a plan file
          </button>
        </footer>
      </template>
    </main>
    <p v-else class="loading" role="status">Fetching the yards…</p>
    <RowAddHive v-if="adding" @start="add" @close="adding = null" />
    <RowYardSettings v-if="settings" :yard="settings" @close="settings = null" />
    <ShellNaming
      v-if="renaming"
      title="Name of this hive"
      :value="renaming.hive.name"
      required
      @take="rename"
      @close="renaming = null"
    />
    <ShellNaming
      v-if="newYard"
      title="Name of the new yard"
      value=""
      required
      @take="addYard"
      @close="newYard = false"
    />
    <ShellHelp v-model="help" />
  </div>
</template>

<style scoped>
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 10px 16px;
  padding: 12px 0 24px;
  border-top: 2px dashed var(--seam);
}

.loading {
  padding: 60px;
  text-align: center;
}
</style>
