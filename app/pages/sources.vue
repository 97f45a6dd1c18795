<script setup lang="ts">
// Every figure that the product uses: its mark, its source, where it is used; overwritten for a yard, and taken back.
import { CATALOGUE, countMarks, figuresOf, sizeLimitOf, type Part, inWords, formatName, isFormat } from '#core/parts'
import { bySeverity } from '#core/stack'
import {
  FIGURE_NAMES,
  SHIPPED_FIGURES,
  crossedIn,
  figureKey,
  figureLimits,
  figureNamed,
  isFigure,
  type FigureName,
} from '#core/figures'
import { TOLD } from '#core/figures/told'
import { gapsChangedBy, verdictsChangedBy, type GapChange, type VerdictChange, hiveIn } from '#core/ask'
import type { Edit } from '#core/yard'
import { liftFigures, TIMBERS } from '#core/loads'
import { inMetric, massFigure, parseLength, showInUnit, showLength, showMass, type Length } from '#core/units'
import { capital, counted, dimensionWord, lengthProblemInWords, severityWord, withPlusMinus } from '#core/words'
import * as deeds from '#core/yard/deeds'

const PAGE = 30
const ROWS_A_TURN = 15
const yards = useYards()
const view = useView()
const preferences = usePreferences()
const search = ref('')
const which = ref<'used' | 'own' | 'all'>('used')
const page = ref(1)
const editing = ref<string | null>(null)
const text = ref('')
const problem = ref('')
const patterning = ref(false)
watch([search, which], () => {
  page.value = 1
})

const used = computed(() => {
  const counts = new Map<string, number>()
  const countedIn = new Map<string, Part>()
  const count = (id: string, part: Part) => {
    if (countedIn.get(id) === part) return
    countedIn.set(id, part)
    counts.set(id, (counts.get(id) ?? 0) + 1)
  }
  for (const part of view.yard?.parts ?? []) {
    count(part.patternId, part)
    for (const { patternId } of part.contents) count(patternId, part)
  }
  return counts
})
const overridden = computed(() => new Map((view.yard?.overrides ?? []).map(({ key, length }) => [key, length])))
interface Row {
  readonly key: string
  readonly what: string
  readonly value: string
  readonly length: Length | null
  readonly mark: string
  readonly source: string
  readonly usedIn: string
  readonly unit: string
  readonly used: boolean
  readonly fixed?: boolean
}
const inUnit = (value: number, unit: string) =>
  unit === 'mm' ? showLength(value, preferences.units) : showInUnit(value, unit, preferences.units)
const tradeRows = computed<Row[]>(() =>
  FIGURE_NAMES.map((name) => {
    const figure = TOLD[name]
    const shipped = SHIPPED_FIGURES[name]
    const own = overridden.value.get(figureKey(name))
    const value = own?.mm ?? shipped
    return {
      key: figureKey(name),
      what: capital(figure.label),
      value: inUnit(value, figure.unit),
      length: null,
      mark: own ? 'own' : figure.source.mark,
      source: own ? `your own; shipped: ${inUnit(shipped, figure.unit)}` : figure.source.text,
      usedIn: figure.usedIn,
      unit: figure.unit,
      used: true,
    }
  }),
)
const figures = computed(() => figuresOf(view.catalogue))
/** With its format, where the name does not say it. */
const named = (name: string, format: string) =>
  isFormat(format) && !name.includes(formatName(format)) ? `${name} (${formatName(format)})` : name
