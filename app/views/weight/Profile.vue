<script setup lang="ts">
// How this keeper lifts: body heights, limit, people, where boxes are put down. Stays on this device.
import { TYPED } from '#core/yard'
import { SCHOOLS, USUAL_PROFILE, bodyHeights, profileProblem, type LiftProfile } from '#core/loads'
import { massFigure, massUnit, parseMass, showMass, parseStature, showStature, there } from '#core/units'
import { SCHOOL_WORDS, capital, profileProblemInWords } from '#core/words'
import { MOST_PROFILE_BYTES, readProfile } from '#wire/profile-schema'
import { download } from '~/composables/download'

const weighing = useWeighing()
const preferences = usePreferences()
/** What is wrong, and at which field; what was typed stays there. */
const problem = ref<{ field: string; words: string } | null>(null)
const shown = (mm: number | null) => (mm === null ? '' : showStature(mm, preferences.units))
const body = computed(() => bodyHeights(weighing.own))
const FIELDS = [
  ['statureMm', 'Body height'],
  ['shoulderMm', 'Shoulder'],
  ['elbowMm', 'Elbow'],
  ['knuckleMm', 'Knuckle'],
  ['putDownMm', 'Put down at'],
] as const

function take(change: Partial<LiftProfile>, field = '') {
  const next = { ...weighing.own, ...change }
  const wrong = profileProblem(next)
  problem.value = wrong ? { field, words: profileProblemInWords(wrong, preferences.reader) } : null
  if (!wrong) weighing.profile = next
}
function takeHeight(field: (typeof FIELDS)[number][0], text: string) {
  const measured = field === 'shoulderMm' || field === 'elbowMm' || field === 'knuckleMm'
  if (measured && text.trim() === '') return take({ [field]: null }, field)
  const mm = parseStature(text, preferences.units)
  if (mm !== null) return take({ [field]: Math.round(mm) }, field)
  const word = there(FIELDS.find(([one]) => one === field))[1]
  problem.value = { field, words: `${word} is not a height: type one such as ${showStature(1630, preferences.units)}.` }
}
async function open(file: File) {
  if (file.size > MOST_PROFILE_BYTES) {
    problem.value = { field: 'file', words: 'That file is too large for a profile: open one that was saved here.' }
    return
  }
  const read = readProfile(await file.text(), preferences.reader)
  if (read.ok) take(read.value)
  else problem.value = { field: 'file', words: read.problem.sentence }
}
function takeLimit(text: string) {
  const parsed = parseMass(text, preferences.units, TYPED.lift)
  if (parsed.ok) take({ limitKg: parsed.kg }, 'limit')
  else
    problem.value = {
      field: 'limit',
      words: `Own limit is not a mass between ${showMass(1, preferences.units, 0)} and ${showMass(60, preferences.units, 0)}: type one such as ${showMass(20, preferences.units, 0)}.`,
    }
}
</script>

<template>
  <section class="profile" aria-labelledby="profile-title">
    <h2 id="profile-title">How I lift</h2>
    <div class="tabs" role="group" aria-label="Judged by">
      <ElButton
        v-for="one in SCHOOLS"
        :key="one"
        class="bare"
        :aria-pressed="weighing.own.school === one"
        :data-school="one"
        @click="take({ school: one })"
      >
        {{ capital(SCHOOL_WORDS[one]) }}
      </ElButton>
    </div>
    <div class="fields">
      <label v-for="[field, word] in FIELDS" :key="field"
        >{{ word }}
        <UiTyped
          :value="shown(weighing.own[field])"
          :placeholder="field === 'statureMm' || field === 'putDownMm' ? '' : shown(body[field])"
          :aria-invalid="problem?.field === field"
          :aria-describedby="problem?.field === field ? 'profile-problem' : undefined"
          :data-testid="`profile-${field}`"
          @change="takeHeight(field, $event)"
        />
        <span v-if="problem?.field === field" id="profile-problem" class="wrong" role="alert">{{ problem.words }}</span>
      </label>
      <label
        >Own limit, {{ massUnit(preferences.units) }}
        <UiTyped
          inputmode="decimal"
          :value="massFigure(weighing.own.limitKg, preferences.units)"
          data-testid="profile-limit"
          @change="takeLimit($event)"
        /><span v-if="problem?.field === 'limit'" class="wrong" role="alert">{{ problem.words }}</span></label
      >
      <label
        >People
        <ElSelect
          :model-value="weighing.own.people"
          data-testid="profile-people"
          @change="take({ people: picked([1, 2], $event) })"
        >
          <ElOption :value="1" label="one" />
          <ElOption :value="2" label="two together" /> </ElSelect
      ></label>
      <label
        >Guideline for
        <ElSelect :model-value="weighing.own.column" @change="take({ column: picked(['men', 'women'], $event) })">
          <ElOption value="women" label="women" />
          <ElOption value="men" label="men" /> </ElSelect
      ></label>
      <label
        >Boxes are put
        <ElSelect
          :model-value="weighing.own.putDown"
          data-testid="profile-putdown"
          @change="take({ putDown: picked(['pile', 'second-stand'], $event) })"
        >
          <ElOption value="pile" label="on a pile" />
          <ElOption value="second-stand" label="on a second stand" /> </ElSelect
      ></label>
    </div>
    <p v-if="problem && (problem.field === 'file' || problem.field === '')" class="wrong" role="alert">
      {{ problem.words }}
    </p>
    <p class="soft">
      Kept on this device only.
      <ElButton text @click="download('my-lifting.json', JSON.stringify(weighing.own, null, 1), 'application/json')">
        Save as file
      </ElButton>
      <UiFile name="Lifting profile" accept=".json,application/json" data-testid="profile-file" @file="open">
        <span class="plain-button quiet">Open a file</span>
      </UiFile>
      <ElButton text @click="take(USUAL_PROFILE)">As it came</ElButton>
    </p>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: var(--space-3) var(--space-3);
}

label {
  display: flex;
  flex-direction: column;
  font-size: var(--type-2);
}

.el-input {
  width: 100%;
}

.soft .el-button {
  min-height: 30px;
  padding: 0 var(--space-3);
  color: var(--indigo);
}

.tabs .el-button {
  padding: var(--space-1) var(--space-3);
  font-size: var(--type-2);
}
</style>
