<script setup lang="ts">
// The bench: one hive on the drawing, parts at its left, what will happen at its right, the stage below.
import {
  type DimensionName,
  isAbsorber,
  isBox,
  isEntranceFitting,
  isWrap,
  type AbsorberFeature,
  type OpeningEdge,
  type Part,
  type Role,
} from '#core/parts'
import { worstOf } from '#core/ask'
import { isHeadspace, type Finding, type Remedy } from '#core/rules'
import { findPart, heldAfter, partEdit, planOfHive, STAGES, type Hive, type Stage } from '#core/yard'
import { capital, counted, partDetail, severityWord } from '#core/words'
import { gapKey, isWrapped } from '#core/stack'
import { useMediaQuery } from '@vueuse/core'
import UiSheet from '~/components/ui/Sheet.vue'
import HiveSection from '~/components/drawing/HiveSection.vue'
import { narrowHeightPx } from '~/drawing/bench-layout'
import { focusPart } from '~/composables/focusPart'
import { download, drawingAsFile, fileName } from '~/composables/download'
import * as deeds from '#core/yard/deeds'

const route = useRoute()
const router = useRouter()
const yards = useYards()
const bench = useBench()
const inView = useHiveInView()
const preferences = usePreferences()
/** The hive is looked at first, then come the drawing, the tray, what is found, and the year, one with each frame. */
const drawn = useInTurn(5)
const swapping = ref(false)
/** On a phone what can be done with a part comes from below when it is asked for. */
const small = useMediaQuery('(max-width: 760px)')
const acting = ref(false)
const traying = ref(false)
const triedRemedy = shallowRef<Remedy | null>(null)

// Back and forward go through the stages that were looked at.
const inAddress = useInAddress<Stage | null>('stage', oneOfThese(STAGES), null)
watch(
  () => route.params.hive,
  (id) => {
    bench.open(String(id))
    bench.lookAt(inAddress.value)
  },
  { immediate: true },
)
watch(inAddress, (stage) => {
  if (stage !== bench.planStage) bench.lookAt(stage)
})
watch(
  () => bench.planStage,
  (stage) => {
    if (bench.hiveId === route.params.hive && stage !== inAddress.value) inAddress.value = stage
  },
)
watch(
  () => bench.selectedId,
  () => {
    swapping.value = false
    acting.value = false
  },
)
watch(
  () => bench.hand,
  (hand) => {
    if (!hand && bench.selectedId) focusPart(bench.selectedId)
  },
)
watch(
  () => bench.tried,
  (tried) => {
    if (!tried) triedRemedy.value = null
  },
)

const selected = computed(() => {
  const all = bench.assessment && [...bench.assessment.assembled.stack, ...bench.assessment.assembled.attached]
  return all?.find(({ part }) => part.id === bench.selectedId)
})
const placement = computed(() => bench.hive?.stack[bench.selectedIndex])
const gap = computed(() => bench.shown?.gaps.find((one) => gapKey(one) === bench.selectedGap))
/** While something is in the hand the docket tells of the hive as it would be. */
const docket = computed(() =>
  bench.hand && bench.shown
    ? { assessment: bench.shown, names: bench.shownNames }
    : { assessment: bench.assessment!, names: bench.names },
)
const selectedName = computed(() => capital(bench.names.get(bench.selectedId ?? '') ?? ''))
const worst = computed(() => (inView.known ? worstOf(inView.known) : 'good'))
const summary = computed(() => {
  if (!bench.assessment) return ''
  const { findings } = bench.assessment
  if (bench.hive?.stack.length === 0) return 'Not a hive yet: bare ground'
  const open = findings.filter(({ acceptance, severity }) => !acceptance && severity !== 'note').length
  return open === 0 ? 'Nothing to mend' : `${severityWord(worst.value)}: ${counted(open, 'finding')}`
})