const figureRows = computed<Row[]>(() =>
  figures.value.map(({ key, patternId, label, format, dimension, length }) => {
    const count = used.value.get(patternId) ?? 0
    return {
      key,
      what: `${capital(named(inWords(label, preferences.vocabulary), format))}: ${dimensionWord(dimension).toLowerCase()}`,
      value: `${withPlusMinus(length, preferences.reader)}`,
      length,
      mark: length.source.mark,
      source: length.source.text,
      usedIn: count === 0 ? 'not in this yard' : `${counted(count, 'part')} of this yard`,
      unit: 'mm',
      used: count > 0,
    }
  }),
)
/** Timbers, what lifts are judged with, and masses: shown with their source, not overwritten one by one. */
const fixedRows = computed<Row[]>(() => [
  ...Object.entries(TIMBERS).map(([name, { label, kgPerM3, source }]) => ({
    key: `timber.${name}`,
    what: `Timber, ${label}`,
    value: inUnit(Math.round(kgPerM3), 'kg/m³'),
    length: null,
    mark: source.mark,
    source: source.text,
    usedIn: 'weight of boxes',
    unit: 'kg/m³',
    used: true,
    fixed: true,
  })),
  ...liftFigures(preferences.units).map(({ key, what, value, source }) => ({
    key,
    what,
    value,
    length: null,
    mark: source.mark,
    source: source.text,
    usedIn: 'lifting',
    unit: '',
    used: true,
    fixed: true,
  })),
  ...[...view.catalogue.patterns.values(), ...view.catalogue.hanging.values()].flatMap(({ id, label, mass }) =>
    mass
      ? [
          {
            key: `${id}.mass`,
            what: `${capital(inWords(label, preferences.vocabulary))}: mass`,
            value: `${massFigure(mass.kg, preferences.units, 2)} ± ${showMass(mass.plusMinusKg, preferences.units, 2)}`,
            length: null,
            mark: mass.source.mark,
            source: mass.source.text,
            usedIn: 'weights and lifts',
            unit: 'kg',
            used: used.value.has(id),
            fixed: true,
          },
        ]
      : [],
  ),
])
/** All of them, in the words of the reader. */
const rows = computed<Row[]>(() =>
  [...tradeRows.value, ...figureRows.value, ...fixedRows.value].map((row) => ({
    ...row,
    what: said(row.what),
    usedIn: said(row.usedIn),
  })),
)
const found = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  return rows.value.filter(
    (row) =>
      (which.value === 'all' || (which.value === 'used' ? row.used : overridden.value.has(row.key))) &&
      words.every((word) => `${row.what} ${row.source} ${row.mark}`.toLowerCase().includes(word)),
  )
})
const shown = computed(() => found.value.slice(0, page.value * PAGE))
/** The figures are gathered in a turn of their own, after the page. */
const begun = useInTurn(1)
const turns = useInTurn(computed(() => (begun.value > 0 ? Math.ceil(shown.value.length / ROWS_A_TURN) : 0)))
const marks = computed(() => countMarks(figuresOf(CATALOGUE)))

