import type { Held } from './held'
import { device, keptYards, type KeptEdit, type KeptYard } from './kept/device'
import { inOrder, knownOrder } from './kept/order'
import { unreadable } from './kept/unkept'
import { withAside, withKept, type NewAside } from './machine'

/** Reads what this browser keeps into the journal: at the start, and where another tab has changed it. */
export function useReader({ state, keeping, become, making }: Held) {
  /** Every yard as this browser kept it; since when the oldest of them was had from the server, null where none is kept. */
  async function readYards(): Promise<string | null> {
    await keeping.open()
    const broken: NewAside[] = []
    const { yards, of } = await keptYards((row) => broken.push(unreadable(row)))
    become(withAside(state.value, broken, making()))
    for (const kept of yards) take(kept, of(kept.yardId))
    const order = await knownOrder()
    become({ ...state.value, yards: inOrder(state.value.yards, order) })
    return yards.map(({ keptAt }) => keptAt).sort()[0] ?? null
  }

  /** It is kept already: only what of it was set aside is new. */
  function take(kept: KeptYard, edits: readonly KeptEdit[]): void {
    const before = state.value
    const { journal, left } = withKept(before, kept, edits, making())
    state.value = journal
    keeping.keepAside(before)
    keeping.read(kept.yardId, left)
  }

  /** A yard that another tab has changed; what only this page has stays on top. */
  async function readAgain(yardId: string): Promise<void> {
    const before = state.value.yards.get(yardId)
    const { kept, edits } = await (await device()).ofYard(yardId)
    const now = state.value.yards.get(yardId)
    if (!kept) return
    // What was done here meanwhile is not in what was read.
    if (now !== before) return readAgain(yardId)
    const known = new Set(edits.map(({ entry }) => entry.id))
    const own = keeping.why.value ? (now?.waiting.filter(({ id }) => !known.has(id)) ?? []) : []
    take(kept, [...edits, ...own.map((entry) => ({ yardId, entry }))])
  }

  /** What was written of hives; what only this page has stays. */
  async function readSlips(): Promise<void> {
    const idsNow = () => new Set(state.value.slips.map(({ id }) => id))
    const before = idsNow()
    const kept = await (await device()).slips().catch(() => [])
    const now = idsNow()
    const known = new Set(kept.map(({ id }) => id))
    // What was added or dropped here meanwhile is not in what was read.
    const theirs = kept.filter(({ id }) => now.has(id) || !before.has(id))
    const own = state.value.slips.filter(({ id }) => !known.has(id) && (keeping.slips.value.has(id) || !before.has(id)))
    state.value = { ...state.value, slips: [...theirs, ...own] }
  }

  return { readYards, readAgain, readSlips }
}
