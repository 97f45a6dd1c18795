<script setup lang="ts">
// A look written down at the hive, in gloves: one thing at a time, large; nothing said stays unknown.
import { daysBetween, ontoFrames, SIGNS, type CombSeen, type Entry, type FeedGiven, type Look } from '#core/book'
import { partingOn } from '#core/year'
import { hasBees, isBare } from '#core/yard'
import { hiveIn } from '#core/ask'
import {
  DAMP_WORDS,
  DEAD_WORDS,
  HEFT_WORDS,
  PATTERN_WORDS,
  QUEEN_WORDS,
  SIGN_CAUTION,
  SOUND_WORDS,
  TEMPER_WORDS,
  VISITOR_WORDS,
  SIGN_WORDS,
} from '#core/words'
import { entriesOf } from '#core/units'
import type { Brush } from '~/components/book/Combs.vue'
import { useKept } from '~/composables/kept'
import { localNow, localToday } from '~/composables/localTime'
import { lookDraftKey, useWritten } from '~/composables/newEntry'
import { hivePath } from '~/composables/paths'

interface Draft {
  /** The look that this one takes the place of. */
  corrects?: string
  /** Mites on the tray that was drawn out, and the days it was in. */
  tray?: { mites: number | undefined; days: number | undefined }
  fed?: { feed: FeedGiven['feed']; kg: number | undefined }
  at: string
  look: { -readonly [K in keyof Look]: Look[K] }
  note: string
  tasks: { text: string; by: string }[]
}
const route = useRoute()
const yards = useYards()
const book = useBook()
const preferences = usePreferences()
const view = useView()
const written = useWritten()
const place = computed(() => view.placeOf(String(route.params.hive)))
const known = computed(() => (place.value ? hiveIn(place.value.yard, place.value.hive) : null))
const empty = (): Draft => ({ at: '', look: {}, note: '', tasks: [] })
/** What is written and not kept yet: it is there again after a call, a closed page or a flat battery. */
const draft = useKept<Draft>(
  lookDraftKey(String(route.params.yard), String(route.params.hive), String(route.query.again ?? '')),
  empty(),
)
const look = computed(() => draft.value.look)
const at = computed(() => draft.value.at || localNow())
const STEPS = [
  ['bees', 'Bees'],
  ['brood', 'Brood'],
  ['food', 'Food'],
  ['queen', 'Queen'],
  ['health', 'Health'],
  ['door', 'Entrance'],
  ['next', 'Keep it'],
] as const
const step = ref<(typeof STEPS)[number][0]>('bees')
const stepAt = computed(() => STEPS.findIndex(([one]) => one === step.value))
function go(by: number) {
  const next = STEPS[stepAt.value + by]
  if (next) step.value = next[0]
}
const brushes = reactive<{ brood: 'eggs' | 'larvae' | 'sealed'; food: 'stores' | 'nectar' | 'pollen' | 'renew' }>({
  brood: 'sealed',
  food: 'stores',
})
const brush = computed<Brush>(() =>
  step.value === 'brood' ? brushes.brood : step.value === 'food' ? brushes.food : 'bees',
)
/** A field of the look: what is not said is not there. */
function field<K extends keyof Look>(name: K) {
  return computed<Look[K] | undefined>({
    get: () => draft.value.look[name],
    set: (value) => {
      const { [name]: _before, ...rest } = draft.value.look
      draft.value = { ...draft.value, look: value === undefined ? rest : { ...rest, [name]: value } }
    },
  })
}
const combs = field('combs')
const [temper, sound, celsius] = [field('temper'), field('sound'), field('celsius')]
const [pattern, queen, heft] = [field('pattern'), field('queen'), field('heft')]
const [signs, dead, damp, visitors] = [field('signs'), field('deadOnFloor'), field('damp'), field('visitors')]
const [playCups, undrawn] = [field('playCups'), field('undrawnLeft')]
const [marked, clipped] = [field('queenMarked'), field('queenClipped')]
const [drone, mould, wind] = [field('droneBrood'), field('mould'), field('wind')]
const [superSealed, toRenew, cross, born] = [
  field('superSealed'),
  field('toRenew'),
  field('crossComb'),
  field('queenBorn'),
]
const cells = field('cells')
const cellCount = (which: 'open' | 'sealed') =>
  computed({
    get: () => cells.value?.[which],
    set: (count: number | undefined) => {
      const { [which]: _before, ...rest } = cells.value ?? {}
      const next = count === undefined ? rest : { ...rest, [which]: count }
      cells.value = Object.keys(next).length > 0 ? next : undefined
    },
  })
