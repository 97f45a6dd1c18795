<script setup lang="ts">
// One hive of the row, to the row's scale, with its worst finding in words.
import type { Catalogue } from '#core/catalogue'
import type { Hive, Stage } from '#core/hive'
import { capital, findingInWords, severityWord, stageWord } from '#core/wording'
import { liftsOf } from '#core/lifting'
import { showLength, showMass } from '#core/units'
import { GRADE_COLOURS } from '~/drawing/palette'
import { fittingShapes, sectionOf } from '~/drawing/section'
import type { HiveIn } from '#core/hive-in'

export type HiveAction = 'copy' | 'rename' | 'export' | 'remove'
const props = defineProps<{
  hive: Hive
  known: HiveIn
  scale: number
  width: number
  height: number
  catalogue: Catalogue
  stage: Stage | null
}>()
defineEmits<{ act: [action: HiveAction] }>()
const preferences = usePreferences()
const assessment = computed(() => props.known.assessment)
const weighing = useWeighing()

const shapes = computed(() => [
  ...assessment.value.layout.parts.flatMap((part) => sectionOf(part, 'along', true)),
  ...assessment.value.assembled.attached.flatMap((fitting) =>
    fittingShapes(fitting, assessment.value.layout.parts, 'along'),
  ),
])
const weight = computed(() => {
  const mass = props.known.mass(weighing.usualAt(props.hive.stage, props.stage !== null))
  const lifted = props.known.mass(weighing.liftedAt(props.hive.stage, props.stage !== null))
  return {
    kg: mass.kg.middle,
    heaviest: liftsOf(assessment.value.layout, lifted, weighing.own).heaviest?.kg.middle ?? 0,
  }
})
const worst = computed(() => {
  const finding = assessment.value.findings.find(({ acceptance, severity }) => !acceptance && severity !== 'note')
  if (!finding) return null
  return findingInWords(finding, props.known.names(preferences.vocabulary), props.catalogue, preferences.reader)
})
const menuTop = computed(() => `${props.height - 2}px`)
const grade = computed(() => (assessment.value.worst === 'note' ? 'good' : assessment.value.worst))
</script>

<template>
  <article class="hive" :data-hive="hive.name">
    <NuxtLink :to="{ path: `/hives/${encodeURIComponent(hive.id)}`, query: stage ? { stage } : {} }" class="open">
      <svg :width="width" :height="height" aria-hidden="true">
        <g :transform="`translate(${width / 2} ${height - 12}) scale(${scale})`"><DrawingShapes :shapes="shapes" /></g>
      </svg>
      <b class="name"><span class="visually-hidden">Open </span>{{ hive.name }}</b>
      <span class="stage"
        >{{ capital(stageWord(hive.stage)) }}, {{ showLength(assessment.heightMm, preferences.units) }}</span
      >
      <span class="stage"
        >{{ showMass(weight.kg, preferences.units)
        }}<template v-if="weight.heaviest"
          >, heaviest lift {{ showMass(weight.heaviest, preferences.units) }}</template
        ></span
      >
      <span class="worst" :style="{ color: GRADE_COLOURS[grade] }">
        <ShellSeverityMark :grade="grade" />
        <span>{{ worst ? `${severityWord(grade)}: ${worst.short}` : 'Good: nothing to mend' }}</span>
      </span>
    </NuxtLink>
    <ShellInTurn v-if="stage === null"
      ><ElDropdown trigger="click" :persistent="false" class="menu" @command="$emit('act', $event)">
        <button class="plain-button quiet" type="button" :aria-label="`More for ${hive.name}`">…</button>
        <template #dropdown>
          <ElDropdownMenu>
            <ElDropdownItem command="copy">Copy</ElDropdownItem>
            <ElDropdownItem command="rename">Rename</ElDropdownItem>
            <ElDropdownItem command="export">Save as plan file</ElDropdownItem>
            <ElDropdownItem command="remove">Remove</ElDropdownItem>
          </ElDropdownMenu>
        </template>
      </ElDropdown></ShellInTurn
    >
  </article>
</template>

<style scoped>
.hive {
  position: relative;
}

.open {
  display: block;
  padding-bottom: 6px;
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
.stage,
.worst {
  display: block;
  padding: 0 12px;
}

.name {
  margin-top: 2px;
  font-size: 17px;
}

.stage {
  color: var(--soft-ink);
  font-size: 13.5px;
}

.worst {
  display: flex;
  gap: 6px;
  margin-top: 3px;
  padding-right: 8px;
  font-size: 14px;
  font-weight: 700;
  line-height: 1.2;
}

.menu {
  position: absolute;
  top: v-bind(menuTop);
  right: 8px;
}

.menu button {
  min-height: 34px;
  padding: 0 10px;
  color: var(--indigo);
  font-size: 18px;
  font-weight: 700;
}
</style>
