import { keepAnswer, knownAnswer } from '~/client/answers'

const KEY = 'order of the yards'

/** Keeps in which order the server has the yards. */
export function keepOrder(yardIds: readonly string[]): void {
  void keepAnswer(KEY, JSON.stringify(yardIds))
}

/** In which order the server had the yards last. */
export async function knownOrder(): Promise<readonly string[]> {
  return JSON.parse((await knownAnswer(KEY))?.text ?? '[]')
}

/** Yards in this order; those that it does not know at the end. */
export function inOrder<T>(yards: ReadonlyMap<string, T>, yardIds: readonly string[]): ReadonlyMap<string, T> {
  const places = new Map(yardIds.map((id, i) => [id, i]))
  const placeOf = (id: string) => places.get(id) ?? yardIds.length
  return new Map([...yards].sort(([a], [b]) => placeOf(a) - placeOf(b)))
}