const [openCells, sealedCells] = [cellCount('open'), cellCount('sealed')]
const noBrood = computed({
  get: () => (look.value.broodFrames ? ('none' as const) : undefined),
  set: (none: 'none' | readonly 'none'[] | undefined) => {
    broodFrames.value = none ? { eggs: 0, larvae: 0, sealed: 0 } : undefined
  },
})
const broodFrames = field('broodFrames')
const yesNo = (flag: typeof marked) =>
  computed({
    get: () => (flag.value === undefined ? undefined : flag.value ? ('yes' as const) : ('no' as const)),
    set: (said: 'yes' | 'no' | readonly ('yes' | 'no')[] | undefined) => {
      flag.value = said === undefined ? undefined : said === 'yes'
    },
  })
const [isMarked, isClipped, hasDrones, isCross] = [yesNo(marked), yesNo(clipped), yesNo(drone), yesNo(cross)]
const where = computed({
  get: () => cells.value?.where,
  set: (place: Extract<NonNullable<Look['cells']>['where'], string> | readonly string[] | undefined) => {
    const { where: _before, ...rest } = cells.value ?? {}
    const next = typeof place === 'string' ? { ...rest, where: place } : rest
    cells.value = Object.keys(next).length > 0 ? next : undefined
  },
})
const sealedPercent = computed({
  get: () => (superSealed.value === undefined ? undefined : Math.round(superSealed.value * 100)),
  set: (percent: number | undefined) => {
    superSealed.value = percent === undefined ? undefined : percent / 100
  },
})
const tray = computed({
  get: () => draft.value.tray ?? { mites: undefined, days: 3 },
  set: (typed) => {
    draft.value = { ...draft.value, tray: typed }
  },
})
const fed = computed({
  get: () => draft.value.fed ?? { feed: 'two-to-one' as const, kg: undefined },
  set: (typed) => {
    draft.value = { ...draft.value, fed: typed }
  },
})
const FEEDS = [
  ['two-to-one', 'syrup 2 : 1'],
  ['one-to-one', 'syrup 1 : 1'],
  ['fondant', 'fondant'],
  ['comb', 'combs'],
] as const
const CELL_PLACES = [
  ['edge', 'at the edge'],
  ['middle', 'in the middle'],
  ['bottom', 'at the bottom'],
] as const
const WINDS = [
  ['calm', 'calm'],
  ['breeze', 'breeze'],
  ['wind', 'wind'],
] as const
/** Who writes here, kept for the next time. */
const by = useKept('duvet.by', '')
const YES_NO = [
  ['yes', 'yes'],
  ['no', 'no'],
] as const
const BRUSHES = {
  brood: [
    ['eggs', 'Eggs'],
    ['larvae', 'Larvae'],
    ['sealed', 'Sealed'],
  ],
  food: [
    ['stores', 'Sealed stores'],
    ['nectar', 'Nectar'],
    ['pollen', 'Pollen'],
    ['renew', 'To renew'],
  ],
} as const
function say(said: readonly CombSeen[]) {
  combs.value = said.length > 0 ? said : undefined
}
const isSaid = computed(
  () =>
    Object.keys(look.value).length > 0 ||
    draft.value.note.trim() !== '' ||
    draft.value.tasks.length > 0 ||
    tray.value.mites !== undefined ||
    Boolean(fed.value.kg),
)
const task = reactive({ text: '', by: '' })
function addTask() {
  if (!task.text.trim() || !task.by) return
  draft.value = { ...draft.value, tasks: [...draft.value.tasks, { text: task.text.trim(), by: task.by }] }
  task.text = ''
}
const onFrames = ref(true)
const change = computed(() => (place.value ? ontoFrames(place.value.yard, look.value) : undefined))
const kept = ref(false)
const keeping = ref(false)
/** What is odd about the day of the look, asked about once before it is kept. */
const doubt = ref('')
watch(at, () => (doubt.value = ''))
const YEARS_BACK = 2
const thisYear = Number(localToday().slice(0, 4))
const gone = usePast()
async function doubtOf(here: NonNullable<typeof place.value>): Promise<string> {
  const day = at.value.slice(0, 10)
  if (day >= localToday()) return ''
  if (daysBetween(day, localToday()) > YEARS_BACK * 365)
    return `${preferences.day(day)} is more than ${YEARS_BACK} years back.`
  // A hive that stood nowhere yet was only not entered; one that stood elsewhere may be the wrong one.
  const evening = { at: new Date(`${day}T23:59:59`).toISOString() }
  const elsewhere = yards.yards.filter(({ id }) => id !== here.yard.id)
  const stood = await Promise.all(elsewhere.map(async (one) => ({ one, past: await gone.stood(one.id, evening) })))
  const then = stood.find(({ past }) => past.ok && past.value.hives.some(({ id }) => id === here.hive.id))
  return then ? `${here.hive.name} stood in ${then.one.name} on ${preferences.day(day)}.` : ''
}
async function keep() {
  const here = place.value
  if (!here || keeping.value) return
  keeping.value = true
  const odd = doubt.value === '' ? await doubtOf(here) : ''
  if (odd) {
    doubt.value = odd
    keeping.value = false
    return
  }
  const note = draft.value.note.trim()
  const who = by.value.trim()
  const said = () => ({ ...written(here.hive.id, at.value), ...(who ? { by: who } : {}) })
  const own: Entry = {
    ...said(),
    ...(draft.value.corrects ? { corrects: draft.value.corrects } : {}),
    ...(note ? { note } : {}),
    sort: 'look',
    body: look.value,
  }
  const tasks = draft.value.tasks.map((one): Entry => ({ ...said(), sort: 'task', body: { ...one, from: own.id } }))
  const { mites, days } = tray.value
  const { feed, kg } = fed.value
  const beside: Entry[] = [
    ...(mites !== undefined && days
      ? [{ ...said(), sort: 'mites' as const, body: { way: 'tray' as const, mites, days } }]
      : []),
    ...(kg ? [{ ...said(), sort: 'feed' as const, body: { feed, kg } }] : []),
  ]
  const edit = change.value
  const isKept = await book.write(here.yard.id, [own, ...beside, ...tasks])
  keeping.value = false
  if (!isKept) return
  if (edit && onFrames.value) yards.perform(here.yard.id, edit)
  draft.value = empty()
  kept.value = true
}
function again() {
  kept.value = false
  step.value = 'bees'
}
const rests = computed(() => place.value !== null && partingOn(at.value, place.value.yard) !== 'free')
useHead({ title: computed(() => `Inspection of ${place.value?.hive.name ?? 'a hive'} – Duvet`) })
</script>

