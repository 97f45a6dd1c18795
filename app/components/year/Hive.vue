<script setup lang="ts">
// One hive as it is planned for a stage, to the row's scale.
import type { Part, Yard } from '#core/hive'
import type { PlannedStage } from '#core/season'
import { showLength, showMass } from '#core/units'
import { findingInWords, severityWord } from '#core/wording'
import { fittingShapes, sectionOf } from '~/drawing/section'
import type { StageFigures } from '~/workers/plan-yard'
import { plannedHiveIn } from '#core/hive-in'

const props = defineProps<{
  yard: Yard
  parts: ReadonlyMap<string, Part>
  planned: PlannedStage
  figures: StageFigures | undefined
  scale: number
  height: number
  chosen: boolean
}>()
defineEmits<{ choose: [] }>()
const WIDTH = 150
const preferences = usePreferences()
const known = computed(() => plannedHiveIn(props.yard, props.planned))
const assessment = computed(() => known.value.assessment)
const shapes = computed(() => [
  ...assessment.value.layout.parts.flatMap((part) => sectionOf(part, 'along', true)),
  ...assessment.value.assembled.attached.flatMap((fitting) =>
    fittingShapes(fitting, assessment.value.layout.parts, 'along'),
  ),
])
const grade = computed(() => (assessment.value.worst === 'note' ? 'good' : assessment.value.worst))
const worst = computed(() => {
  const finding = assessment.value.findings.find(({ severity }) => severity !== 'note')
  return finding
    ? findingInWords(
        finding,
        known.value.names(preferences.vocabulary),
        known.value.context.catalogue,
        preferences.reader,
      ).short
    : 'nothing to mend'
})
</script>

<template>
  <button
    type="button"
    class="planned"
    :aria-pressed="chosen"
    :data-planned="planned.hive.name"
    @click="$emit('choose')"
  >
    <svg :width="WIDTH" :height="height" aria-hidden="true">
      <g :transform="`translate(${WIDTH / 2} ${height - 8}) scale(${scale})`"><DrawingShapes :shapes="shapes" /></g>
    </svg>
    <b>{{ planned.hive.name }}</b>
    <span class="soft"
      >{{ showLength(assessment.heightMm, preferences.units)
      }}<template v-if="figures">, {{ showMass(figures.totalKg, preferences.units) }}</template></span
    >
    <span v-if="figures && figures.heaviestKg > 0" class="soft"
      >heaviest lift {{ showMass(figures.heaviestKg, preferences.units) }}</span
    >
    <span class="verdict"
      ><ShellSeverityMark :grade="grade" /> <span>{{ severityWord(grade) }}: {{ worst }}</span></span
    >
    <span v-if="planned.byHand" class="soft">by hand{{ planned.conflict ? ', and the writing has changed' : '' }}</span>
  </button>
</template>

<style scoped>
.planned {
  display: flex;
  width: 100%;
  flex-direction: column;
  padding: 2px 8px 8px;
  border: 1px solid transparent;
  border-radius: 9px;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.planned[aria-pressed='true'] {
  border-color: var(--indigo);
  background: var(--indigo-wash);
}

.soft {
  color: var(--soft-ink);
  font-size: 13px;
}

.verdict {
  display: flex;
  gap: 5px;
  margin-top: 2px;
  font-size: 13.5px;
  line-height: 1.25;
}
</style>
