import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import { fieldOf } from '#core/units'
import { withFigures, type HeldYard, type WaitingEdit, type Yard } from '#core/yard'
import { fits } from '~/client/outline'
import { YARD } from '~/client/outlines'
import type { Slip } from '../machine'

/** A yard as the server last had it, and its log. */
export interface KeptYard {
  readonly yardId: string
  readonly yard: Yard
  readonly revision: number
  readonly log: HeldYard['log']
  readonly keptAt: string
}

/** A change in the outbox; `sentAs` once the server has it and the yard is not kept at that revision yet. */
export interface KeptEdit {
  readonly yardId: string
  readonly entry: WaitingEdit
  readonly sentAs?: number
}

/** What the server answered last. */
export interface KeptAnswer {
  readonly path: string
  readonly text: string
  readonly at: string
}

interface Shape extends DBSchema {
  edits: { key: number; value: KeptEdit; indexes: { yardId: string } }
  slips: { key: number; value: Slip; indexes: { id: string } }
  yards: { key: string; value: KeptYard }
  answers: { key: string; value: KeptAnswer; indexes: { at: string } }
}

const NAME = 'duvet'
const VERSION = 1
/** A flat battery loses nothing that is said to be kept. */
const STRICT = { durability: 'strict' } as const

/** This browser’s database, or null where it keeps none. */
export class Device {
  private constructor(private readonly database: IDBPDatabase<Shape> | null) {}

  static async open(): Promise<Device> {
    try {
      const database = await openDB<Shape>(NAME, VERSION, {
        upgrade(made) {
          made.createObjectStore('edits', { autoIncrement: true }).createIndex('yardId', 'yardId')
          made.createObjectStore('slips', { autoIncrement: true }).createIndex('id', 'id')
          made.createObjectStore('yards', { keyPath: 'yardId' })
          made.createObjectStore('answers', { keyPath: 'path' }).createIndex('at', 'at')
        },
        // A newer page that changes the database is not held up by this one.
        blocking: (_current, _blocked, event) => {
          if (event.target instanceof IDBDatabase) event.target.close()
        },
      })
      return new Device(database)
    } catch {
      return new Device(null)
    }
  }

  get lasting(): boolean {
    return this.database !== null
  }

  /** Puts changes behind those that wait; where the yard they are made on is not kept yet, with it. */
  async add(edits: readonly KeptEdit[], on?: KeptYard): Promise<void> {
    if (!this.database) return
    const tx = this.database.transaction(['edits', 'yards'], 'readwrite', STRICT)
    const work: Promise<unknown>[] = edits.map((edit) => tx.objectStore('edits').add(edit))
    if (on) work.push(tx.objectStore('yards').put(on))
    tx.commit()
    await Promise.all([...work, tx.done])
  }

  /** Notes what the server has taken. */
  async markSent(yardId: string, ids: ReadonlySet<string>, revision: number): Promise<void> {
    if (!this.database) return
    const tx = this.database.transaction('edits', 'readwrite', STRICT)
    for (let row = await tx.store.index('yardId').openCursor(yardId); row; row = await row.continue())
      if (ids.has(row.value.entry.id)) await row.update({ ...row.value, sentAs: revision })
    await tx.done
  }

  /**
   * Keeps a yard as the server has it; what it has taken up to then needs no keeping any more.
   * @param instead what waits from now on, in the place of what is `known`; behind it what another tab has added
   */
  async keepYard(
    kept: KeptYard,
    instead?: { readonly known: readonly WaitingEdit[]; readonly waiting: readonly WaitingEdit[] },
  ): Promise<void> {
    if (!this.database) return
    const tx = this.database.transaction(['edits', 'yards'], 'readwrite', STRICT)
    void tx.objectStore('yards').put(kept)
    const edits = tx.objectStore('edits')
    const known = new Set([...(instead?.known ?? []), ...(instead?.waiting ?? [])].map(({ id }) => id))
    const behind: KeptEdit[] = []
    for (let row = await edits.index('yardId').openCursor(kept.yardId); row; row = await row.continue()) {
      const { sentAs, entry } = row.value
      const isTaken = sentAs !== undefined && sentAs <= kept.revision
      if (instead && !isTaken && !known.has(entry.id)) behind.push(row.value)
      if (instead || isTaken) await row.delete()
    }
    for (const entry of instead?.waiting ?? []) void edits.add({ yardId: kept.yardId, entry })
    for (const row of behind) void edits.add(row)
    await tx.done
  }

  async forgetYard(yardId: string): Promise<void> {
    if (!this.database) return
    const tx = this.database.transaction(['edits', 'yards'], 'readwrite', STRICT)
    void tx.objectStore('yards').delete(yardId)
    for (const key of await tx.objectStore('edits').index('yardId').getAllKeys(yardId))
      void tx.objectStore('edits').delete(key)
    await tx.done
  }