function start(row: Row) {
  editing.value = row.key
  text.value = ''
  problem.value = ''
}
/** What was typed for a figure: the length, or what is wrong with it. */
function typedFor(row: Row): { length: Length } | { problem: string } {
  if (row.unit !== 'mm') {
    const value = inMetric(Number(text.value.replace(',', '.').replace(/\s/g, '')), row.unit, preferences.units)
    const name = figureNamed(row.key)
    if (text.value.trim() !== '' && name && isFigure(name, value))
      return sensible(name, value, { length: ownLength(value) })
    const limits = name
      ? ` from ${inUnit(figureLimits(name).least, row.unit)} to ${inUnit(figureLimits(name).most, row.unit)}`
      : ''
    return { problem: `${row.what} is not a figure that can be: type a number${limits}, such as ${row.value}.` }
  }
  const figure = figureNamed(row.key)
  const size = sizeLimitOf(row.key.slice(row.key.lastIndexOf('.') + 1))
  const limits = figure
    ? { minMm: figureLimits(figure).least, maxMm: figureLimits(figure).most }
    : { minMm: size?.leastMm ?? 0, maxMm: size?.mostMm ?? 1000 }
  const read = parseLength(text.value, preferences.units, limits)
  if (!read.ok)
    return { problem: lengthProblemInWords(row.what, read.problem, limits, preferences.units, read.readings) }
  const typed = { length: { ...ownLength(read.mm), ...(read.inches ? { inches: read.inches } : {}) } }
  return figure ? sensible(figure, read.mm, typed) : typed
}
/** A least that is over its most makes no sense: which of the two is to be changed first is said. */
function sensible(
  name: FigureName,
  value: number,
  typed: { length: Length },
): { length: Length } | { problem: string } {
  const crossed = crossedIn({ ...view.catalogue.figures, [name]: value }, name)
  if (!crossed) return typed
  const other = crossed.lower === name ? crossed.upper : crossed.lower
  const [own, its] = [name, other].map((one) => TOLD[one].label)
  const shown = tradeRows.value.find(({ key }) => key === figureKey(other))?.value
  return {
    problem: `${capital(own!)} would be ${crossed.lower === name ? 'over' : 'under'} ${its}, which is ${shown}: change that one first.`,
  }
}
function ownLength(mm: number): Length {
  return {
    mm,
    plusMinusMm: 0,
    source: { mark: 'own', text: `the keeper’s own figure for ${view.yard?.name ?? 'this yard'}` },
  }
}
/** The gaps that the typed figure would change, the worst first; null while nothing sound is typed. */
const changes = computed<GapChange[] | null>(() => {
  const row = found.value.find(({ key }) => key === editing.value)
  if (!row || !view.yard || text.value.trim() === '') return null
  const typed = typedFor(row)
  if ('problem' in typed) return null
  const changed = gapsChangedBy(view.yard, deeds.overwrite(row.key, typed.length)) ?? []
  return changed.sort((a, b) => bySeverity({ severity: a.afterGrade }, { severity: b.afterGrade }))
})
/** Hives whose verdict the typed figure would change; asked again before it is kept. */
const verdicts = computed<VerdictChange[]>(() => {
  const row = found.value.find(({ key }) => key === editing.value)
  if (!row || !view.yard || text.value.trim() === '') return []
  const typed = typedFor(row)
  return 'problem' in typed ? [] : (verdictsChangedBy(view.yard, deeds.overwrite(row.key, typed.length)) ?? [])
})
function verdictInWords({ from, to, hives }: VerdictChange): string {
  return `${hives} of ${counted(view.yard!.hives.length, 'hive')} would go from ${severityWord(from).toLowerCase()} to ${severityWord(to).toLowerCase()}`
}
function changeInWords({ hiveId, hiveName, lowerId, upperId, beforeMm, afterMm, afterGrade }: GapChange): string {
  const hive = view.yard!.hives.find(({ id }) => id === hiveId)!
  const names = hiveIn(view.yard!, hive).names(preferences.vocabulary)
  return `${hiveName}: ${names.get(upperId)} over ${names.get(lowerId)}, ${showLength(beforeMm, preferences.units)} becomes ${showLength(afterMm, preferences.units)}, ${severityWord(afterGrade).toLowerCase()}`
}
function save(row: Row) {
  const typed = typedFor(row)
  problem.value = 'problem' in typed ? typed.problem : ''
  if ('problem' in typed) return
  yards.perform(view.yard!.id, deeds.overwrite(row.key, typed.length))
  editing.value = null
}
function takeBack(key: string) {
  yards.perform(view.yard!.id, deeds.overwrite(key, null))
}
const ownPatterns = computed(() => [
  ...(view.yard?.patterns ?? []).map((pattern) => ({ ...pattern, hanging: false })),
  ...(view.yard?.hanging ?? []).map((pattern) => ({ ...pattern, hanging: true })),
])
const blocked = ref<{ name: string; users: string[] } | null>(null)
function removePattern({
  id,
  label,
  hanging,
}: {
  id: string
  label: { british: string; northAmerican: string }
  hanging: boolean
}) {
  const yard = view.yard!
  const parts = yard.parts.filter((part) =>
    hanging ? part.contents.some(({ patternId }) => patternId === id) : part.patternId === id,
  )
  if (parts.length > 0) {
    const ids = new Set(parts.map((part) => part.id))
    const users = yard.hives.filter((hive) => hive.stack.some(({ partId }) => ids.has(partId))).map((hive) => hive.name)
    blocked.value = { name: inWords(label, preferences.vocabulary), users: users.length > 0 ? users : ['the shed'] }
    return
  }
  yards.perform(yard.id, deeds.forgetPattern(id, hanging))
}
function keepPattern(edit: Edit) {
  yards.perform(view.yard!.id, edit)
  patterning.value = false
}
const MARK_WORDS: Record<string, string> = {
  P: 'published',
  C: 'common practice',
  M: 'from memory',
  measured: 'measured',
  own: 'your own',
}
useHead({ title: 'Sources – Duvet' })
const COLUMNS = columnsFor<Row>(
  { key: 'what', label: 'What', width: 220, text: ({ what }) => what, by: ({ what }) => what },
  { key: 'value', label: 'Figure', width: 120 },
  { key: 'mark', label: 'Mark', width: 60, by: ({ mark }) => mark },
  { key: 'source', label: 'Source', width: 220, text: ({ source }) => source },
  { key: 'usedIn', label: 'Used in', width: 160, text: ({ usedIn }) => usedIn, by: ({ usedIn }) => usedIn },
  { key: 'ways', label: 'Change', unsaid: true, width: 150 },
)
</script>

