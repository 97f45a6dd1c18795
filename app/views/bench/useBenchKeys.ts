import { useEventListener } from '@vueuse/core'
import { focusPart } from './focusPart'
import { useBench } from './store'
import { useWeighing } from '~/stores/weighing'
import { keysRest } from '~/shell/useShellKeys'

/** What keys do on the bench. */
export interface BenchActions {
  /** The n-th stage of the year as it is planned; 0 for what stands now. */
  readonly stage: (n: number) => void
  readonly add: () => void
  readonly swap: () => void
  readonly nextGap: () => void
  readonly frames: () => void
  readonly turn: () => void
  readonly move: (by: 1 | -1) => void
  readonly takeOff: () => void
}

/** The keys of the bench; they rest while something is typed or a dialog is open. */
export function useBenchKeys(actions: BenchActions): void {
  const bench = useBench()

  function chosen({ key, altKey }: KeyboardEvent): boolean {
    if (key === 'ArrowUp' || key === 'ArrowDown') {
      const by = key === 'ArrowUp' ? 1 : -1
      if (altKey) actions.move(by)
      else select(by)
      return true
    }
    if (/^\d$/.test(key)) {
      actions.stage(Number(key))
      return true
    }
    return false
  }

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (keysRest(event) || event.ctrlKey || event.metaKey) return
    const done = bench.hand ? inHand(event.key) : chosen(event) || atRest(event.key, actions)
    if (done) event.preventDefault()
  })
}

/** Keys while a part is dragged. */
function inHand(key: string): boolean {
  const bench = useBench()
  if (key === 'Escape') bench.letGo()
  else if (key.toLowerCase() === 't') bench.turnHand()
  else return false
  return true
}

/** Keys while nothing is. */
function atRest(key: string, actions: BenchActions): boolean {
  const bench = useBench()
  switch (key.length === 1 ? key.toLowerCase() : key) {
    case 'a':
      actions.add()
      return true
    case 's':
      actions.swap()
      return true
    case 't':
      actions.turn()
      return true
    case 'f':
      actions.frames()
      return true
    case 'n':
      actions.nextGap()
      return true
    case 'x':
      bench.axis = bench.axis === 'along' ? 'across' : 'along'
      return true
    case 'w':
      useWeighing().shown = !useWeighing().shown
      return true
    case 'Delete':
    case 'Backspace':
      actions.takeOff()
      return true
    case 'Escape':
      bench.letGo()
      bench.selectedId = null
      bench.selectedGap = null
      return true
    default:
      return false
  }
}

/** Selects the part above or below. */
function select(by: 1 | -1): void {
  const bench = useBench()
  const stack = bench.hive?.stack ?? []
  if (stack.length === 0) return
  const next =
    bench.selectedIndex < 0
      ? by > 0
        ? 0
        : stack.length - 1
      : Math.min(Math.max(bench.selectedIndex + by, 0), stack.length - 1)
  bench.selectedId = stack[next]!.partId
  focusPart(stack[next]!.partId)
}
