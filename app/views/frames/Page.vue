<script setup lang="ts">
// One box from above: spacing and paint at the left, the box, what will happen at the right.
import { there } from '#core/units'
import { isBox, type Part } from '#core/parts'
import type { Finding, Remedy } from '#core/rules'
import { capital, findingInWords } from '#core/words'
import { boxName, namesAround } from '~/composables/boxName'
import * as deeds from '#core/yard/deeds'

const route = useRoute()
const router = useRouter()
const yards = useYards()
const frames = useFrames()
const view = useView()
const preferences = usePreferences()
const MODES = [
  ['above', 'From above'],
  ['compare', 'Compare spacings'],
] as const
const mode = useInAddress('see', modeOf(MODES), 'above')
const tools = ref<{ hanging: string } | null>(null)
const tried = shallowRef<Remedy | null>(null)
watch(
  () => route.params.part,
  (id) => {
    frames.open(String(id))
    tried.value = null
  },
  { immediate: true },
)
watch(
  () => frames.part,
  () => look(null),
)

const missing = computed(() => yards.loaded && !frames.part)
const cards = computed(() => {
  const names = frames.yard && frames.part ? namesAround(frames.yard, frames.part, preferences.vocabulary) : new Map()
  return findingCards(
    frames.findings,
    (finding) => findingInWords(finding, names, frames.catalogue, preferences.reader),
    frames.trial !== null,
  )
})
const some = computed(() => frames.selected.size > 0)
function look(remedy: Remedy | null) {
  tried.value = remedy
  frames.look(remedy?.edit ?? null)
}
function apply(remedy: Remedy) {
  tried.value = null
  frames.perform(remedy.edit)
}
function accept(finding: Finding, reason: string) {
  if (frames.hive) frames.perform(deeds.accept(frames.hive, finding, reason))
}
function withdraw(finding: Finding) {
  if (frames.hive) frames.perform(deeds.withdraw(frames.hive, finding))
}
const back = () =>
  router.push(
    frames.hive ? hivePath(there(frames.yard).id, frames.hive.id, 'bench') : yardPath(there(view.yard).id, 'boxes'),
  )
/** The boxes of frames of the hive that this one stands in, top first. */
const boxes = computed(() =>
  (frames.hive?.stack ?? [])
    .flatMap(({ partId }) => {
      const part = frames.yard?.parts.find(({ id }) => id === partId)
      const pattern = part && frames.catalogue.patterns.get(part.patternId)
      return part && isBox({ pattern }) && !pattern?.sections
        ? [{ id: part.id, name: boxName(there(frames.yard), part, preferences.vocabulary) }]
        : []
    })
    .reverse(),
)
// The hive that the box stands in is the hive one is at.
watch(
  () => frames.hive?.id,
  (id) => {
    if (id) view.chosenHive = id
  },
  { immediate: true },
)
useFrameKeys({
  add: () => frames.hang(tools.value?.hanging ?? ''),
  back,
})
useHead({ title: computed(() => (frames.part ? `Frames in ${frames.name} – Duvet` : 'Frames – Duvet')) })

function takeCompared({ part }: { readonly part: Part }): void {
  frames.change(part)
  mode.value = 'above'
}
</script>

