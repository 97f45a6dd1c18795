<script setup lang="ts">
// An invitation that is taken up. Its token stands behind the # of the link: no server and no log sees it on the way.
import type { Invitation } from '#wire/keepers'
import { server } from '~/client/server'

const me = useMe()
const router = useRouter()
const token = useRoute().hash.slice(1)
const moment = useMoment()
const wrong = ref('')
const invitation = shallowRef<Invitation | null>(null)
/** What the link says of itself; one that is over says so before a name and a passphrase are typed. */
async function look() {
  const answer = await server.invitation(token)
  if (answer.ok) invitation.value = answer.value
  else wrong.value = answer.problem.sentence
}
void look()
async function take(name?: string, passphrase?: string): Promise<string> {
  const problem = await me.join(token, name, passphrase)
  if (problem === '') await router.replace('/')
  return problem
}
async function takeAsMe() {
  wrong.value = await take()
}
useHead({ title: 'An invitation – Duvet' })
</script>

<template>
  <UiAlone title="You are invited to a yard" data-testid="join">
    <p v-if="invitation" data-testid="invited">
      {{ invitation.inviter }} invites you to the {{ invitation.yards.length === 1 ? 'yard' : 'yards' }}
      <b>{{ invitation.yards.join(', ') }}</b>, as {{ invitation.part }}. Good until {{ moment(invitation.endsAt) }},
      for one.
    </p>
    <template v-if="me.me?.keeper">
      <p>You are signed in as {{ me.me.keeper.name }}: the yard comes to those that you keep already.</p>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <p><ElButton type="primary" data-testid="join-as-me" @click="takeAsMe">Take it up</ElButton></p>
    </template>
    <template v-else>
      <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
      <p>Choose how you sign in from now on.</p>
      <ShellNewKeeper go="Take it up" :take="take" />
    </template>
  </UiAlone>
</template>
