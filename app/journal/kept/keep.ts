import { there } from '#core/units'
import { ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import type { LeftOut } from '#core/yard'
import { tabs } from '../tabs/tabs'
import { countWaiting, type Journal, type Sending, type SetAside, type Slip } from '../machine'
import { forgetAside, keepAside } from './aside'
import { device } from './device'
import { Outbox } from './outbox'
import { unkeptBy, type Unkept } from './unkept'

/** Keeps in this browser what is another in the journal than it was, and knows what it could not keep. */
export class Keeping {
  /** Why this browser does not keep the changes that wait: they are in this page only. */
  readonly why: Ref<Unkept | null> = ref(null)
  /** What was written of hives and is in this page only. */
  readonly slips: ShallowRef<ReadonlySet<string>> = shallowRef(new Set())
  /** What was set aside and is in this page only, by its identity. */
  readonly asides = new Set<string>()
  private outbox: Outbox | undefined
  private opening: Promise<void> | undefined

  constructor(private readonly state: Readonly<Ref<Journal>>) {}

  open(): Promise<void> {
    this.opening ??= Outbox.open(
      (yardId) => this.state.value.yards.get(yardId),
      (yardId) => tabs().tell({ changed: yardId }),
    ).then((opened) => {
      this.outbox = opened
    })
    return this.opening
  }

  /** @param taken what the server has taken, where that is all that is new */
  keep(before: Journal, taken?: Sending): void {
    const now = this.state.value
    for (const [yardId, held] of now.yards)
      if (before.yards.get(yardId) !== held) this.keepYard(yardId, before, taken?.yardId === yardId ? taken : undefined)
    for (const yardId of before.yards.keys())
      if (!now.yards.has(yardId)) void this.outbox?.forget(yardId).catch(() => {})
    if (before.slips !== now.slips) void this.keepSlips(before.slips, now.slips)
    this.keepAside(before)
  }

  private keepYard(yardId: string, before: Journal, taken: Sending | undefined): void {
    const now = this.state.value.yards.get(yardId)
    if (!now || !this.outbox) return
    const edits = taken?.what === 'edits' ? taken.edits : []
    const count = () => countWaiting(this.state.value).edits
    this.outbox
      .keep(yardId, before.yards.get(yardId), now, edits)
      .then(() => {
        if (this.outbox?.lasting === false) this.why.value = count() > 0 ? 'forbidden' : null
        else if (count() === 0) this.why.value = null
      })
      .catch((error: unknown) => {
        this.why.value = count() > 0 ? unkeptBy(error) : null
      })
  }

  private async keepSlips(before: readonly Slip[], now: readonly Slip[]): Promise<void> {
    const [was, is] = [before, now].map((slips) => new Map(slips.map((slip) => [slip.id, slip])))
    const on = await device()
    const notKept = (slip: Slip) => {
      this.slips.value = new Set(this.slips.value).add(slip.id)
    }
    const work = [...there(is).values()].flatMap((slip) => {
      const old = there(was).get(slip.id)
      if (old === slip) return []
      if (!on.lasting) notKept(slip)
      return [old ? on.replaceSlip(slip).catch(() => {}) : on.addSlip(slip).catch(() => notKept(slip))]
    })
    const gone = [...there(was).keys()].filter((id) => !there(is).has(id))
    await Promise.all([...work, ...gone.map((id) => on.dropSlip(id).catch(() => {}))])
    tabs().tell({ slips: true })
  }

  /** What was set aside since, and what lies there no more. */
  keepAside(before: Journal): void {
    const now = this.state.value.aside
    if (before.aside === now) return
    const isIn = (all: readonly SetAside[]) => (one: SetAside) => all.includes(one)
    for (const one of now) if (!isIn(before.aside)(one) && !keepAside(one)) this.asides.add(one.id)
    const ids = new Set(now.map(({ id }) => id))
    for (const { id } of before.aside) if (!ids.has(id)) forgetAside(id)
  }

  /** What is known of a yard was read from this browser; what of it was set aside is no part of what waits. */
  read(yardId: string, left: readonly LeftOut[]): void {
    const now = this.state.value.yards.get(yardId)
    if (!now) return
    this.outbox?.reached(yardId, now.revision)
    void this.outbox?.leave(yardId, left, now).catch(() => {})
  }
}