function showFinding(finding: Finding) {
  const found = bench.shown?.gaps.find((one) => finding.key.endsWith(gapKey(one)))
  bench.selectedGap = found ? gapKey(found) : null
  if (!found) bench.selectedId = finding.partIds[0] ?? null
}
function tryRemedy(remedy: Remedy | null) {
  bench.tried = remedy?.edit ?? null
  triedRemedy.value = remedy
}
function apply(remedy: Remedy) {
  bench.perform(remedy.edit)
  triedRemedy.value = null
}
function accept(finding: Finding, reason: string) {
  bench.perform(deeds.accept(bench.hive!, finding, reason))
}
function withdraw(finding: Finding) {
  bench.perform(deeds.withdraw(bench.hive!, finding))
}
function move(by: 1 | -1) {
  const at = bench.selectedIndex + by
  if (bench.selectedIndex < 0 || at < 0 || at >= bench.hive!.stack.length) return
  bench.perform(deeds.move(bench.hive!, bench.selectedId!, at))
}
function turn() {
  if (placement.value) bench.perform(deeds.turnOver(bench.hive!, placement.value))
}
function takeOff() {
  if (!bench.selectedId || !bench.hive) return
  const next = bench.hive.stack[bench.selectedIndex - 1]?.partId ?? null
  bench.perform(deeds.takeOff(bench.hive, bench.selectedId))
  bench.selectedId = next
}
function setRole(role: Role) {
  if (!placement.value || !bench.hive) return
  const moved = deeds.stand(bench.hive, { ...placement.value, role })
  const part = selected.value!.part
  const held = bench.planned ? part : heldAfter(part, placement.value.role, bench.hive.stage)
  bench.perform(held === part ? moved : deeds.together(partEdit(part, held), moved))
}
/** Room with nothing in it, which is to come off again by a day. */
const headspace = computed(() => {
  const layer = bench.assessment?.layout.parts.find(({ part }) => part.id === bench.selectedId)
  return layer !== undefined && isHeadspace(layer)
})
const entranceFitting = computed(() =>
  selected.value && isEntranceFitting(selected.value) && selected.value.pattern.use !== 'shut'
    ? bench.hive?.attachments.find(({ partId }) => partId === bench.selectedId)
    : undefined,
)
function setOffBy(day: string) {
  if (!placement.value) return
  const { offBy: _before, ...rest } = placement.value
  bench.perform(deeds.stand(bench.hive!, day ? { ...rest, offBy: day } : rest))
}
function setEdge(edge: OpeningEdge) {
  const { part } = selected.value!
  bench.perform(deeds.setEdge(bench.hive!, part, edge))
  bench.selectedId = part.id
}
/** The boxes that a wrap may go round. */
const wrapped = computed(() => {
  const one = selected.value
  const attachment = bench.hive?.attachments.find(({ partId }) => partId === one?.part.id)
  if (!one || !isWrap(one) || !attachment) return null
  return (bench.assessment?.layout.parts ?? []).filter(isBox).map((box) => ({
    id: box.part.id,
    name: bench.names.get(box.part.id) ?? '',
    on: isWrapped(attachment, box),
  }))
})
function setRound(boxIds: readonly string[]) {
  const { part } = selected.value!
  bench.perform(deeds.setRound(bench.hive!, part, boxIds))
  bench.selectedId = part.id
}
function setLacks(feature: AbsorberFeature, missing: boolean) {
  const whole = selected.value!.part
  const { lacks: before = [], ...part } = whole
  const lacks = missing ? [...before, feature] : before.filter((one) => one !== feature)
  bench.perform(partEdit(whole, lacks.length > 0 ? { ...part, lacks } : part))
}
function setHole(hole: 'open' | 'closed') {
  if (selected.value) bench.perform(partEdit(selected.value.part, { ...selected.value.part, hole }))
}
/** What is said of the hive itself is said of it as it stands. */
function setHive(change: Partial<Pick<Hive, 'name' | 'note' | 'stage'>>) {
  yards.perform(bench.standingYard!.id, deeds.setHive(bench.standing!, change))
}
const naming = ref<{
  title: string
  value: string
  long?: boolean
  required?: boolean
  take: (value: string) => void
} | null>(null)
function renamePart() {
  acting.value = false
  const part = bench.yard && findPart(bench.yard, bench.selectedId!)
  if (!part) return
  naming.value = {
    title: `Name of ${bench.names.get(part.id)}`,
    value: part.name ?? '',
    take: (name) => {
      const { name: _old, ...rest } = part
      bench.perform(partEdit(part, name ? { ...rest, name } : rest))
    },
  }
}
function editNote() {
  naming.value = {
    title: `Note on ${bench.hive!.name}`,
    value: bench.hive!.note,
    long: true,
    take: (note) => setHive({ note }),
  }
}
const sizing = ref(false)
const measuring = ref<DimensionName | null>(null)
function measure(name: DimensionName | null) {
  acting.value = false
  measuring.value = name
  sizing.value = true
}
function takeSizes(part: Part) {
  const before = bench.yard && findPart(bench.yard, part.id)
  if (before) bench.perform(partEdit(before, part))
  sizing.value = false
}
function renameHive() {
  naming.value = {
    title: 'Name of this hive',
    value: bench.hive!.name,
    required: true,
    take: (name) => setHive({ name }),
  }
}
function focusTray() {
  acting.value = false
  traying.value = true
  nextTick(() => document.querySelector<HTMLElement>('.tray .item')?.focus())
}
function addOver() {
  bench.overId = bench.selectedId
  focusTray()
}
function nextGap() {
  const keys = bench.shown?.gaps.map(gapKey) ?? []
  if (keys.length > 0) bench.selectedGap = keys[(keys.indexOf(bench.selectedGap ?? '') + 1) % keys.length]!
}
function openFrames() {
  if (selected.value && isBox(selected.value))
    void router.push(boxPath(String(route.params.yard), selected.value.part.id))
}
function exportPlan() {
  download(
    `${fileName(bench.hive!.name)}.json`,
    `${JSON.stringify(planOfHive(bench.yard!, bench.hive!), null, 1)}\n`,
    'application/json',
  )
}
function exportDrawing() {
  const props = {
    assessment: bench.assessment,
    names: bench.names,
    reader: preferences.reader,
    axis: bench.axis,
    width: 900,
    height: 1000,
    standalone: true,
  }
  download(`${fileName(bench.hive!.name)}-${bench.axis}.svg`, drawingAsFile(HiveSection, props), 'image/svg+xml')
}