<template>
  <ShellPage :title="frames.part ? `Frames in ${frames.name}` : 'Frames'" fill>
    <template #bar>
      <UiModes v-model="mode" :of="MODES" name="What to see" />
      <nav v-if="boxes.length > 1" aria-label="Boxes of this hive" class="boxes">
        <NuxtLink
          v-for="{ id, name } in boxes"
          :key="id"
          class="link"
          :to="boxPath(there(frames.yard).id, id)"
          :aria-current="id === frames.partId ? 'page' : undefined"
          >{{ capital(name) }}</NuxtLink
        >
      </nav>
      <NuxtLink v-if="frames.yard" class="link" :to="yardPath(frames.yard.id, 'boxes')">All boxes here</NuxtLink>
    </template>
    <p v-if="missing" class="none">
      This box is not here. <NuxtLink :to="yardPath(String(route.params.yard), 'boxes')">Choose a box</NuxtLink>
    </p>
    <FramesCompare
      v-else-if="frames.box && mode === 'compare'"
      one
      :boxes="[frames.box]"
      :catalogue="frames.catalogue"
      @take="takeCompared"
    />
    <ShellColonyNote v-if="frames.yard && frames.hive" :yard="frames.yard" :hive="frames.hive" />
    <div v-if="!missing && frames.box && mode !== 'compare'" class="columns">
      <aside class="left">
        <ShellInTurn><FramesTools ref="tools" /></ShellInTurn>
      </aside>
      <section class="middle drawing-column" aria-label="Drawing">
        <FramesActing />
        <p v-if="some" class="caution" data-testid="frames-disease">
          Before a comb goes to another colony, look it over for disease. Combs of a colony that died or left stay where
          they are until the cause is known; what a comb has held goes with it.
        </p>
        <p v-if="frames.problem" class="wrong" role="alert">
          {{ frames.problem }}
          <ElButton text aria-label="Close this message" @click="frames.problem = null"> × </ElButton>
        </p>
        <p v-if="tried" class="trying">Tried out, not done yet</p>
        <ShellInTurn
          ><FramesFromAbove class="grow" @hang-at="frames.hang(tools?.hanging ?? '', { place: $event })"
        /></ShellInTurn>
        <p class="legend">
          Cut open below the top bars, entrance at the left. Drag a frame to another place, or out to the side to take
          it out.
        </p>
      </section>
      <aside class="right side-column">
        <ShellInTurn><FramesFigures /></ShellInTurn>
        <ShellInTurn
          ><BenchFindingCard
            v-for="card in cards"
            :key="card.key"
            :card="card"
            :tried="tried"
            :dry="frames.trial !== null"
            @show="() => {}"
            @try="look"
            @apply="apply"
            @accept="accept"
            @withdraw="withdraw"
        /></ShellInTurn>
        <p v-if="cards.length === 0" class="good">
          <ShellSeverityMark grade="good" /> <b>Good</b> · nothing to mend across this box
        </p>
        <p class="caution">
          Figures are guidance: bees, kit and weather differ. A full box is heavy, and a disturbed colony stings; have
          help within call.
        </p>
      </aside>
    </div>
  </ShellPage>
</template>

<style scoped>
.columns {
  display: grid;
  flex: 1;
  min-height: 0;
  grid-template-columns: 250px minmax(0, 1fr) 300px;
  border-top: 2px dashed var(--seam);
}

.left {
  padding: var(--space-3) var(--space-4);
  overflow-y: auto;
  border-right: 2px dashed var(--seam);
  background: var(--paper);
}

.grow {
  flex: 1;
  min-height: 0;
  padding: var(--space-2) 0;
}

.boxes {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-4);
}

.link[aria-current] {
  color: var(--ink);
  font-weight: 700;
  text-decoration: none;
}

.link {
  display: inline-flex;
  align-items: center;
  color: var(--indigo);
}

.wrong {
  padding: var(--space-2) var(--space-4);
  color: var(--stop);
}

.trying {
  padding: 0 var(--space-4);
  color: var(--indigo);
}

.legend,
.caution {
  padding: var(--space-1) var(--space-4) var(--space-3);
  color: var(--soft-ink);
  font-size: var(--type-2);
}

.good {
  display: flex;
  gap: var(--space-3);
  align-items: center;
  color: var(--good);
}

.none {
  padding: var(--space-6);
  text-align: center;
}

@media (max-width: 1020px) {
  .columns {
    display: flex;
    flex-direction: column;
  }

  .left {
    order: 2;
    border: 0;
  }

  .right {
    order: 3;
    border: 0;
  }

  .middle {
    flex: none;
  }

  .grow {
    flex: none;
    overflow-x: auto;
  }
}
</style>
