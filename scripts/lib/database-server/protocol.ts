// What the database server and its clients say to each other: Hrana over HTTP, version 2, as JSON
// (the specification of the protocol: “Hrana 2 over HTTP”, requests and responses of a pipeline).

export type Value =
  | { readonly type: 'null' }
  | { readonly type: 'integer'; readonly value: string }
  | { readonly type: 'float'; readonly value: number }
  | { readonly type: 'text'; readonly value: string }
  | { readonly type: 'blob'; readonly base64: string }

export interface Stmt {
  readonly sql?: string
  readonly sql_id?: number
  readonly args?: readonly Value[]
  readonly named_args?: readonly { readonly name: string; readonly value: Value }[]
  readonly want_rows?: boolean
}

export type Condition =
  | { readonly type: 'ok' | 'error'; readonly step: number }
  | { readonly type: 'not'; readonly cond: Condition }
  | { readonly type: 'and' | 'or'; readonly conds: readonly Condition[] }
  | { readonly type: 'is_autocommit' }

export interface Batch {
  readonly steps: readonly { readonly condition?: Condition; readonly stmt: Stmt }[]
}

export type Request =
  | { readonly type: 'close' | 'get_autocommit' }
  | { readonly type: 'execute'; readonly stmt: Stmt }
  | { readonly type: 'batch'; readonly batch: Batch }
  | { readonly type: 'sequence' | 'describe'; readonly sql?: string; readonly sql_id?: number }
  | { readonly type: 'store_sql'; readonly sql_id: number; readonly sql: string }
  | { readonly type: 'close_sql'; readonly sql_id: number }

export interface Pipeline {
  readonly baton?: string | null
  readonly requests: readonly Request[]
}

export interface StmtResult {
  readonly cols: readonly { readonly name: string; readonly decltype: string | null }[]
  readonly rows: readonly (readonly Value[])[]
  readonly affected_row_count: number
  readonly last_insert_rowid: string | null
}

export interface Failure {
  readonly message: string
  readonly code: string | null
}

export function fromValue(value: Value): null | bigint | number | string | Buffer {
  switch (value.type) {
    case 'null':
      return null
    case 'integer':
      return BigInt(value.value)
    case 'float':
    case 'text':
      return value.value
    case 'blob':
      return Buffer.from(value.base64, 'base64')
  }
}

export function toValue(value: unknown): Value {
  if (value === null || value === undefined) return { type: 'null' }
  if (typeof value === 'bigint') return { type: 'integer', value: String(value) }
  if (typeof value === 'number') return { type: 'float', value }
  if (typeof value === 'string') return { type: 'text', value }
  if (value instanceof Uint8Array) return { type: 'blob', base64: Buffer.from(value).toString('base64') }
  throw new TypeError(`no value of SQLite: ${typeof value}`)
}