useBenchKeys({
  stage: (n) => bench.lookAt(n === 0 ? null : ([...(bench.plan?.stages.keys() ?? [])][n - 1] ?? bench.planStage)),
  add: focusTray,
  swap: () => {
    if (placement.value) swapping.value = true
  },
  nextGap,
  frames: openFrames,
  turn,
  move,
  takeOff,
})
onBeforeUnmount(useWeighing().asSaid)
useHead({ title: computed(() => (bench.hive ? `${bench.hive.name} – Duvet` : 'Duvet')) })

function openSwap(): void {
  acting.value = false
  swapping.value = true
  traying.value = true
}

function takeName(name: string): void {
  naming.value?.take(name)
  naming.value = null
}
</script>

<template>
  <div class="bench">
    <main v-if="drawn > 0 && bench.hive && bench.assessment" class="columns">
      <h1 class="visually-hidden">{{ bench.hive.name }} on the bench</h1>
      <aside class="left" aria-label="Parts to add" :class="{ open: traying }">
        <ElButton class="only-narrow" @click="traying = false">Close the tray</ElButton>
        <BenchSwapList
          v-if="swapping && selected"
          :part-id="selected.part.id"
          :name="selectedName"
          @done="swapping = false"
        />
        <BenchTray v-else-if="drawn > 2" @taken="traying = false" />
      </aside>
      <section
        class="middle"
        aria-label="Drawing"
        :style="{ '--narrow-px': `${narrowHeightPx(bench.assessment.gaps.length)}px` }"
      >
        <BenchPlanBar v-if="bench.planned" />
        <BenchDrawing v-if="drawn > 1" @measure="measure">
          <template #tools>
            <LiftWeighedAs />
            <ElButton type="primary" class="only-narrow" data-testid="open-tray" @click="traying = true">
              Add a part
            </ElButton>
            <ShellInTurn
              ><ElDropdown trigger="click" :persistent="false">
                <ElButton text data-testid="hive-menu">Hive…</ElButton>
                <template #dropdown>
                  <ElDropdownMenu>
                    <ElDropdownItem data-testid="rename-hive" @click="renameHive">Rename</ElDropdownItem>
                    <ElDropdownItem
                      data-testid="open-look"
                      @click="router.push(hivePath(String(route.params.yard), bench.hive!.id, 'look'))"
                      >Write down an inspection</ElDropdownItem
                    >
                    <ElDropdownItem
                      data-testid="open-log"
                      @click="router.push(`${hivePath(String(route.params.yard), bench.hive!.id, 'book')}?see=changed`)"
                      >Log: as it stood before</ElDropdownItem
                    >
                    <ElDropdownItem data-testid="edit-note" @click="editNote">Note</ElDropdownItem>
                    <ElDropdownItem data-testid="export-plan" @click="exportPlan">Save as plan file</ElDropdownItem>
                    <ElDropdownItem data-testid="export-svg" @click="exportDrawing"
                      >Save the drawing (SVG)</ElDropdownItem
                    >
                  </ElDropdownMenu>
                </template>
              </ElDropdown></ShellInTurn
            >
          </template>
          <template #acting>
            <div v-if="selected && small" class="acting" role="group" :aria-label="`Selected: ${selectedName}`">
              <b>{{ selectedName }}</b>
              <ElButton type="primary" data-testid="what-to-do" @click="acting = true">What to do…</ElButton>
              <ElButton text aria-label="Select nothing" @click="bench.selectedId = null">×</ElButton>
            </div>
            <component
              :is="small ? UiSheet : 'div'"
              v-if="selected && (acting || !small)"
              :title="selectedName"
              @close="acting = false"
            >
              <BenchPartActions
                v-if="selected"
                :name="selectedName"
                :detail="partDetail(selected, preferences.vocabulary)"
                :layer="placement !== undefined"
                :highest="bench.selectedIndex === bench.hive.stack.length - 1"
                :lowest="bench.selectedIndex === 0"
                :role="isBox(selected) ? (placement?.role ?? 'super') : null"
                :hole="selected.pattern?.dimensions.holeLength ? (selected.part.hole ?? 'open') : null"
                :vocabulary="preferences.vocabulary"
                :off-by="headspace ? (placement?.offBy ?? '') : null"
                :edge="entranceFitting ? (entranceFitting.edge ?? 'lower') : null"
                :lacks="isAbsorber(selected) ? (selected.part.lacks ?? []) : null"
                :round="wrapped"
                @round="setRound"
                @off-by="setOffBy"
                @edge="setEdge"
                @lacks="setLacks"
                @turn="turn"
                @up="move(1)"
                @down="move(-1)"
                @swap="openSwap"
                @take-off="takeOff"
                @role="setRole"
                @hole="setHole"
                @above="addOver"
                @rename="renamePart"
                @sizes="measure(null)"
                @frames="openFrames"
                @close="bench.selectedId = null"
              />
            </component>
          </template>
        </BenchDrawing>
        <div v-if="bench.assessment.assembled.attached.length > 0" class="fittings" role="group" aria-label="Fittings">
          <ElButton
            v-for="fitting in bench.assessment.assembled.attached"
            :key="fitting.part.id"
            text
            :aria-pressed="fitting.part.id === bench.selectedId"
            @click="bench.selectedId = fitting.part.id"
          >
            {{ capital(bench.names.get(fitting.part.id) ?? '') }}
          </ElButton>
        </div>
      </section>
      <aside class="right" aria-label="What will happen">
        <p class="summary" data-testid="summary">
          <ShellSeverityMark :grade="worst" />
          {{ summary }}
        </p>
        <p v-if="bench.hive.note" class="note">{{ bench.hive.note }}</p>
        <BenchWeightCard
          v-if="bench.mass && drawn > 3"
          :mass="bench.mass"
          :selected-id="bench.selectedId"
          :names="bench.shownNames"
        />
        <BenchJointCard
          v-if="gap && bench.shown"
          :assessment="bench.shown"
          :gap="gap"
          :names="bench.shownNames"
          :reader="preferences.reader"
          @close="bench.selectedGap = null"
        />
        <BenchDocket
          v-if="drawn > 3"
          :assessment="docket.assessment"
          :names="docket.names"
          :reader="preferences.reader"
          :selected-id="bench.selectedId"
          :tried="triedRemedy"
          :dry="bench.hand !== null"
          @show="showFinding"
          @show-all="bench.selectedId = null"
          @try="tryRemedy"
          @apply="apply"
          @accept="accept"
          @withdraw="withdraw"
        />
      </aside>
      <BenchYearStrip v-if="drawn > 4" class="foot" @stands-as="setHive({ stage: $event })" />
    </main>
    <ShellNaming
      v-if="naming"
      :title="naming.title"
      :value="naming.value"
      :long="naming.long ?? false"
      :required="naming.required ?? false"
      @take="takeName"
      @close="naming = null"
    />
    <BenchSizes
      v-if="sizing && selected"
      :part="selected.part"
      :pattern="selected.pattern"
      :name="selectedName"
      :focus="measuring"
      swappable
      @swap="((sizing = false), (swapping = true))"
      @take="takeSizes"
      @close="sizing = false"
    />
  </div>
