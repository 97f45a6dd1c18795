import { isOneOf } from '../../units'
import type { Edit, EditOf } from './edit'
import type { Part } from '../../parts'

type Fields = Readonly<Record<string, unknown>>
/** Fields that hold things of their own, each changed by itself: two people may measure one box at once. */
const KEYED = ['measured', 'readings'] as const
type Keyed = (typeof KEYED)[number]

export const isKeyed = (name: string): name is Keyed => isOneOf(KEYED, name)
const same = (a: unknown, b: unknown) => a === b || JSON.stringify(a) === JSON.stringify(b)

function keyed(part: Part, name: Keyed): Fields {
  return name === 'measured'
    ? { ...part.measured }
    : Object.fromEntries((part.readings ?? []).map((reading) => [reading.id, reading]))
}

function unkeyed(name: Keyed, fields: Fields): unknown {
  return name === 'measured' ? fields : Object.values(fields)
}

/** Fields with some set and some (null) taken out; what stays keeps its place, in the order given where one is. */
function patched(fields: Fields, change: Fields, order: readonly string[] = []): Fields {
  const next: Record<string, unknown> = { ...fields, ...change }
  const names = Object.keys(next).filter((name) => next[name] !== null)
  const inOrder =
    order.length === 0
      ? names
      : [...order.filter((name) => names.includes(name)), ...names.filter((name) => !order.includes(name))]
  return Object.fromEntries(inOrder.map((name) => [name, next[name]]))
}

/** Fields that were a part’s, some of them changed by an edit that fits a part: what the schema of edits sees to. */
const asPart = (fields: object) => fields as Part

/** A part with some of its fields changed; the rest is as it was. */
export function withChange(part: Part, { change, order }: Pick<EditOf<'change-part'>, 'change' | 'order'>): Part {
  const flat: Record<string, unknown> = { ...change }
  for (const name of KEYED) {
    if (!change[name]) continue
    const fields = patched(keyed(part, name), { ...change[name] }, order?.[name])
    flat[name] = Object.keys(fields).length > 0 || order?.part?.includes(name) ? unkeyed(name, fields) : null
  }
  return asPart(patched({ ...part }, flat, order?.part))
}

/** The edit that takes a change of a part back, exactly, and nothing that others changed of it meanwhile. */
export function inverseOfChange(before: Part, { partId, change }: EditOf<'change-part'>): Edit {
  const was: Record<string, unknown> = {}
  const old: Fields = { ...before }
  for (const [name, value] of Object.entries(change)) {
    if (!isKeyed(name)) was[name] = old[name] ?? null
    else {
      const fields = keyed(before, name)
      was[name] = Object.fromEntries(Object.keys({ ...value }).map((key) => [key, fields[key] ?? null]))
    }
  }
  const inverse: EditOf<'change-part'> = { kind: 'change-part', partId, change: was }
  const order = {
    part: Object.keys(before),
    ...(change.measured ? { measured: Object.keys(before.measured ?? {}) } : {}),
    ...(change.readings ? { readings: (before.readings ?? []).map(({ id }) => id) } : {}),
  }
  const back = withChange(withChange(before, { change }), inverse)
  return JSON.stringify(back) === JSON.stringify(before) ? inverse : { ...inverse, order }
}

function changesOfFields(before: Fields, after: Fields): Record<string, unknown> {
  const names = [...new Set([...Object.keys(before), ...Object.keys(after)])]
  return Object.fromEntries(
    names.filter((name) => !same(before[name], after[name])).map((name) => [name, after[name] ?? null]),
  )
}

/**
 * The edit that makes one version of a part the other: only the fields that differ, so that it overwrites no others.
 */
export function partEdit(before: Part, after: Part): Edit {
  if (before.id !== after.id || before.patternId !== after.patternId) return { kind: 'set-part', part: after }
  const change = changesOfFields({ ...before }, { ...after })
  for (const name of KEYED) if (name in change) change[name] = changesOfFields(keyed(before, name), keyed(after, name))
  return { kind: 'change-part', partId: before.id, change }
}
