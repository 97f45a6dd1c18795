/** The keys of a plain record, typed as its own. */
export function keysOf<T extends object>(record: T): (keyof T & string)[] {
  return Object.keys(record) as (keyof T & string)[]
}

/** The keys of a plain record with what stands under each, typed as its own. */
export function entriesOf<K extends string, V>(record: Readonly<Partial<Record<K, V>>>): [K, V][] {
  return Object.entries(record) as [K, V][]
}

/** A record with an entry for each of these keys. */
export function recordOf<K extends string, V>(keys: readonly K[], valueOf: (key: K) => V): Record<K, V> {
  return Object.fromEntries(keys.map((key) => [key, valueOf(key)])) as Record<K, V>
}

/** True for one of a list. */
export function isOneOf<T>(list: readonly T[], value: unknown): value is T {
  return list.some((one) => one === value)
}

/** What stands under a name in something of which nothing is known yet; undefined where nothing does. */
export function fieldOf(value: unknown, name: string): unknown {
  return typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[name] : undefined
}

/**
 * The same through JSON, each text and number within passed through; what JSON does not carry must not be in it.
 * Identities deep inside a plan are renamed so.
 */
export function mapWithin<T>(value: T, change: (key: string, inner: unknown) => unknown): T {
  return JSON.parse(JSON.stringify(value, change)) as T
}

/** A value as JSON with the keys of every record in their order: the same for what says the same. */
export function canonical(value: unknown): string {
  return JSON.stringify(value, (_key, inner: unknown) =>
    typeof inner === 'object' && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  )
}

/** A value as it goes over the wire and comes back: nothing in it is shared with the one that was given. */
export function asSent<T>(value: T): T {
  return JSON.parse(JSON.stringify(value))
}
