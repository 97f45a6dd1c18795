import { there } from '#core/units'
import type { Client, InArgs, InStatement, ResultSet } from '@libsql/client'

const READS = /^\s*(select|values)\b/i
const RETURNS = /\breturning\b/i
const NOTHING: Omit<ResultSet, 'toJSON'> = {
  columns: [],
  columnTypes: [],
  rows: [],
  rowsAffected: 0,
  lastInsertRowid: undefined,
}

/**
 * A client that reads at once and holds back what it is to write, so that all of it can go in one round trip. What is
 * read after something was held back, or is asked of a write, is tried on a transaction that is then undone.
 */
export class HeldBack implements Client {
  readonly writes: InStatement[] = []
  readonly protocol: string
  closed = false

  constructor(private readonly client: Client) {
    this.protocol = client.protocol
  }

  async execute(statement: InStatement | string, args?: InArgs): Promise<ResultSet> {
    const one = typeof statement === 'string' ? { sql: statement, args: args ?? [] } : statement
    if (READS.test(one.sql))
      return this.writes.length === 0 ? this.client.execute(one) : this.tried([...this.writes, one])
    this.writes.push(one)
    return RETURNS.test(one.sql) ? this.tried(this.writes) : { ...NOTHING, toJSON: () => ({}) }
  }

  async batch(statements: (InStatement | [string, InArgs?])[]): Promise<ResultSet[]> {
    const results: ResultSet[] = []
    for (const one of statements)
      results.push(await (Array.isArray(one) ? this.execute(one[0], one[1]) : this.execute(one)))
    return results
  }

  /** The answer to the last of some statements, none of which stays. */
  private async tried(statements: readonly InStatement[]): Promise<ResultSet> {
    const trial = await this.client.transaction('write')
    try {
      return there((await trial.batch([...statements])).at(-1))
    } finally {
      trial.close()
    }
  }

  migrate(): Promise<never> {
    return refused()
  }
  transaction(): Promise<never> {
    return refused()
  }
  executeMultiple(): Promise<never> {
    return refused()
  }
  sync() {
    return this.client.sync()
  }
  reconnect(): void {
    this.client.reconnect()
  }
  close(): void {
    this.closed = true
  }
}

const refused = () => Promise.reject(new Error('no transaction within what is written in one batch'))