</template>

<style scoped>
.bench {
  display: flex;
  flex-direction: column;
  height: 100%;
}

.columns {
  display: grid;
  flex: 1;
  min-height: 0;
  /* The year comes last and finds its place kept: the drawing does not shrink when it does. */
  grid: minmax(0, 1fr) minmax(106px, auto) / 196px minmax(0, 1fr) 312px;
}

.left {
  padding: var(--space-3);
  overflow-y: auto;
  border-right: 2px dashed var(--seam);
  background: var(--paper);
}

.middle {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
}

.middle > :deep(.drawing) {
  flex: 1;
}

.right {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
  padding: var(--space-3) var(--space-4);
  overflow-y: auto;
  border-left: 2px dashed var(--seam);
}

.summary {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  font-size: var(--type-4);
  font-weight: 700;
}

.acting {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  min-height: 48px;
  padding: var(--space-1) var(--space-3);
}

.acting b {
  margin-right: auto;
}

.fittings {
  display: flex;
  flex-wrap: wrap;
  padding: 0 var(--space-4) var(--space-2);
}

.fittings .el-button {
  min-height: 32px;
  color: var(--indigo);
  text-decoration: underline;
}

.foot {
  grid-column: 1 / -1;
}

.only-narrow {
  display: none;
}

@media (max-width: 1020px) {
  .columns {
    display: flex;
    flex-direction: column;
    flex: none;
  }

  .bench {
    height: auto;
    min-height: 100%;
  }

  .left {
    display: none;
  }

  .left.open {
    display: block;
    position: fixed;
    inset: 12vh 0 0;
    z-index: 30;
    border: 0;
    border-top: 2px dashed var(--seam);
    border-radius: 14px 14px 0 0;
    box-shadow: 0 -4px 24px rgb(34 38 46 / 30%);
  }

  .only-narrow {
    display: inline-flex;
  }

  .left .only-narrow {
    width: 100%;
    margin-bottom: var(--space-3);
  }

  .middle {
    height: 62vh;
    min-height: max(430px, var(--narrow-px));
  }

  .right {
    border: 0;
    border-top: 2px dashed var(--seam);
    overflow: visible;
  }

  .foot {
    order: -1;
  }
}
</style>
