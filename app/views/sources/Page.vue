<script setup lang="ts">
// Every figure that the product uses: its mark, its source, where it is used; overwritten for a yard, and taken back.
import { there } from '#core/units'
import { CATALOGUE, countMarks, figuresOf } from '#core/parts'
import { emptyYard, type Edit } from '#core/yard'
import { figureList, takenBack, type ListedFigure } from '#core/words'

const PAGE = 30
const ROWS_A_TURN = 15
const NO_YARD = emptyYard('', '')
const yards = useYards()
const view = useView()
const preferences = usePreferences()
const search = ref('')
const which = ref<'used' | 'own' | 'all'>('used')
const page = ref(1)
const editing = ref<string | null>(null)
const patterning = ref(false)
watch([search, which], () => {
  page.value = 1
})

const rows = computed(() => figureList(view.yard ?? NO_YARD, preferences.reader))
const found = computed(() => {
  const words = search.value.toLowerCase().split(/\s+/).filter(Boolean)
  return rows.value.filter(
    (row) =>
      (which.value === 'all' || (which.value === 'used' ? row.used : row.own)) &&
      words.every((word) => `${row.what} ${row.source} ${row.mark} ${row.usedIn}`.toLowerCase().includes(word)),
  )
})
const shown = computed(() => found.value.slice(0, page.value * PAGE))
/** The figures are gathered in a turn of their own, after the page. */
const begun = useInTurn(1)
const turns = useInTurn(computed(() => (begun.value > 0 ? Math.ceil(shown.value.length / ROWS_A_TURN) : 0)))
const marks = computed(() => countMarks(figuresOf(CATALOGUE)))

function keepPattern(edit: Edit) {
  yards.perform(there(view.yard).id, edit)
  patterning.value = false
}
const MARK_WORDS: Readonly<Record<ListedFigure['mark'], string>> = {
  P: 'published',
  C: 'common practice',
  M: 'from memory',
  measured: 'measured',
  own: 'your own',
}
useHead({ title: 'Sources – Duvet' })
const COLUMNS = columnsFor<ListedFigure>(
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
      <SourcesOwnPatterns />
      <div class="wide" tabindex="0" role="group" aria-label="Figures and their sources">
        <UiTable
          :rows="shown.slice(0, turns * ROWS_A_TURN)"
          :columns="COLUMNS"
          :key-of="({ key }) => key"
          :marked="({ own }) => own"
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
              ><ElButton v-if="row.own" text @click="yards.perform(there(view.yard).id, takenBack(row))"
                >Take back</ElButton
              ><ElButton v-if="row.is" text :disabled="!view.yard" @click="editing = row.key">Change</ElButton></span
            ></template
          >
          <template #under="{ row }"
            ><SourcesChange v-if="view.yard" :row="row" :yard="view.yard" @close="editing = null"
          /></template>
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
  padding: 0 var(--space-5) var(--space-6);
}

.search {
  width: 270px;
}

.wide {
  position: relative;
  overflow-x: auto;
}

.soft {
  color: var(--soft-ink);
  font-size: var(--type-2);
  font-weight: 400;
}

.figure {
  font-weight: 700;
  white-space: nowrap;
}

.ways {
  white-space: nowrap;
}

.ways .el-button {
  min-height: 34px;
  color: var(--indigo);
}
</style>
