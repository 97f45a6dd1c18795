import { refused, type Read } from './problem'

/** Nothing that Duvet writes nests deeper, or holds more. */
const MOST_DEEP = 40
const MOST_VALUES = 4_000_000

/** A JSON text as a value: its depth and its size are looked at before anything walks it by recursion. */
export function parseJson(text: string, what = 'What was sent'): Read<unknown> {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    return refused('body', `${what} is not JSON.`)
  }
  return tooDeep(value)
    ? refused(
        'body',
        `${what} is nested deeper than ${MOST_DEEP} levels, or has more than ${MOST_VALUES / 1e6} ` +
          'million values: nothing that Duvet writes does.',
      )
    : { ok: true, value }
}

/** Goes through a value level by level, without recursion. */
function tooDeep(value: unknown): boolean {
  let level: unknown[] = [value]
  let seen = 0
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > MOST_DEEP) return true
    const next: unknown[] = []
    for (const one of level) {
      if (typeof one !== 'object' || one === null) continue
      for (const inner of Object.values(one)) if (typeof inner === 'object' && inner !== null) next.push(inner)
      seen += 1
    }
    seen += next.length
    if (seen > MOST_VALUES) return true
    level = next
  }
  return false
}
