import { defineStore, storeToRefs } from 'pinia'
import { computed, ref, watch, type Ref } from 'vue'
import { CATALOGUE } from '#core/parts'
import { emptyYard, fresh, startHive, type Edit, type StartName } from '#core/yard'
import { useColonies } from './colonies'
import { useFoodBooks } from './food-books'
import { useFoods } from './foods'
import { useEdits } from './edits'
import { server } from '~/client/server'
import { useJournal } from '~/journal'
import * as deeds from '#core/yard/deeds'

const makeId = () => crypto.randomUUID()

/** The yards: which there are, added, taken away and brought back; what is done to them goes into the journal. */
export const useYards = defineStore('yards', () => {
  const journal = useJournal()
  /** A sentence to tell the keeper, by whoever shows it. */
  const message = ref<string | null>(null)
  const { perform, undo, redo, tryAgain } = useEdits(message)
  const { loaded, reachable, removed } = storeToRefs(journal)

  const colonies = useColonies()
  const foodBooks = useFoodBooks()
  const foods = useFoods()
  const ofColonies = computed(() => [...journal.yards.values()].map(({ yard }) => colonies.onto(yard)))
  watch([ofColonies, () => foodBooks.changes], () => {
    for (const yard of ofColonies.value) void foods.workOut(yard)
  })
  /** With what their books say of their colonies and their food: every view asks the same. */
  const yards = computed(() => ofColonies.value.map(foods.onto))

  return {
    yards,
    loaded,
    reachable,
    message,
    removed,
    load: journal.load,
    historyOf: journal.historyOf,
    perform,
    undo,
    redo,
    tryAgain,
    ...keeping(message, perform),
  }
})

/** Yards and hives are begun, taken away and brought back. */
function keeping(message: Ref<string | null>, perform: (yardId: string, edit: Edit) => boolean) {
  const journal = useJournal()
  async function addYard(name: string): Promise<string | undefined> {
    const yard = emptyYard(makeId(), name)
    const answer = await server.addYard(yard)
    if (!answer.ok) {
      message.value = answer.problem.sentence
      return undefined
    }
    journal.hold(yard.id, fresh({ yard, revision: 0 }))
    return yard.id
  }

  /** Starts a hive in a yard; its identity, or undefined when it could not be. */
  function addHive(yardId: string, start: StartName, name: string): string | undefined {
    const yard = journal.yards.get(yardId)?.yard
    if (!yard) return undefined
    const { hive, parts } = startHive(start, name, CATALOGUE, makeId)
    return perform(yardId, deeds.addHive(yard, hive, parts)) ? hive.id : undefined
  }

  /** Takes a yard away once everything of it is saved; it can be brought back. */
  async function removeYard(yardId: string): Promise<void> {
    const now = journal.yards.get(yardId)
    if (!now) return
    if (now.waiting.length > 0) {
      message.value = `${now.yard.name} has changes that are not saved yet: wait until the server has them.`
      return
    }
    const answer = await server.setRemoved(yardId, true)
    if (!answer.ok) {
      message.value = answer.problem.sentence
      return
    }
    journal.letGo(yardId)
    await journal.loadRemoved()
  }

  async function bringBack(yardId: string): Promise<void> {
    const answer = await server.setRemoved(yardId, false)
    if (!answer.ok) message.value = answer.problem.sentence
    else await journal.refresh([yardId])
    await journal.loadRemoved()
  }

  return { addYard, addHive, removeYard, bringBack }
}