<template>
  <ShellPage :title="place ? `Inspection of ${place.hive.name}` : 'Inspection'">
    <template #bar>
      <UiDay
        time
        name="When"
        :value="at"
        :last="localToday()"
        data-testid="look-at"
        @change="draft = { ...draft, at: $event }"
      />
    </template>
    <ShellNothing v-if="!place || !known" to="/" way="Start a hive in the row"
      >This hive is no longer here.</ShellNothing
    ><ShellNothing
      v-else-if="isBare(place.yard, place.hive)"
      :to="hivePath(place.yard.id, place.hive.id, 'bench')"
      way="Stack it on the bench"
      >No box stands at {{ place.hive.name }}: there is nothing to look into.</ShellNothing
    >
    <section v-else-if="kept" class="kept" data-testid="look-kept">
      <p>
        <b>The inspection of {{ place.hive.name }} is written down.</b>
        {{ book.count > 0 ? 'It waits on this device until the server can be reached.' : '' }}
      </p>
      <p class="ways">
        <NuxtLink :to="hivePath(place.yard.id, place.hive.id, 'book')">To the book of {{ place.hive.name }}</NuxtLink>
        <NuxtLink :to="`${hivePath(place.yard.id, place.hive.id, 'book')}?write=yes`" data-testid="look-done"
          >What was done: mites, treatment, food, crop</NuxtLink
        >
        <NuxtLink :to="hivePath(place.yard.id, place.hive.id, 'bench')">Boxes moved, put on or taken off</NuxtLink>
        <ElButton @click="again">Write another inspection</ElButton>
      </p>
    </section>
    <div v-else class="look">
      <p v-if="draft.corrects" class="cold" role="note" data-testid="look-again">
        You write an inspection again: it takes the place of the one in the book.
        <NuxtLink :to="hivePath(place.yard.id, place.hive.id, 'book')">Leave it as it is</NuxtLink>
      </p>
      <UiModes v-model="step" :of="STEPS" name="Step" />
      <p v-if="rests && hasBees(place.yard, place.hive.id)" class="cold" role="note">
        It is the cold time of this yard: no box is parted now. Heft it, look at the entrance, lift the crown on a mild
        day at most.
      </p>
      <div class="step">
        <p v-if="step === 'bees'" class="ask">
          Press each comb: full of bees, half covered, none. What you leave stays unknown.
        </p>
        <template v-else-if="step === 'brood'">
          <p class="ask">Choose what you see, then press the combs that have it.</p>
          <UiModes v-model="brushes.brood" :of="BRUSHES.brood" name="What the combs have" />
        </template>
        <template v-else-if="step === 'food'">
          <p class="ask">Choose what you see, then press the combs that have it; or heft the hive.</p>
          <UiModes v-model="brushes.food" :of="BRUSHES.food" name="What the combs have" />
        </template>
      </div>
      <BookCombs
        v-if="step === 'bees' || step === 'brood' || step === 'food'"
        :known="known"
        :combs="combs ?? []"
        :brush="brush"
        @say="say"
      />
      <div class="step">
        <template v-if="step === 'bees'">
          <BookPick v-model="temper" name="Temper" :of="entriesOf(TEMPER_WORDS)" />
          <BookPick v-model="sound" name="Sound" :of="entriesOf(SOUND_WORDS)" />
        </template>
        <template v-else-if="step === 'brood'">
          <BookPick v-model="pattern" name="Pattern" :of="entriesOf(PATTERN_WORDS)" />
          <BookPick v-model="noBrood" name="Brood" :of="[['none', 'no brood at all']]" />
          <BookPick v-model="hasDrones" name="Drone brood" :of="YES_NO" />
        </template>
        <template v-else-if="step === 'food'">
          <BookPick v-model="heft" name="It hefts" :of="entriesOf(HEFT_WORDS)" />
          <BookCount v-model="sealedPercent" name="Of the supers sealed, %" :step="10" />
          <BookCount v-model="undrawn" name="Frames not drawn yet" />
          <BookCount v-model="toRenew" name="Combs to renew" />
          <BookPick v-model="isCross" name="Cross comb" :of="YES_NO" />
        </template>
        <template v-else-if="step === 'queen'">
          <BookPick v-model="queen" name="Queen" :of="entriesOf(QUEEN_WORDS)" />
          <BookCount v-model="openCells" name="Queen cells, open" />
          <BookCount v-model="sealedCells" name="Queen cells, sealed" />
          <BookPick v-if="cells" v-model="where" name="They hang" :of="CELL_PLACES" />
          <BookCount v-model="playCups" name="Play cups" />
          <BookPick v-model="isMarked" name="Marked" :of="YES_NO" />
          <BookPick v-model="isClipped" name="Clipped" :of="YES_NO" />
          <BookNumber v-model="born" name="Born in the year" :min="1980" :max="2100" :start="thisYear" />
        </template>
        <template v-else-if="step === 'health'">
          <p class="ask">Only what you see. What it is, others say.</p>
          <BookPick v-model="signs" many name="Seen" :of="SIGNS.map((sign) => [sign, SIGN_WORDS[sign]] as const)" />
          <p v-if="signs?.length" class="sign" role="alert" data-testid="sign-caution">{{ SIGN_CAUTION }}</p>
        </template>
        <template v-else-if="step === 'door'">
          <BookPick v-model="dead" name="Dead on the floor" :of="entriesOf(DEAD_WORDS)" />
          <BookCount
            :model-value="tray.mites"
            name="Mites on the tray"
            @update:model-value="tray = { ...tray, mites: $event }"
          />
          <BookCount
            v-if="tray.mites !== undefined"
            :model-value="tray.days"
            name="Days the tray was in"
            :least="1"
            @update:model-value="tray = { ...tray, days: $event }"
          />
          <BookPick v-model="damp" many name="Damp at" :of="entriesOf(DAMP_WORDS)" />
          <BookPick v-model="mould" many name="Mould at" :of="entriesOf(DAMP_WORDS)" />
          <BookPick v-model="visitors" many name="Visitors" :of="entriesOf(VISITOR_WORDS)" />
          <BookPick v-model="wind" name="Wind" :of="WINDS" />
          <BookDegrees v-model="celsius" name="Outside" :least-celsius="-50" :most-celsius="60" />
        </template>
        <template v-else>
          <BookPick
            :model-value="fed.kg === undefined ? undefined : fed.feed"
            name="Fed"
            :of="FEEDS"
            @update:model-value="
              fed = typeof $event === 'string' ? { feed: $event, kg: fed.kg ?? 1 } : { ...fed, kg: undefined }
            "
          />
          <BookMass
            v-if="fed.kg !== undefined"
            :model-value="fed.kg"
            name="Fed"
            :most-kg="100"
            @update:model-value="fed = { ...fed, kg: $event }"
          />
          <label class="by"
            >By <ElInput v-model="by" :maxlength="60" aria-label="By" placeholder="whoever writes"
          /></label>
          <label
            >Note
            <ElInput
              v-model="draft.note"
              type="textarea"
              :rows="2"
              :maxlength="2000"
              aria-label="Note"
              data-testid="look-note"
          /></label>
          <div class="task" role="group" aria-label="What is next">
            <ElInput v-model="task.text" :maxlength="200" placeholder="what is next" aria-label="What is next" />
            <UiDay name="By" :value="task.by" @change="task.by = $event" />
            <ElButton :disabled="!task.text.trim() || !task.by" @click="addTask">Add it</ElButton>
          </div>
          <ul v-if="draft.tasks.length > 0">
            <li v-for="(one, i) in draft.tasks" :key="i">
              {{ one.text }}, by {{ preferences.day(one.by) }}
              <ElButton text @click="draft = { ...draft, tasks: draft.tasks.filter((_, other) => other !== i) }"
                >Leave it out</ElButton
              >
            </li>
          </ul>
          <ElCheckbox v-if="change" v-model="onFrames" data-testid="onto-frames">
            Write what the combs hold onto the frames of the hive too (can be undone)
          </ElCheckbox>
          <BookFollows :known="known" :look="look" :day="at.slice(0, 10)" :tray="tray" />
          <p v-if="book.refused" class="sign" role="alert">{{ book.refused }}</p>
          <p v-if="doubt" class="sign" role="alert" data-testid="look-doubt">
            {{ doubt }} Change the day above, or press once more to keep it all the same.
          </p>
        </template>
      </div>
      <div class="foot">
        <ElButton :disabled="stepAt === 0" @click="go(-1)">Back</ElButton>
        <ElButton v-if="step !== 'next'" type="primary" data-testid="look-on" @click="go(1)">
          {{ STEPS[stepAt + 1]?.[1] }}
        </ElButton>
        <ElButton
          v-else
          type="primary"
          data-testid="look-keep"
          :disabled="!isSaid || keeping"
          :loading="keeping"
          @click="keep"
          >Write it down</ElButton
        >
      </div>
      <p class="caution">Stings: whoever has reacted to them does not open a hive alone. Lift with the legs.</p>
    </div>
  </ShellPage>
</template>

<style scoped>
.look {
  display: flex;
  flex-direction: column;
  gap: var(--space-4);
  max-width: 1120px;
  padding: 0 var(--space-5) calc(var(--space-6) + var(--foot));
}

.step {
  display: flex;
  flex-direction: column;
  gap: var(--space-3);
}

.ask,
.caution {
  margin: 0;
  color: var(--soft-ink);
}

.caution {
  font-size: var(--type-1);
}

.cold,
.sign {
  margin: 0;
  padding: var(--space-3) var(--space-4);
  border-left: 5px solid var(--stop);
  background: var(--sheet);
}

.foot {
  display: flex;
  gap: var(--space-4);
  position: sticky;
  bottom: var(--foot);
  padding: var(--space-3) 0;
  background: var(--linen);
}

.foot .el-button {
  flex: 1;
  min-height: 52px;
  max-width: 320px;
  margin: 0;
}

.by .el-input {
  max-width: 240px;
}

.task {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}

.task .el-input {
  flex: 1 1 200px;
}

.kept {
  padding: 0 var(--space-5);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  align-items: center;
}
</style>