  /** Takes out rows that cannot be changes, half written or of another version; each is told before it goes. */
  async takeUnreadable(tell: (row: KeptEdit) => void): Promise<void> {
    if (!this.database) return
    const tx = this.database.transaction('edits', 'readwrite', STRICT)
    for (let row = await tx.store.openCursor(); row; row = await row.continue()) {
      if (isChange(row.value)) continue
      tell(row.value)
      await row.delete()
    }
    await tx.done
  }

  /** Every yard that is kept, and every change, in the order in which they were made. */
  async all(): Promise<{ readonly yards: KeptYard[]; readonly edits: KeptEdit[] }> {
    if (!this.database) return { yards: [], edits: [] }
    const tx = this.database.transaction(['edits', 'yards'])
    const [yards, edits] = await Promise.all([tx.objectStore('yards').getAll(), tx.objectStore('edits').getAll()])
    return { yards, edits }
  }

  async ofYard(yardId: string): Promise<{ readonly kept: KeptYard | undefined; readonly edits: KeptEdit[] }> {
    if (!this.database) return { kept: undefined, edits: [] }
    const tx = this.database.transaction(['edits', 'yards'])
    const [kept, edits] = await Promise.all([
      tx.objectStore('yards').get(yardId),
      tx.objectStore('edits').index('yardId').getAll(yardId),
    ])
    return { kept, edits }
  }

  async slips(): Promise<Slip[]> {
    return (await this.database?.getAll('slips')) ?? []
  }
  async addSlip(slip: Slip): Promise<void> {
    if (!this.database) return
    const tx = this.database.transaction('slips', 'readwrite', STRICT)
    const added = tx.store.add(slip)
    tx.commit()
    await Promise.all([added, tx.done])
  }
  async replaceSlip(slip: Slip): Promise<void> {
    if (!this.database) return
    const tx = this.database.transaction('slips', 'readwrite', STRICT)
    for (const key of await tx.store.index('id').getAllKeys(slip.id)) void tx.store.put(slip, key)
    await tx.done
  }
  async dropSlip(id: string): Promise<void> {
    if (!this.database) return
    const tx = this.database.transaction('slips', 'readwrite', STRICT)
    for (const key of await tx.store.index('id').getAllKeys(id)) void tx.store.delete(key)
    await tx.done
  }

  /** Forgets everything: somebody else may use this device. */
  async clear(): Promise<void> {
    if (!this.database) return
    const tx = this.database.transaction(['edits', 'slips', 'yards', 'answers'], 'readwrite', STRICT)
    for (const name of ['edits', 'slips', 'yards', 'answers'] as const) void tx.objectStore(name).clear()
    await tx.done
  }

  async answer(path: string): Promise<KeptAnswer | undefined> {
    return this.database?.get('answers', path)
  }
  async keepAnswer(answer: KeptAnswer): Promise<void> {
    await this.database?.put('answers', answer)
  }
  /** Lets the oldest answers go, so many of them. */
  async dropOldest(most: number): Promise<number> {
    if (!this.database) return 0
    const tx = this.database.transaction('answers', 'readwrite')
    let dropped = 0
    for (let row = await tx.store.index('at').openCursor(); row && dropped < most; row = await row.continue()) {
      await row.delete()
      dropped++
    }
    await tx.done
    return dropped
  }
  async countAnswers(): Promise<number> {
    return (await this.database?.count('answers')) ?? 0
  }
}

function isChange({ entry }: KeptEdit): boolean {
  return typeof fieldOf(entry, 'id') === 'string' && typeof fieldOf(fieldOf(entry, 'edit'), 'kind') === 'string'
}

/** Where a browser keeps nothing for a page, even asking may throw. */
function factory(): unknown {
  try {
    return globalThis.indexedDB
  } catch {
    return null
  }
}

let opened: { readonly by: unknown; readonly device: Promise<Device> } | undefined

/** This browser’s database, opened once. */
export function device(): Promise<Device> {
  const by = factory()
  if (opened?.by !== by || !opened) opened = { by, device: Device.open() }
  return opened.device
}

/** Every yard that is kept, with the changes of each. */
export async function keptYards(tellUnreadable: (row: KeptEdit) => void) {
  const kept = await device()
  await kept.takeUnreadable(tellUnreadable).catch(() => {})
  const { yards, edits } = await kept.all().catch(() => ({ yards: [], edits: [] }))
  // What is no yard is asked of the server; what an older Duvet kept has its own figures among its sizes.
  const sound = yards.filter(({ yard }) => fits(YARD, yard))
  const now = sound.map((kept) => ({ ...kept, yard: withFigures(kept.yard) }))
  return { yards: now, of: (yardId: string) => edits.filter((edit) => edit.yardId === yardId) }
}
