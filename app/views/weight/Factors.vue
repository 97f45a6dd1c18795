<script setup lang="ts">
// One lift with all that goes into its judgement, at both ends.
import { schoolsBeside, type JudgedEnd, type Lift, type LiftProfile } from '#core/loads'
import { showLength, showMass } from '#core/units'
import {
  ZONE_WORDS,
  capital,
  noFigureInWords,
  rangeInWords,
  SCHOOL_WORDS,
  schoolsInWords,
  showReach,
} from '#core/words'

const props = defineProps<{ lift: Lift; name: string; profile: LiftProfile }>()
const preferences = usePreferences()
const mass = (kg: number | null) => (kg === null ? 'no figure' : showMass(kg, preferences.units))
const two = (value: number) => value.toFixed(2)
const ends = computed<{ name: string; end: JudgedEnd }[]>(() => [
  { name: 'Taken', end: props.lift.from },
  { name: 'Put down', end: props.lift.to },
])
const rows = computed(() =>
  props.profile.school === 'equation'
    ? ([
        [
          'Hands in front (H)',
          ({ reachCm, equation }: JudgedEnd) => `${showReach(reachCm, preferences.units)}, HM ${two(equation.hm)}`,
        ],
        [
          'Hands above ground (V)',
          ({ handMm, equation }: JudgedEnd) => `${showReach(handMm / 10, preferences.units)}, VM ${two(equation.vm)}`,
        ],
        [
          'Way up or down (D)',
          ({ equation }: JudgedEnd) =>
            `${showReach(Math.abs(props.lift.from.handMm - props.lift.to.handMm) / 10, preferences.units)}, DM ${two(equation.dm)}`,
        ],
        ['Twist (A) 0°', ({ equation }: JudgedEnd) => `AM ${two(equation.am)}`],
        ['Pace, one in 5 minutes', ({ equation }: JudgedEnd) => `FM ${two(equation.fm)}`],
        ['Grip, cut hand-holds: fair', ({ equation }: JudgedEnd) => `CM ${two(equation.cm)}`],
        ['Recommended weight', ({ equation }: JudgedEnd) => mass(equation.limitKg)],
      ] as const)
    : props.profile.school === 'zones'
      ? ([
          ['Hands above ground', ({ handMm }: JudgedEnd) => showLength(handMm, preferences.units)],
          ['Zone', ({ zone }: JudgedEnd) => (zone ? capital(ZONE_WORDS[zone]) : 'above the reach')],
          [
            'Reach',
            ({ reachCm, close }: JudgedEnd) => `${showReach(reachCm, preferences.units)}, ${close ? 'close' : 'away'}`,
          ],
          ['Guideline weight', ({ guidelineKg }: JudgedEnd) => mass(guidelineKg)],
        ] as const)
      : ([['Hands above ground', ({ handMm }: JudgedEnd) => showLength(handMm, preferences.units)]] as const),
)
const schools = computed(() => schoolsInWords(schoolsBeside(props.lift, props.profile), preferences.reader))
interface Factor {
  readonly what: string
  readonly figure: (end: JudgedEnd) => string
}
const columns = computed(() =>
  columnsFor<Factor>(
    { key: 'what', label: 'Factor', unsaid: true, width: 130, text: ({ what }) => what },
    ...ends.value.map(({ name, end }) => ({ key: name, label: name, text: ({ figure }: Factor) => figure(end) })),
  ),
)
</script>

<template>
  <section class="on-sheet" data-testid="factors">
    <h2>{{ capital(name) }}</h2>
    <p>
      <b>{{ mass(lift.kg.middle) }}</b> ({{ rangeInWords(lift.kg, preferences.reader) }}){{
        profile.people === 2 && profile.school !== 'zones' ? ', half of it each' : ''
      }}.
      <template v-if="lift.index !== null"
        >About {{ mass(lift.allowedKg) }} by {{ SCHOOL_WORDS[profile.school] }}:
        <b>{{ lift.index.toFixed(2) }} times</b> that.</template
      >
      <template v-else>{{ noFigureInWords(profile.school, lift.outOfRange, preferences.units) }}</template>
    </p>
    <ul class="schools" data-testid="both-schools">
      <li v-for="one in schools" :key="one">{{ one }}</li>
    </ul>
    <ElCollapse
      ><ElCollapseItem title="Why" name="why"
        ><UiTable
          :rows="rows.map(([what, figure]) => ({ what, figure }))"
          :columns="columns"
          :key-of="({ what }) => what" /></ElCollapseItem
    ></ElCollapse>
    <p v-if="lift.people === 2" class="caution">Marked for two: never lift it alone.</p>
  </section>
</template>

<style scoped>
.schools {
  margin: var(--space-3) 0;
  padding-left: var(--space-5);
}

.caution {
  color: var(--stop);
}
</style>
