import { server, type ServerAnswer } from './server'
import type { Slip } from './slips'

const SAME_MINUTE = {
  field: 'at',
  sentence: 'There is a reading of this minute already: change the time, or take that one back.',
}

/** Sends what was written down; a weighing of a minute that has one already is refused. */
export async function post(slip: Slip): Promise<ServerAnswer<unknown>> {
  if (slip.sort === 'entries') return server.addEntries(slip.yardId, slip.entries)
  const answer = await server.addReadings(slip.yardId, slip.hiveId, { kind: 'weight', ...slip.weighIns })
  return answer.ok && answer.value.added === 0 ? { ok: false, status: 409, problem: SAME_MINUTE } : answer
}
