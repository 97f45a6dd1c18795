import {
  asItStood,
  changeOf,
  goBack,
  type HeldYard,
  type HiveChange,
  type LoggedEdit,
  type PastMoment,
  type Yard,
} from '#core/yard'
import type { ServerAnswer } from '~/client/ask'
import { server } from '~/client/server'

const isLogged = (entry: HeldYard['log'][number]): entry is LoggedEdit => 'revision' in entry

/** The log of a yard that this device has, newest first, and whether it goes back to the first change. */
function logOf({ log, revision }: HeldYard) {
  const newestFirst = log
    .filter(isLogged)
    .filter((entry) => entry.revision <= revision)
    .toReversed()
  const first = newestFirst.at(-1)?.revision ?? revision + 1
  return { newestFirst, isWhole: first <= 1 }
}

/** The past of a yard: as the server tells it; where it is silent, out of the log that this device has. */
export function usePast() {
  const journal = useJournal()

  async function stood(yardId: string, when: PastMoment): Promise<ServerAnswer<Yard>> {
    const answer = await server.past(yardId, when)
    const now = journal.yards.get(yardId)
    if (answer.ok || answer.status !== 0 || !now) return answer
    const { newestFirst, isWhole } = logOf(now)
    const oldest = newestFirst.at(-1)
    const isKnown =
      isWhole || (oldest && ('at' in when ? oldest.happenedAt <= when.at : oldest.revision <= when.revision))
    return isKnown ? { ok: true, value: await asItStood(now.saved, goBack(now.saved, newestFirst), when) } : answer
  }

  /** What was changed about a hive, newest first. */
  async function changes(yardId: string, hiveId: string): Promise<ServerAnswer<readonly HiveChange[]>> {
    const answer = await server.changes(yardId, hiveId)
    const now = journal.yards.get(yardId)
    if (answer.ok || answer.status !== 0 || !now) return answer
    const steps = [...goBack(now.saved, logOf(now).newestFirst)]
    return { ok: true, value: steps.flatMap((step) => changeOf(step, hiveId) ?? []) }
  }

  return { stood, changes }
}
