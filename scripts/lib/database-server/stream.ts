import Database from 'libsql'
import {
  fromValue,
  toValue,
  type Batch,
  type Condition,
  type Failure,
  type Request,
  type Stmt,
  type StmtResult,
} from './protocol'

/** A writer is waited for so long, as a server waits for its other clients. */
const LOCKED_MS = 5000

/** One writer at a time; who waits too long is told that the file is locked. */
export class WriteLock {
  private holder: object | null = null
  private readonly waiting: (() => void)[] = []

  async take(who: object): Promise<void> {
    if (this.holder === who) return
    const until = performance.now() + LOCKED_MS
    while (this.holder !== null) {
      if (performance.now() > until) throw Object.assign(new Error('database is locked'), { code: 'SQLITE_BUSY' })
      await new Promise<void>((resolve) => {
        this.waiting.push(resolve)
        setTimeout(resolve, 100)
      })
    }
    this.holder = who
  }

  give(who: object): void {
    if (this.holder !== who) return
    this.holder = null
    this.waiting.shift()?.()
  }
}

/** One client’s connection to the file: what it begins, it goes on with by its baton. */
export class Stream {
  private readonly database: Database.Database
  private readonly texts = new Map<number, string>()
  readonly begunAt = performance.now()
  usedAt = this.begunAt

  constructor(
    path: string,
    private readonly lock: WriteLock,
  ) {
    this.database = new Database(path)
    this.database.pragma('busy_timeout = 500')
    this.database.pragma('journal_mode = WAL')
    this.database.pragma('foreign_keys = ON')
  }

  /** Ends it; what was begun and not committed is as if it had never been. */
  close(): void {
    if (this.database.inTransaction) this.database.exec('ROLLBACK')
    this.database.close()
    this.lock.give(this)
  }

  async answer(request: Request): Promise<unknown> {
    this.usedAt = performance.now()
    switch (request.type) {
      case 'execute':
        return { type: 'execute', result: await this.execute(request.stmt) }
      case 'batch':
        return { type: 'batch', result: await this.batch(request.batch) }
      case 'sequence':
        await this.locked(() => this.database.exec(this.textOf(request)))
        return { type: 'sequence' }
      case 'store_sql':
        this.texts.set(request.sql_id, request.sql)
        return { type: 'store_sql' }
      case 'close_sql':
        this.texts.delete(request.sql_id)
        return { type: 'close_sql' }
      case 'get_autocommit':
        return { type: 'get_autocommit', is_autocommit: !this.database.inTransaction }
      default:
        return { type: request.type }
    }
  }

  private textOf({ sql, sql_id }: { readonly sql?: string; readonly sql_id?: number }): string {
    const text = sql ?? this.texts.get(sql_id ?? -1)
    if (text === undefined) throw Object.assign(new Error('SQL text not found'), { code: 'SQL_NOT_FOUND' })
    return text
  }

  private execute(stmt: Stmt): Promise<StmtResult> {
    return this.locked(() => {
      const prepared = this.database.prepare(this.textOf(stmt))
      prepared.safeIntegers(true)
      const named = (stmt.named_args ?? []).map(({ name, value }) => [name.replace(/^[:@$]/, ''), fromValue(value)])
      const args = named.length > 0 ? [Object.fromEntries(named)] : (stmt.args ?? []).map(fromValue)
      if (!prepared.reader) {
        const { changes, lastInsertRowid } = prepared.run(args)
        return { cols: [], rows: [], affected_row_count: changes, last_insert_rowid: String(lastInsertRowid) }
      }
      const cols = prepared.columns().map(({ name, type }) => ({ name, decltype: type }))
      const rows = (prepared.raw(true).all(args) as unknown[][]).map((row) => row.map(toValue))
      return { cols, rows, affected_row_count: 0, last_insert_rowid: null }
    })
  }

  private async batch({ steps }: Batch) {
    const results: (StmtResult | null)[] = []
    const errors: (Failure | null)[] = []
    const holds = (condition: Condition): boolean => {
      switch (condition.type) {
        case 'ok':
          return results[condition.step] !== null && results[condition.step] !== undefined
        case 'error':
          return errors[condition.step] !== null && errors[condition.step] !== undefined
        case 'not':
          return !holds(condition.cond)
        case 'and':
          return condition.conds.every(holds)
        case 'or':
          return condition.conds.some(holds)
        case 'is_autocommit':
          return !this.database.inTransaction
      }
    }
    for (const { condition, stmt } of steps) {
      let result: StmtResult | null = null
      let error: Failure | null = null
      if (!condition || holds(condition))
        try {
          result = await this.execute(stmt)
        } catch (found) {
          error = failureOf(found)
        }
      results.push(result)
      errors.push(error)
    }
    return { step_results: results, step_errors: errors }
  }

  /** What is done outside a transaction, or begins one, waits for whoever writes; the lock is held as long as one is open. */
  private async locked<T>(work: () => T): Promise<T> {
    if (!this.database.inTransaction) await this.lock.take(this)
    try {
      return work()
    } finally {
      if (!this.database.inTransaction) this.lock.give(this)
    }
  }
}

export function failureOf(error: unknown): Failure {
  const { message, code } = Object(error) as { message?: string; code?: string }
  return { message: message ?? String(error), code: code ?? null }
}
