import { defineStore } from 'pinia'
import { computed, ref, type Ref } from 'vue'
import { mayPlay, type Me, type Played } from '#wire/keepers'
import { browserStorage, useKept } from '~/composables/kept'
import { usePasskey } from '~/client/passkeys'
import type { ServerAnswer } from '~/client/ask'
import { server } from '~/client/server'
import { device, useJournal } from '~/journal'

/** What this browser keeps of yards beside its database: drafts of looks, what is ticked, what was set aside. */
const OF_YARDS = [
  'duvet.look.',
  'duvet.aside.',
  'duvet.book.',
  'duvet.along',
  'duvet.steps.',
  'duvet.by',
  'duvet.yard',
  'duvet.hive',
]

/** Who is signed in on this device, and what part is played in which yard. */
export const useMe = defineStore('me', () => {
  const journal = useJournal()
  const me = ref<Me | null>(null)
  /** The server wants to know who asks, now or since its last answer. */
  const mustSignIn = computed(
    () => (me.value?.on === true && me.value.keeper === null) || (journal.trouble?.signedOut ?? false),
  )
  /** Who was signed in here last: what waits was done by that keeper. */
  const last = useKept('duvet.keeper', '')

  async function load(): Promise<void> {
    const answer = await server.me()
    if (answer.ok) me.value = answer.value
    if (me.value?.keeper) last.value = me.value.keeper.name
  }

  /** What comes of an answer that signs in: the yards of who is in now. */
  async function enter(answer: ServerAnswer<unknown>): Promise<string> {
    if (!answer.ok) return answer.problem.sentence
    journal.tellTrouble(null)
    await load()
    await journal.load()
    return ''
  }

  /** What one keeper did is not sent under the name of another. */
  async function signIn(name: string, passphrase: string): Promise<string> {
    return othersWait(name) || enter(await server.signIn(name, passphrase))
  }
  async function signInByKey(): Promise<string> {
    const answer = await usePasskey()
    const wrong = answer.ok ? othersWait(answer.value.name) : ''
    if (wrong) await server.signOut()
    return wrong || enter(answer)
  }
  function othersWait(name: string): string {
    const isOther = last.value !== '' && last.value.toLowerCase() !== name.trim().toLowerCase()
    return journal.count > 0 && isOther
      ? `What waits here was done by ${last.value}: sign in as ${last.value}, or save it as a file and drop it first.`
      : ''
  }
  const begin = async (name: string, passphrase: string) => enter(await server.begin(name, passphrase))
  const join = async (token: string, name?: string, passphrase?: string) =>
    enter(await server.join(token, name, passphrase))

  const mayIn = (yardId: string, needs: Played) => !me.value?.on || mayPlay(me.value.plays[yardId], needs)

  return { me, mustSignIn, load, signIn, signInByKey, begin, join, ...leaving(last), mayIn }
})

/** Leaves this device: signs out, and forgets what it has of the yards. */
function leaving(last: Ref<string>) {
  const journal = useJournal()
  /** Signs out and forgets what this device has of the yards; not while something waits here that would be lost. */
  async function signOut(): Promise<string> {
    if (journal.count + journal.aside.count > 0)
      return 'Something waits or is set aside here that the server does not have: send it, or save it as a file and drop it, then sign out.'
    const answer = await server.signOut()
    if (!answer.ok) return answer.problem.sentence
    await forget()
    return ''
  }

  /** Forgets all that this device has of the yards, and what waits with it. */
  async function forget(): Promise<void> {
    last.value = ''
    const storage = browserStorage()
    for (const key of storage.keys()) if (OF_YARDS.some((start) => key.startsWith(start))) storage.removeItem(key)
    await (await device()).clear().catch(() => {})
    location.assign('/')
  }

  return { signOut, forget }
}
