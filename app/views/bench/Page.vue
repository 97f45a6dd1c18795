<script setup lang="ts">
// The bench: one hive on the drawing, parts at its left, what will happen at its right, the stage below.
import { gapKey } from '#core/stack'
import { capital } from '#core/words'
import { STAGES, type Stage } from '#core/yard'
import { focusPart } from './focusPart'
import { narrowHeightPx } from '~/drawing/bench-layout'

const route = useRoute()
const router = useRouter()
const bench = useBench()
const open = useBenchOpen()
const selected = useSelectedPart()
/** The hive is looked at first, then come the drawing, the tray, what is found, and the year, one with each frame. */
const drawn = useInTurn(5)

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
  () => bench.hand,
  (hand) => {
    if (!hand && bench.selectedId) focusPart(bench.selectedId)
  },
)

function nextGap() {
  const keys = bench.shown?.gaps.map(gapKey) ?? []
  bench.selectedGap = keys[(keys.indexOf(bench.selectedGap ?? '') + 1) % keys.length] ?? null
}
useBenchKeys({
  stage: (n) => bench.lookAt(n === 0 ? null : ([...(bench.plan?.stages.keys() ?? [])][n - 1] ?? bench.planStage)),
  add: open.tray,
  swap: () => {
    if (selected.placement) open.swapping = true
  },
  nextGap,
  frames: () => {
    if (selected.box) void router.push(boxPath(String(route.params.yard), selected.box.part.id))
  },
  turn: selected.turn,
  move: selected.move,
  takeOff: selected.takeOff,
})
onBeforeUnmount(useWeighing().asSaid)
onBeforeUnmount(open.clear)
useHead({ title: computed(() => (bench.hive ? `${bench.hive.name} – Duvet` : 'Duvet')) })
</script>

<template>
  <div class="bench">
    <main v-if="drawn > 0 && bench.hive && bench.assessment" class="columns">
      <h1 class="visually-hidden">{{ bench.hive.name }} on the bench</h1>
      <aside class="left" aria-label="Parts to add" :class="{ open: open.traying }">
        <ElButton class="only-narrow" @click="open.traying = false">Close the tray</ElButton>
        <BenchSwapList
          v-if="open.swapping && selected.one"
          :part-id="selected.one.part.id"
          :name="selected.name"
          @done="open.swapping = false"
        />
        <BenchTray v-else-if="drawn > 2" @taken="open.traying = false" />
      </aside>
      <section
        class="middle drawing-column"
        aria-label="Drawing"
        :style="{ '--narrow-px': `${narrowHeightPx(bench.assessment.gaps.length)}px` }"
      >
        <BenchPlanBar v-if="bench.planned" />
        <BenchDrawing v-if="drawn > 1" @measure="open.sizes">
          <template #tools>
            <WeightWeighedAs />
            <ElButton type="primary" class="only-narrow" data-testid="open-tray" @click="open.traying = true">
              Add a part
            </ElButton>
            <ShellInTurn><BenchHiveMenu /></ShellInTurn>
          </template>
          <template #acting><BenchActing /></template>
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
      <BenchWhatHappens :whole="drawn > 3" />
      <BenchYearStrip v-if="drawn > 4" class="foot" @stands-as="open.setHive({ stage: $event })" />
    </main>
    <BenchDialogs />
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

.middle > :deep(.drawing) {
  flex: 1;
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

  .foot {
    order: -1;
  }
}
</style>
