<script setup lang="ts">
// One lift with all that goes into its judgement, at both ends.
import type { JudgedEnd, Lift, LiftProfile } from '#core/lifting'
import { showLength, showMass } from '#core/units'
import { ZONE_WORDS, capital, noFigureInWords, rangeInWords } from '#core/wording'

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
          ({ reachCm, equation }: JudgedEnd) => `${reachCm.toFixed(1)} cm, HM ${two(equation.hm)}`,
        ],
        [
          'Hands above ground (V)',
          ({ handMm, equation }: JudgedEnd) => `${(handMm / 10).toFixed(1)} cm, VM ${two(equation.vm)}`,
        ],
        [
          'Way up or down (D)',
          ({ equation }: JudgedEnd) =>
            `${(Math.abs(props.lift.from.handMm - props.lift.to.handMm) / 10).toFixed(1)} cm, DM ${two(equation.dm)}`,
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
          ['Reach', ({ reachCm, close }: JudgedEnd) => `${reachCm.toFixed(1)} cm, ${close ? 'close' : 'away'}`],
          ['Guideline weight', ({ guidelineKg }: JudgedEnd) => mass(guidelineKg)],
        ] as const)
      : ([['Hands above ground', ({ handMm }: JudgedEnd) => showLength(handMm, preferences.units)]] as const),
)
</script>

<template>
  <section class="factors" data-testid="factors">
    <h3>{{ capital(name) }}</h3>
    <p>
      <b>{{ mass(lift.kg.middle) }}</b> ({{ rangeInWords(lift.kg, preferences.reader) }}){{
        profile.people === 2 && profile.school !== 'zones' ? ', half of it each' : ''
      }}.
      <template v-if="lift.index !== null"
        >Allowed {{ mass(lift.allowedKg) }}: <b>{{ lift.index.toFixed(2) }} times</b> of it.</template
      >
      <template v-else>{{ noFigureInWords(profile.school, lift.outOfRange) }}</template>
    </p>
    <table>
      <thead>
        <tr>
          <th scope="col"><span class="visually-hidden">Factor</span></th>
          <th v-for="{ name: end } in ends" :key="end" scope="col">{{ end }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="[what, figure] in rows" :key="what">
          <th scope="row">{{ what }}</th>
          <td v-for="{ name: end, end: one } in ends" :key="end">{{ figure(one) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="lift.people === 2" class="caution">Marked for two: never lift it alone.</p>
  </section>
</template>

<style scoped>
.factors {
  padding: 9px 12px;
  border: 1px solid var(--seam);
  border-radius: 8px;
  background: var(--sheet);
}

h3 {
  font-size: 16px;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 14px;
}

th {
  padding: 2px 8px 2px 0;
  font-weight: 400;
  text-align: left;
  color: var(--soft-ink);
}

td {
  padding: 2px 8px 2px 0;
}

.caution {
  color: var(--stop);
}
</style>
