import type { Client } from '@libsql/client'

/** Signs of an identity that stand in the name of a copy. */
const SHORT = 8

/** What tells a database from every other one, for good; undefined where it is of an earlier Duvet. */
export async function identityOf(client: Client): Promise<string | undefined> {
  const found = await client.execute(`SELECT value FROM settings WHERE name = 'identity'`).catch(() => undefined)
  const value = found?.rows[0]?.value
  return typeof value === 'string' ? value : undefined
}

/** How a database is told in the name of its copies. */
export function shortIdentity(identity: string): string {
  return identity.slice(0, SHORT)
}