<template>
  <ShellPage title="Sources">
    <template #bar>
      <label class="search"
        ><span class="visually-hidden">Search</span
        ><ElInput
          v-model="search"
          placeholder="search: rim, National, from memory…"
          clearable
          data-testid="source-search"
      /></label>
      <label
        >Show
        <ElSelect v-model="which" data-testid="source-which">
          <ElOption value="used" label="what this yard uses" />
          <ElOption value="own" label="your own figures" />
          <ElOption value="all" label="everything" /> </ElSelect
      ></label>
      <ElButton :disabled="!view.yard" data-testid="new-pattern" @click="patterning = true">
        A pattern of your own
      </ElButton>
    </template>
    <div class="content">
      <p class="soft">
        Marks: P published, quoted from memory where the source says so ({{ marks.P }} figures), C common practice ({{
          marks.C
        }}), M from memory, to be measured ({{ marks.M }}). A figure of your own holds for
        {{ view.yard?.name ?? 'one yard' }} only.
      </p>
      <section v-if="ownPatterns.length > 0" class="own">
        <h2>Your own patterns</h2>
        <p v-for="pattern in ownPatterns" :key="pattern.id">
          {{ inWords(pattern.label, preferences.vocabulary) }}
          <ElButton text @click="removePattern(pattern)">Remove</ElButton>
        </p>
        <p v-if="blocked" class="wrong" role="alert">
          {{ capital(blocked.name) }} is in use: {{ blocked.users.join(', ') }}. Swap or drop those parts first.
          <ElButton text @click="blocked = null">All right</ElButton>
        </p>
      </section>
      <div class="wide" tabindex="0" role="group" aria-label="Figures and their sources">
        <UiTable
          :rows="shown.slice(0, turns * ROWS_A_TURN)"
          :columns="COLUMNS"
          :key-of="({ key }) => key"
          :marked="({ key }) => overridden.has(key)"
          :open="editing === null ? [] : [editing]"
        >
          <template #value="{ row }"
            ><b class="figure" :data-figure="row.key">{{ row.value }}</b></template
          >
          <template #mark="{ row }"
            ><abbr :title="MARK_WORDS[row.mark]">{{ row.mark }}</abbr></template
          >
          <template #ways="{ row }"
            ><span class="ways"
              ><ElButton v-if="overridden.has(row.key)" text @click="takeBack(row.key)">Take back</ElButton
              ><ElButton v-if="!row.fixed" text :disabled="!view.yard" @click="start(row)">Change</ElButton></span
            ></template
          >
          <template #under="{ row }"
            ><form class="edit" @submit.prevent="save(row)">
              <label
                >Your own figure <ElInput v-model="text" :placeholder="row.value" data-testid="own-figure"
              /></label>
              <ElButton type="primary" native-type="submit">Use it</ElButton>
              <ElButton text @click="editing = null">Cancel</ElButton>
              <p v-for="one in verdicts" :key="`${one.from} ${one.to}`" class="effect" data-testid="verdict-effect">
                <b>{{ verdictInWords(one) }}.</b>
              </p>
              <div v-if="changes" class="effect" data-testid="effect">
                <b>{{
                  changes.length === 0 ? 'No gap of this yard changes.' : `Changes ${counted(changes.length, 'gap')}:`
                }}</b>
                <span v-for="(change, i) in changes.slice(0, 6)" :key="i">{{ changeInWords(change) }}</span>
              </div>
              <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
            </form></template
          >
        </UiTable>
      </div>
      <p v-if="begun > 0 && found.length === 0" class="soft">Nothing found. Try fewer words, or show everything.</p>
      <ElButton v-if="begun > 0 && found.length > page * PAGE" @click="page++">
        Show more of {{ found.length }}
      </ElButton>
    </div>
    <SourcesOwnPattern v-if="patterning" @keep="keepPattern" @close="patterning = false" />
  </ShellPage>
</template>

<style scoped>
.content {
  padding: 0 16px 40px;
}

.edit {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}

.search {
  width: 270px;
}

.wide {
  position: relative;
  overflow-x: auto;
}

h2 {
  font-size: 16px;
}

.soft {
  color: var(--soft-ink);
  font-size: 13.5px;
  font-weight: 400;
}

.figure {
  font-weight: 700;
  white-space: nowrap;
}

.mine {
  background: var(--indigo-wash);
}

.ways {
  white-space: nowrap;
}

.ways .el-button {
  min-height: 34px;
  color: var(--indigo);
}

.effect {
  display: grid;
  flex-basis: 100%;
}

.wrong {
  flex-basis: 100%;
  color: var(--stop);
}

.own {
  padding: 6px 0;
}
</style>
