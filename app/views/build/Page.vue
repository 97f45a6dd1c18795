<script setup lang="ts">
// What a frame or a box is made of, how it is cut and put together, and whether it came out square.
import { there } from '#core/units'
import { TYPED } from '#core/yard'
import {
  CORNERS,
  boxBill,
  boxProblem,
  cutProblem,
  isBuiltUp,
  type Corner,
  type FoundationKind,
  type Stock,
  usualStock,
} from '#core/parts/making'
import { boxOfPattern } from '#core/stack'
import { inWords, isFrameFeeder, isFramePattern, CATALOGUE, STARTING_FORMAT, boxOfSize, findAll } from '#core/parts'
import { CORNER_WORDS, FOUNDATION_WORDS, capital, cutProblemInWords } from '#core/words'
import { numberOf } from '~/kit/formRules'
import { whole } from '#wire/fields'

const MOST = { frames: 1000, boxes: 200 } as const
const view = useView()
const preferences = usePreferences()
const chosen = ref(there(there(boxOfSize(CATALOGUE, STARTING_FORMAT, 'deep')).normalContents).framePatternId)
const model = reactive({ count: '10' })
const foundation = ref<FoundationKind>('wax')
const corner = ref<Corner>('rabbet')
const usual = computed(() => usualStock(preferences.units, view.catalogue.figures))
const boardLength = ref<number | null>(usual.value.lengthMm)
const boardWidth = ref<number | null>(usual.value.widthMm)
const kerf = ref<number | null>(usual.value.kerfMm)
// A board of one's own stays; the usual one becomes the usual one of the other units.
watch(usual, (now, before) => {
  if (boardLength.value === before.lengthMm) boardLength.value = now.lengthMm
  if (boardWidth.value === before.widthMm) boardWidth.value = now.widthMm
  if (kerf.value === before.kerfMm) kerf.value = now.kerfMm
})
const frames = computed(() => [...view.catalogue.hanging.values()].filter((pattern) => !isFrameFeeder({ pattern })))
const boxes = computed(() =>
  findAll(view.catalogue, { kind: 'box' })
    .map((pattern) => boxOfPattern(pattern, view.catalogue))
    .filter(({ resolved }) => boxProblem(resolved) === undefined),
)
const frame = computed(() => view.catalogue.hanging.get(chosen.value))
const box = computed(() => boxes.value.find(({ id }) => id === chosen.value)?.resolved)
const most = computed(() => (box.value ? MOST.boxes : MOST.frames))
const rules = computed(() => ({
  count: {
    schema: { isValidSync: (text: unknown) => whole(1, most.value).isValidSync(numberOf(text)) },
    sentence: `How many is not a whole number from 1 to ${most.value}: type how many to make, such as 10.`,
    live: true,
  },
}))
/** None while what is typed is no such number: the field says what is wrong with it. */
const many = computed(() => (rules.value.count.schema.isValidSync(model.count) ? numberOf(model.count) : null))
const stock = computed<Stock>(() => ({
  lengthMm: boardLength.value ?? 0,
  widthMm: boardWidth.value ?? 0,
  kerfMm: kerf.value ?? 0,
}))
const bill = computed(() => (box.value && many.value ? boxBill(box.value, many.value, corner.value) : null))
const problem = computed(() => {
  const wrong = bill.value && cutProblem(bill.value.panels, stock.value)
  return wrong ? cutProblemInWords(wrong, preferences.reader) : ''
})
const made = useBuildSheet({ frame, box, many, bill, foundation, corner, stock, isSound: () => problem.value === '' })
const { sheet, drawings, printing, failed, print, saveCsv, saveDxf, saveSvg } = made
const name = (label: { british: string; northAmerican: string }) => capital(inWords(label, preferences.vocabulary))
useHead({ title: 'Build – Duvet' })
</script>

<template>
  <ShellPage title="Build">
    <div class="columns">
      <UiForm class="choices" :model="model" :rules="rules">
        <label
          >What to make
          <ElSelect v-model="chosen" data-testid="build-what" filterable>
            <ElOptionGroup label="Frames and boards that hang">
              <ElOption v-for="one in frames" :key="one.id" :value="one.id" :label="name(one.label)" />
            </ElOptionGroup>
            <ElOptionGroup label="Boxes">
              <ElOption
                v-for="one in boxes"
                :key="one.id"
                :value="one.id"
                :label="name(there(one.resolved.pattern).label)"
              />
            </ElOptionGroup>
          </ElSelect>
        </label>
        <UiField name="count" label="How many" for="build-count">
          <ElInput id="build-count" v-model="model.count" inputmode="numeric" data-testid="build-count" />
        </UiField>
        <label v-if="!box && isFramePattern(frame)"
          >Foundation
          <ElSelect v-model="foundation" data-testid="build-foundation">
            <ElOption v-for="(word, kind) in FOUNDATION_WORDS" :key="kind" :value="kind" :label="capital(word)" />
          </ElSelect>
        </label>
        <template v-if="box">
          <label v-if="!isBuiltUp(box)"
            >Corners
            <ElSelect v-model="corner" data-testid="build-corner">
              <ElOption v-for="one in CORNERS" :key="one" :value="one" :label="capital(CORNER_WORDS[one])" />
            </ElSelect>
          </label>
          <BuildLengthField
            v-model="boardLength"
            name="board-length"
            label="Board length"
            :limits="TYPED.boardLength"
          />
          <BuildLengthField v-model="boardWidth" name="board-width" label="Board width" :limits="TYPED.boardWidth" />
          <BuildLengthField v-model="kerf" name="kerf" label="Kerf of the saw" :limits="TYPED.kerf" />
        </template>
        <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
        <div class="save" role="group" aria-label="Take it along">
          <ElButton type="primary" data-testid="print" :disabled="!sheet || printing" @click="print">
            {{ printing ? 'Setting the sheet…' : 'Print (PDF)' }}
          </ElButton>
          <template v-if="box">
            <ElButton data-testid="save-csv" :disabled="!sheet" @click="saveCsv"> Cut list (CSV) </ElButton>
            <ElButton data-testid="save-dxf" :disabled="!sheet" @click="saveDxf"> Boards (DXF) </ElButton>
            <ElButton data-testid="save-svg" :disabled="!sheet" @click="saveSvg"> Boards (SVG) </ElButton>
          </template>
        </div>
        <p v-if="failed" class="wrong" role="alert">{{ failed }}</p>
        <BuildSquareCheck v-if="box" :key="chosen" :box="box" />
      </UiForm>
      <ShellInTurn v-if="sheet && drawings"><BuildSheetView :sheet="sheet" :drawings="drawings" /></ShellInTurn>
    </div>
  </ShellPage>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 290px minmax(0, 1fr);
  gap: var(--space-5);
  align-items: start;
  padding: var(--space-2) var(--space-5) var(--space-6);
}

.choices {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

label {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}

.choices .el-select {
  width: 100%;
}

.save {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-3);
}

.save .filled {
  grid-column: 1 / -1;
}

@media (max-width: 1020px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
