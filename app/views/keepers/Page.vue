<script setup lang="ts">
// Who keeps a yard, and what part each plays; who is not yet there is invited.
import { there } from '#core/units'
import { keeperFields } from '#wire/keeper-schema'
import { PASSPHRASE, PLAYED, type Played, type YardKeeper } from '#wire/keepers'
import type { ServerAnswer } from '~/client/ask'
import { server } from '~/client/server'
import { copyText } from '~/composables/download'

const me = useMe()
const view = useView()
const moment = useMoment()
const preferences = usePreferences()
const yard = computed(() => view.yard)
const keepers = shallowRef<readonly YardKeeper[]>([])
const wrong = ref('')
const isOwner = computed(() => yard.value !== undefined && me.me?.on === true && me.mayIn(yard.value.id, 'owner'))
const MEANS: Readonly<Record<Played, string>> = {
  owner: 'everything, and who keeps it',
  keeper: 'changes hives, kit and plans',
  helper: 'ticks visits, writes inspections and counts',
  reader: 'looks only',
}
const COLUMNS = columnsFor<YardKeeper>(
  { key: 'name', label: 'Name', width: 160, by: ({ name }) => name, text: ({ name }) => name },
  { key: 'part', label: 'Part', width: 170 },
  { key: 'since', label: 'Since', width: 120, text: ({ since }) => preferences.day(since.slice(0, 10)) },
  { key: 'away', label: 'Take out', unsaid: true, width: 130 },
)
async function load() {
  if (!yard.value || !me.me?.on) return
  const answer = await server.keepers(yard.value.id)
  if (answer.ok) keepers.value = answer.value
  else wrong.value = answer.problem.sentence
}
watch([() => yard.value?.id, () => me.me?.on], load, { immediate: true })
async function done(answer: ServerAnswer<unknown>) {
  wrong.value = answer.ok ? '' : answer.problem.sentence
  await load()
}
const part = ref<Played>('helper')
const yards = useYards()
/** Others of mine: one link may be for several. */
const others = computed(() => yards.yards.filter(({ id }) => id !== yard.value?.id && me.mayIn(id, 'owner')))
const also = ref<string[]>([])
const link = ref<{ readonly url: string; readonly endsAt: string } | null>(null)
/** A link is for what was chosen when it was made. */
watch([() => yard.value?.id, part, also], () => {
  link.value = null
})
/** An address that only this machine knows is no invitation. */
const isHereOnly = /^(localhost|127\.|\[?::1)/.test(location.hostname)
const copied = ref(false)
async function invite() {
  const answer = await server.invite(there(yard.value).id, part.value, also.value)
  if (!answer.ok) return void (wrong.value = answer.problem.sentence)
  link.value = { url: `${location.origin}/join#${answer.value.token}`, endsAt: answer.value.endsAt }
  copied.value = false
}
async function copy() {
  copied.value = await copyText(there(link.value).url)
}
const words = reactive({ before: '', next: '' })
const isThere = { isValidSync: (text: unknown) => text !== '' }
const WORDS = {
  before: { schema: isThere, sentence: 'The passphrase that you have now is empty.' },
  next: {
    schema: keeperFields.passphrase,
    sentence: `The other passphrase has fewer than ${PASSPHRASE.least} characters: take some words more.`,
  },
}
const changed = ref('')
async function changeWords() {
  const answer = await server.changePassphrase(words.before, words.next)
  changed.value = answer.ok ? 'Changed. Your other devices sign in anew.' : answer.problem.sentence
  if (answer.ok) Object.assign(words, { before: '', next: '' })
}
const leaving = ref('')
async function signOut() {
  leaving.value = await me.signOut()
}
useHead({ title: computed(() => `Keepers of ${yard.value?.name ?? 'a yard'} – Duvet`) })
</script>

<template>
  <ShellPage :title="`Keepers of ${yard?.name ?? 'a yard'}`">
    <div class="cards">
      <UiCard v-if="me.me && !me.me.on" title="You alone">
        <p>
          Nobody has to sign in: Duvet answers on this machine only. To share these yards, make yourself a keeper first.
          You own every yard that is here, and invite the others.
        </p>
        <ShellNewKeeper v-if="me.me.mayBegin" go="Make me a keeper" :take="me.begin" />
        <p v-else>The first keeper is made on the machine that Duvet runs on.</p>
      </UiCard>
      <template v-else-if="me.me?.keeper">
        <UiCard title="Who keeps it">
          <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
          <UiTable :rows="keepers" :columns="COLUMNS" :key-of="({ id }) => id" data-testid="keepers">
            <template #part="{ row }">
              <ElSelect
                v-if="isOwner"
                :model-value="row.part"
                :aria-label="`Part of ${row.name}`"
                @change="async (next: Played) => done(await server.setPart(there(yard).id, row.id, next))"
              >
                <ElOption v-for="one in PLAYED" :key="one" :value="one" :label="one" />
              </ElSelect>
              <template v-else>{{ row.part }}</template>
            </template>
            <template #away="{ row }">
              <ElPopconfirm
                v-if="isOwner"
                width="280"
                :title="`${row.name} is signed out everywhere and sees this yard no more. What was written stays.`"
                confirm-button-text="Take out"
                cancel-button-text="Leave"
                @confirm="async () => done(await server.removeKeeper(there(yard).id, row.id))"
              >
                <template #reference>
                  <ElButton text :aria-label="`Take ${row.name} out of this yard`">Take out</ElButton>
                </template>
              </ElPopconfirm>
            </template>
          </UiTable>
          <ul class="means">
            <li v-for="one in [...PLAYED].reverse()" :key="one">
              <b>{{ one }}</b>: {{ MEANS[one] }}
            </li>
          </ul>
        </UiCard>
        <UiCard v-if="isOwner" title="Invite somebody">
          <div class="ways">
            <label for="invite-part">As</label>
            <ElSelect id="invite-part" v-model="part" data-testid="invite-part" class="short">
              <ElOption v-for="one in PLAYED" :key="one" :value="one" :label="`${one}: ${MEANS[one]}`" />
            </ElSelect>
            <ElButton type="primary" data-testid="invite" @click="invite">Make a link</ElButton>
          </div>
          <div v-if="others.length > 0" class="also">
            <span id="invite-also">Also to</span>
            <ElCheckboxGroup v-model="also" aria-labelledby="invite-also">
              <ElCheckbox v-for="one in others" :key="one.id" :value="one.id" :label="one.name" data-also />
            </ElCheckboxGroup>
          </div>
          <template v-if="link">
            <p>
              Send this to one person. It is good until {{ moment(link.endsAt) }} and for one: whoever opens it first is
              in.
            </p>
            <p v-if="isHereOnly" class="wrong" role="alert" data-testid="here-only">
              This address is of this machine only: nobody else can open it. Start Duvet with
              <code>npm start -- --share</code>, open the address that it prints, and make the link there. Here it goes
              on to answer, and what waits in this browser is sent from here.
            </p>
            <p class="link" data-testid="invite-link">{{ link.url }}</p>
            <p>
              <ElButton @click="copy">{{ copied ? 'Copied' : 'Copy it' }}</ElButton>
            </p>
          </template>
        </UiCard>
        <ShellPasskeys />
        <UiCard title="You">
          <p>
            Signed in as <b>{{ me.me.keeper.name }}</b> on {{ preferences.device }}.
          </p>
          <UiForm :model="words" :rules="WORDS" @sound="changeWords">
            <UiField name="before" label="Passphrase that you have now" for="words-before">
              <ElInput id="words-before" v-model="words.before" type="password" autocomplete="current-password" />
            </UiField>
            <UiField name="next" label="Another one" for="words-next">
              <ElInput id="words-next" v-model="words.next" type="password" autocomplete="new-password" />
            </UiField>
            <ElButton native-type="submit" data-testid="words-go">Change it</ElButton>
          </UiForm>
          <p v-if="changed" role="status" data-testid="words-told">{{ changed }}</p>
          <p v-if="leaving" class="wrong" role="alert">{{ leaving }}</p>
          <p>
            <ElButton data-testid="sign-out" @click="signOut">Sign out on this device</ElButton>
          </p>
        </UiCard>
      </template>
    </div>
  </ShellPage>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: var(--space-4);
  align-items: start;
  padding: 0 var(--space-5) var(--space-5);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}

.short {
  width: 320px;
  max-width: 100%;
}

.link {
  overflow-wrap: anywhere;
  padding: var(--space-3);
  border: 2px dashed var(--seam);
  border-radius: 8px;
}

.also {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-5);
  align-items: center;
  margin-top: var(--space-3);
}

.means {
  padding-left: var(--space-5);
}
</style>
