<script setup lang="ts">
// The row: all hives of all yards, or three honest starts when there is none.
import { there } from '#core/units'
import { planOf, planOfHive, STAGES, type Hive, type Stage, type StartName, type Yard } from '#core/yard'
import { tallestMm } from '#core/ask'
import type { HiveAction } from './Hive.vue'
import { download, fileName } from '~/composables/download'
import { LAYOUTS, ORDERS, type RowLook } from './useRowOrder'
import * as deeds from '#core/yard/deeds'

const router = useRouter()
const yards = useYards()
const view = useView()
/** One yard with each frame. */
const drawn = useInTurn(computed(() => yards.yards.length))
const adding = ref<string | null>(null)
const settings = ref<Yard | null>(null)
const renaming = shallowRef<{ yardId: string; hive: Hive } | null>(null)
const newYard = ref(false)
const stage = useInAddress<Stage | null>('stage', oneOfThese(STAGES), null)

const row = useRow()
const many = useManyHives()
const order = useInAddress('order', modeOf(ORDERS), 'standing')
const layout = useInAddress('as', modeOf(LAYOUTS), 'line')
const grade = useInAddress<RowLook['grade']>('show', oneOfThese(['stop', 'mend', 'watch', 'good'] as const), null)
const look = computed<RowLook>(() => ({ search: row.search, order: order.value, grade: grade.value }))
onBeforeUnmount(row.end)

useHead({ title: 'Duvet' })
/** One scale for every yard: the tallest hive of all fits. Heights only; the findings are worked out where they are seen. */
const tallest = computed(() => Math.max(900, ...yards.yards.map(tallestMm)))

async function start(kind: StartName) {
  const yardId = await yards.addYard('My yard')
  const hiveId = yardId && yards.addHive(yardId, kind, 'First hive')
  if (yardId && hiveId) await router.push(hivePath(yardId, hiveId, 'bench'))
}
async function add(kind: StartName, name: string) {
  const yardId = there(adding.value)
  const hiveId = yards.addHive(yardId, kind, name)
  adding.value = null
  if (hiveId) await router.push(hivePath(yardId, hiveId, 'bench'))
}
function act(yard: Yard, hive: Hive, action: HiveAction) {
  view.chosen = yard.id
  if (action === 'export') download(`${fileName(hive.name)}.json`, planText(planOfHive(yard, hive)), 'application/json')
  else if (action === 'rename') renaming.value = { yardId: yard.id, hive }
  else if (action === 'remove') many.remove([{ yard, hives: [hive] }])
  else many.copy([{ yard, hives: [hive] }], { count: 1, names: '*', withHistory: true })
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
  const { yardId, hive } = there(renaming.value)
  yards.perform(yardId, deeds.setHive(hive, { name }))
  renaming.value = null
}
/** A new yard is asked its climate at once: its winter and its food hang on it. */
const asksClimate = ref<string | null>(null)
const climateYard = computed(() => yards.yards.find(({ id }) => id === asksClimate.value))
async function addYard(name: string) {
  newYard.value = false
  const id = await yards.addYard(name)
  if (!id) return
  view.chosen = id
  asksClimate.value = id
}

function openAdding(yard: Yard): void {
  adding.value = yard.id
  view.chosen = yard.id
}

function openSettings(yard: Yard): void {
  settings.value = yard
  view.chosen = yard.id
}
</script>

<template>
  <div>
    <main v-if="yards.loaded">
      <h1 class="visually-hidden">The row of hives</h1>
      <template v-if="yards.yards.length === 0">
        <RowStarts @start="start" />
        <p v-if="yards.removed.length > 0" class="foot">
          <ElButton v-for="yard in yards.removed" :key="yard.id" @click="yards.bringBack(yard.id)">
            Bring back {{ yard.name }}
          </ElButton>
        </p>
      </template>
      <template v-else>
        <RowHints />
        <RowExamples />
        <RowBar v-model:order="order" v-model:layout="layout" :planned="stage !== null" />
        <RowYard
          v-for="yard in yards.yards.slice(0, drawn)"
          :key="yard.id"
          :yard="yard"
          :tallest-mm="tallest"
          :stage="stage"
          :look="look"
          :layout="layout"
          @grade="grade = $event"
          @add="openAdding(yard)"
          @settings="openSettings(yard)"
          @export-yard="exportYard(yard)"
          @act="(hive: Hive, action: HiveAction) => act(yard, hive, action)"
        />
        <LazyRowPicked v-if="row.picking" />
        <RowYearStrip
          v-else-if="drawn >= yards.yards.length && yards.yards.some(({ hives }) => hives.length > 0)"
          :yards="yards.yards"
          :chosen="stage"
          @choose="stage = $event"
        />
        <footer class="foot">
          <ElButton @click="newYard = true">New yard</ElButton>
          <RowImport />
          <ElButton v-for="yard in yards.removed" :key="yard.id" @click="yards.bringBack(yard.id)">
            Bring back {{ yard.name }}
          </ElButton>
          <ElButton data-testid="export-all" @click="exportAll"> Save everything as a plan file </ElButton>
        </footer>
      </template>
      <LazyYearClimateSheet
        v-if="climateYard && !climateYard.season?.calendar"
        :yard="climateYard"
        @close="asksClimate = null"
      />
    </main>
    <p v-else class="loading" role="status">Fetching the yards…</p>
    <LazyRowAddHive v-if="adding" @start="add" @close="adding = null" />
    <LazyRowYardSettings v-if="settings" :yard="settings" @close="settings = null" />
    <LazyShellNaming
      v-if="renaming"
      title="Name of this hive"
      :value="renaming.hive.name"
      required
      @take="rename"
      @close="renaming = null"
    />
    <LazyShellNaming
      v-if="newYard"
      title="Name of the new yard"
      value=""
      required
      @take="addYard"
      @close="newYard = false"
    />
  </div>
</template>

<style scoped>
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  margin: var(--space-3) var(--space-5);
  padding: var(--space-4) 0 var(--space-6);
  border-top: 2px dashed var(--seam);
}

.loading {
  padding: var(--space-6);
  text-align: center;
}
</style>
