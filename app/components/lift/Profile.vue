<script setup lang="ts">
// How this keeper lifts: body heights, limit, people, where boxes are put down. Stays on this device.
import { SCHOOLS, USUAL_PROFILE, bodyHeights, profileProblem, type LiftProfile } from '#core/lifting'
import { massFigure, massUnit, parseMass } from '#core/units'
import { SCHOOL_WORDS, capital, profileProblemInWords } from '#core/wording'
import { MOST_PROFILE_BYTES, readProfile } from '#wire/profile-schema'
import { download } from '~/composables/download'

const weighing = useWeighing()
const preferences = usePreferences()
const problem = ref('')
const file = ref<HTMLInputElement | null>(null)
const cm = (mm: number | null) => (mm === null ? '' : String(Math.round(mm / 10)))
const body = computed(() => bodyHeights(weighing.own))
const FIELDS = [
  ['statureMm', 'Body height'],
  ['shoulderMm', 'Shoulder'],
  ['elbowMm', 'Elbow'],
  ['knuckleMm', 'Knuckle'],
  ['putDownMm', 'Put down at'],
] as const

function take(change: Partial<LiftProfile>) {
  const next = { ...weighing.own, ...change }
  const wrong = profileProblem(next)
  problem.value = wrong ? profileProblemInWords(wrong, preferences.reader) : ''
  if (!wrong) weighing.profile = next
}
function takeHeight(field: (typeof FIELDS)[number][0], text: string) {
  const measured = field === 'shoulderMm' || field === 'elbowMm' || field === 'knuckleMm'
  if (measured && text.trim() === '') return take({ [field]: null })
  const value = Number(text.replace(',', '.').replace(/\s*cm$/, ''))
  if (!Number.isFinite(value) || text.trim() === '') {
    problem.value = `${FIELDS.find(([one]) => one === field)![1]} is not a height in centimetres: type one such as 170.`
    return
  }
  take({ [field]: value * 10 })
}
async function open(event: Event) {
  const input = event.target
  const chosen = chosenFile(event)
  if (!chosen || !(input instanceof HTMLInputElement)) return
  if (chosen.size > MOST_PROFILE_BYTES) {
    problem.value = 'That file is too large for a profile: open one that was saved here.'
    return
  }
  const read = readProfile(await chosen.text(), preferences.reader)
  if (read.ok) take(read.value)
  else problem.value = read.problem.sentence
  input.value = ''
}
function takeLimit(text: string) {
  const parsed = parseMass(text, preferences.units, { leastKg: 1, mostKg: 60 })
  if (parsed.ok) take({ limitKg: parsed.kg })
  else
    problem.value = `Own limit is not a mass between 1 and 60 kg: type one such as ${massFigure(20, preferences.units)} ${massUnit(preferences.units)}.`
}
</script>

<template>
  <section class="profile" aria-labelledby="profile-title">
    <h2 id="profile-title">How I lift</h2>
    <div class="tabs" role="group" aria-label="Judged by">
      <button
        v-for="one in SCHOOLS"
        :key="one"
        type="button"
        :aria-pressed="weighing.own.school === one"
        :data-school="one"
        @click="take({ school: one })"
      >
        {{ capital(SCHOOL_WORDS[one]) }}
      </button>
    </div>
    <div class="fields">
      <label v-for="[field, word] in FIELDS" :key="field"
        >{{ word }}, cm
        <input
          type="text"
          inputmode="decimal"
          :value="cm(weighing.own[field])"
          :placeholder="field === 'statureMm' || field === 'putDownMm' ? '' : cm(body[field])"
          :data-testid="`profile-${field}`"
          @change="takeHeight(field, typedIn($event))"
        />
      </label>
      <label
        >Own limit, {{ massUnit(preferences.units) }}
        <input
          type="text"
          inputmode="decimal"
          :value="massFigure(weighing.own.limitKg, preferences.units)"
          data-testid="profile-limit"
          @change="takeLimit(typedIn($event))"
      /></label>
      <label
        >People
        <select
          :value="weighing.own.people"
          data-testid="profile-people"
          @change="take({ people: picked([1, 2], $event) })"
        >
          <option :value="1">one</option>
          <option :value="2">two together</option>
        </select></label
      >
      <label
        >Guideline for
        <select :value="weighing.own.column" @change="take({ column: picked(['men', 'women'], $event) })">
          <option value="women">women</option>
          <option value="men">men</option>
        </select></label
      >
      <label
        >Boxes are put
        <select
          :value="weighing.own.putDown"
          data-testid="profile-putdown"
          @change="take({ putDown: picked(['pile', 'second-stand'], $event) })"
        >
          <option value="pile">on a pile</option>
          <option value="second-stand">on a second stand</option>
        </select></label
      >
    </div>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <p class="soft">
      Kept on this device only.
      <button
        class="plain-button quiet"
        type="button"
        @click="download('my-lifting.json', JSON.stringify(weighing.own, null, 1), 'application/json')"
      >
        Save as file
      </button>
      <button class="plain-button quiet" type="button" @click="file?.click()">Open a file</button
      ><input
        ref="file"
        hidden
        type="file"
        accept=".json,application/json"
        aria-label="Lifting profile"
        data-testid="profile-file"
        @change="open"
      />
      <button class="plain-button quiet" type="button" @click="take(USUAL_PROFILE)">As it came</button>
    </p>
  </section>
</template>

<style scoped>
h2 {
  font-size: 16px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px 8px;
}

label {
  display: flex;
  flex-direction: column;
  font-size: 13.5px;
}

input {
  min-height: 38px;
  width: 100%;
  padding: 0 7px;
  border: 1px solid var(--indigo);
  border-radius: 7px;
  background: #fff;
  font: inherit;
}

.wrong {
  color: var(--stop);
}

.soft {
  color: var(--soft-ink);
  font-size: 13.5px;
}

.soft button {
  min-height: 30px;
  padding: 0 6px;
  color: var(--indigo);
}

.tabs button {
  padding: 2px 7px;
  font-size: 14px;
}
</style>
