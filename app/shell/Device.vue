<script setup lang="ts">
// What this device has: what waits and how it gets to the server, yards that are taken along, room, the app itself.
import { capital, counted, editInWords } from '#core/words'
import { slipInWords } from '~/composables/slipWords'

const emit = defineEmits<{ close: [] }>()
const journal = useJournal()
const carry = useCarry()
const along = useAlong()
const app = useApp()
const room = useRoom()
const preferences = usePreferences()
const moment = useMoment()
const waiting = useWaiting()

const MOST_LISTED = 6
const yards = computed(() =>
  [...journal.yards.values()].map(({ yard, waiting: edits }) => {
    const written = journal.slips.filter(({ yardId }) => yardId === yard.id)
    const words = [
      ...edits.map(({ edit }) => capital(editInWords(edit))),
      ...written.flatMap((slip) => slipInWords(slip, preferences.reader)),
    ]
    return { yard, words }
  }),
)
const busy = ref(false)
const told = ref<{ readonly ok: boolean; readonly sentence: string } | null>(null)
async function sendNow() {
  busy.value = true
  await journal.flushAll()
  busy.value = false
  told.value = journal.trouble
    ? { ok: false, sentence: journal.trouble.sentence }
    : waiting.value.count === 0
      ? { ok: true, sentence: 'The server has all of it.' }
      : null
}
async function open(file: File) {
  busy.value = true
  told.value = await carry.open(file)
  busy.value = false
}
function alongWords(yardId: string): string {
  const known = along.of(yardId)
  if (along.running?.yardId === yardId) return 'Being fetched'
  if (known) return `${counted(known.hives, 'hive')} as of ${moment(known.at)}`
  return along.isMarked(yardId)
    ? 'Not all of it is here yet'
    : 'What was opened here before can be read without the server'
}
</script>

<template>
  <UiSheet title="This device" width="min(720px, 94vw)" top="6vh" @close="emit('close')">
    <div class="parts">
      <UiCard title="What waits">
        <p data-testid="waits-words">
          <b>{{ waiting.words }}</b>{{
            waiting.count > 0
              ? '. It is kept on this device, also when it is switched off.'
              : ': the server has everything.'
          }}
        </p>
        <template v-for="{ yard, words } in yards" :key="yard.id">
          <template v-if="words.length > 0">
            <h3>{{ yard.name }}</h3>
            <ul data-testid="waiting-list">
              <li v-for="(word, i) in words.slice(0, MOST_LISTED)" :key="i">{{ word }}</li>
              <li v-if="words.length > MOST_LISTED">and {{ words.length - MOST_LISTED }} more</li>
            </ul>
          </template>
        </template>
        <div class="ways">
          <ElButton
            type="primary"
            :disabled="waiting.count === 0 || busy"
            :loading="busy"
            data-testid="send-now"
            @click="sendNow"
            >Send now</ElButton
          >
          <ElButton :disabled="waiting.count === 0" data-testid="save-waiting" @click="carry.save()"
            >Save what waits as a file</ElButton
          >
          <UiFile name="A file of what waited" accept=".json,application/json" data-testid="open-waiting" @file="open">
            <span class="plain-button">Open such a file</span>
          </UiFile>
        </div>
        <p v-if="told" :class="told.ok ? 'good' : 'wrong'" role="status" data-testid="waiting-told">
          {{ told.sentence }}
        </p>
        <p class="soft">
          A device that will not see the server again: save the file, take it to another one and open it there. It goes
          in once, even if both send it.
        </p>
      </UiCard>
      <UiCard title="Take along">
        <p class="soft">Everything about these hives is fetched, so that all of it works where there is no signal.</p>
        <div v-for="{ yard } in yards" :key="yard.id" class="along" :data-along="yard.name">
          <ElSwitch
            :model-value="along.isMarked(yard.id)"
            :aria-label="`Take ${yard.name} along`"
            @update:model-value="$event ? along.take(yard.id) : along.leave(yard.id)"
          />
          <span
            ><b>{{ yard.name }}</b
            ><br />{{ alongWords(yard.id) }}</span
          >
          <template v-if="along.running?.yardId === yard.id">
            <UiProgress :done="along.running.done" :of="along.running.of" :name="`Fetching ${yard.name}`" />
            <ElButton text @click="along.stop()">Stop</ElButton>
          </template>
          <ElButton v-else-if="along.isMarked(yard.id)" text @click="along.take(yard.id)">Fetch again</ElButton>
        </div>
        <p v-if="along.problem" class="wrong" role="status">Not all of it was fetched. {{ along.problem }}</p>
      </UiCard>
      <UiCard title="Duvet on this device">
        <p data-testid="app-state">{{ app.words }}</p>
        <div class="ways">
          <ElButton v-if="app.canInstall" type="primary" data-testid="install" @click="app.install()"
            >Put it on the home screen</ElButton
          >
          <ElButton v-if="app.isNewer" type="primary" data-testid="update-app" @click="app.update()">
            Take the newer Duvet
          </ElButton>
        </div>
        <p v-if="room.words" :class="room.short ? 'wrong' : 'soft'">{{ room.words }}</p>
        <label for="device-name">Name of this device, kept with every change</label>
        <ElInput id="device-name" v-model="preferences.deviceTyped" maxlength="60" placeholder="this browser" />
        <p v-if="preferences.deviceTyped.trim() === ''" role="status">
          The name is empty: changes will say “this browser”.
        </p>
      </UiCard>
    </div>
  </UiSheet>
</template>

<style scoped>
.parts {
  display: grid;
  gap: var(--space-4);
}

h3 {
  margin: var(--space-2) 0 0;
  font-size: var(--type-3);
}

ul {
  margin: 0;
  padding-left: var(--space-5);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}

.along {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  min-height: 44px;
}

.along .progress {
  grid-column: 2;
}

.good {
  color: var(--good);
}
</style>
