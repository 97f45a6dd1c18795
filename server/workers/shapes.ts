import { parseJson } from '#wire/parse'
import { readWith, type Problem } from '#wire/read'
import { SHAPES, type CheckedShape, type Shapes } from '#wire/shapes'

/** What a task of the server's threads answers. */
export type TaskAnswer<T = object> =
  ({ readonly ok: true } & T) | { readonly ok: false; readonly status: number; readonly problem: Problem }

/** Reads a text as JSON of a shape, or 400 and 422 with the reason. */
export function readShape<K extends CheckedShape>(shape: K, text: string): TaskAnswer<{ readonly value: Shapes[K] }> {
  const parsed = parseJson(text)
  if (!parsed.ok) return { ok: false, status: 400, problem: parsed.problem }
  const read = readWith(SHAPES[shape], parsed.value)
  return read.ok ? read : { ok: false, status: 422, problem: read.problem }
}
