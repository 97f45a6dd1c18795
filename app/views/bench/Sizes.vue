<script setup lang="ts">
// The sizes of one part as the ruler has them; typed in any unit, every reading kept, nothing typed lost.
import { showLength } from '#core/units'
import type { DimensionName, Pattern, Part } from '#core/parts'
import { RULERS, isUpright } from '#core/yard'
import { dimensionWord, withPlusMinus } from '#core/words'
import { RULER_WORDS, useTypedSizes } from './typedSizes'

const props = defineProps<{
  part: Part
  name: string
  pattern: Pattern | undefined
  focus?: DimensionName | null
  swappable?: boolean
}>()
const emit = defineEmits<{ take: [part: Part]; swap: []; close: [] }>()
const preferences = usePreferences()
const sizes = useTypedSizes(
  () => props.part,
  () => props.pattern,
  (part) => emit('take', part),
)
/** The size that is lit on the drawing. */
const lit = ref<DimensionName | null>(props.focus ?? null)
/** What is typed next takes the place of what was measured. */
function light(name: DimensionName, { target }: FocusEvent) {
  lit.value = name
  if (target instanceof HTMLInputElement) target.select()
}
function focusWanted() {
  if (props.focus) document.getElementById(`size-${props.focus}`)?.focus()
}
</script>

<template>
  <UiSheet :title="`Sizes of ${name}`" width="min(940px, 96vw)" top="6vh" @opened="focusWanted" @close="emit('close')">
    <UiForm :model="sizes.typed" :rules="{}" line class="two" @sound="sizes.save">
      <div class="seen">
        <LazyBenchSizesPicture
          v-if="pattern && sizes.rows[0]"
          :part="part"
          :pattern="pattern"
          :lit="lit ?? sizes.rows[0].name"
        />
        <p>
          Type what the ruler says: 9 5/8, 9-5/8", 244mm, 24.4 cm. A figure without a unit is in
          {{ preferences.units === 'mm' ? 'millimetres' : 'inches' }}. Empty means: as made.
        </p>
        <label class="ruler"
          >The ruler reads to
          <ElSelect v-model="sizes.ruler">
            <ElOption v-for="{ id } in RULERS" :key="id" :value="id" :label="RULER_WORDS[id]" />
          </ElSelect>
        </label>
      </div>
      <div class="sizes">
        <div v-for="row in sizes.rows" :key="row.name" class="row">
          <UiField
            :name="row.name"
            :label="dimensionWord(row.name)"
            :for="`size-${row.name}`"
            :wrong="sizes.problems[row.name]"
          >
            <template #label
              >{{ dimensionWord(row.name) }}{{ ' '
              }}<small v-if="row.measured"
                >measured, ± {{ showLength(row.measured.plusMinusMm, preferences.units) }}; as made
                {{ sizes.shown(row.drawn) }}</small
              ></template
            >
            <ElInput
              :id="`size-${row.name}`"
              :model-value="sizes.written(row.name)"
              :placeholder="sizes.shown(row.drawn)"
              clearable
              :data-testid="`size-${row.name}`"
              @update:model-value="sizes.typed[row.name] = $event"
              @focus="light(row.name, $event)"
            />
          </UiField>
          <ElTooltip :content="sizes.sourceOf(row.drawn)" placement="left" :trigger="['hover', 'focus', 'click']">
            <ElButton text class="mark" :aria-label="`${dimensionWord(row.name)}: ${sizes.sourceOf(row.drawn)}`">{{
              row.drawn?.source.mark ?? '?'
            }}</ElButton>
          </ElTooltip>
          <template v-if="isUpright(row.name)">
            <ElButton
              v-if="!sizes.isOpen(row.name)"
              text
              class="other"
              :data-testid="`other-side-${row.name}`"
              @click="sizes.typedOther[row.name] = ''"
              >Its other side differs…</ElButton
            >
            <UiField
              v-else
              :name="`${row.name}-other`"
              label="on its right or back side"
              :for="`size-${row.name}-other`"
              :wrong="sizes.otherProblems[row.name]"
              class="other"
            >
              <ElInput
                :id="`size-${row.name}-other`"
                :model-value="sizes.writtenOther(row.name)"
                placeholder="as the other side"
                clearable
                :data-testid="`size-${row.name}-other`"
                @update:model-value="sizes.typedOther[row.name] = $event"
                @focus="light(row.name, $event)"
              />
            </UiField>
          </template>
          <p v-if="sizes.asked[row.name]" class="asked" role="status">
            {{ showLength(sizes.asked[row.name]!.mm, preferences.units) }} is the
            {{ dimensionWord(row.name).toLowerCase() }} of {{ sizes.asked[row.name]!.other }}: was that meant? Save once
            more to keep it as measured on this one.
            <ElButton v-if="swappable" @click="emit('swap')">It is another part: swap it…</ElButton>
          </p>
          <p v-if="row.readings.length > 1" class="readings">
            Read {{ row.readings.length }} times,
            {{ showLength(Math.min(...row.readings.map(({ mm }) => mm)), preferences.units) }} to
            {{ showLength(Math.max(...row.readings.map(({ mm }) => mm)), preferences.units) }}:
            <ElButton
              v-for="reading in row.readings"
              :key="reading.id"
              text
              :title="`${reading.at.slice(0, 10)}, ${reading.text}`"
              :aria-pressed="row.measured?.mm === reading.mm"
              @click="sizes.use(reading)"
            >
              {{ withPlusMinus(reading, preferences.reader) }}
            </ElButton>
          </p>
          <p v-if="sizes.meanings[row.name]" class="meant">
            <ElButton
              v-for="meaning in sizes.meanings[row.name]"
              :key="meaning"
              @click="sizes.typed[row.name] = meaning"
            >
              {{ meaning }}
            </ElButton>
          </p>
        </div>
      </div>
      <div class="ways">
        <ElButton type="primary" native-type="submit" data-testid="save-sizes">Save</ElButton>
        <ElButton text @click="emit('close')">Cancel</ElButton>
      </div>
    </UiForm>
  </UiSheet>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-4) var(--space-6);
}

.seen,
.sizes {
  display: grid;
  gap: var(--space-3);
  align-content: start;
}

.ways {
  grid-column: 2;
}

@media (max-width: 760px) {
  .two {
    display: block;
  }
}

.ruler,
.ways {
  display: flex;
  gap: var(--space-3);
  align-items: center;
}

.row {
  display: grid;
  grid-template-columns: minmax(0, 240px) 48px;
  gap: var(--space-2) var(--space-3);
  align-items: end;
}

small {
  color: var(--soft-ink);
  font-size: var(--type-1);
}

.other {
  grid-column: 1 / -1;
  justify-self: start;
  margin-top: calc(-1 * var(--space-2));
}

.readings,
.asked,
.meant {
  grid-column: 1 / -1;
}

.readings .el-button[aria-pressed='true'] {
  border-color: var(--indigo);
  font-weight: 700;
}

.asked {
  font-weight: 700;
}
</style>
