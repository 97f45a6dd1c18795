import type { Context, MeasuredHive } from '../context'

/** What is written of a colony, as it holds its kit: undefined where that is no more than that it lives. */
export function writtenOf({ assembled }: MeasuredHive, { colony }: Context) {
  if (!colony) return undefined
  const { since, because = '', signs = [], holds } = colony
  return { colony, ids: [assembled.hive.id], since, because, signs, held: holds !== 'nothing' }
}
