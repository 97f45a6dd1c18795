/** SQLite takes a limited number of values in one statement. */
const CHUNK = 200

/** Runs work on so many of a list at a time, in its order, and gives what came of each. */
export async function inChunks<T, R>(list: readonly T[], work: (chunk: T[]) => PromiseLike<R>): Promise<R[]> {
  const found: R[] = []
  for (let at = 0; at < list.length; at += CHUNK) found.push(await work(list.slice(at, at + CHUNK)))
  return found
}
