import { nextTick, onScopeDispose, ref, watch, type Ref } from 'vue'

/** What waits to be drawn, over the whole page: so much with each frame that nothing keeps the page busy. */
const waiting: (() => void)[] = []
/** A turn that took less leaves room in its frame for the next one. */
const FRAME_MS = 6
let running = false
async function next(): Promise<void> {
  const began = performance.now()
  do {
    waiting.shift()?.()
    await nextTick()
  } while (waiting.length > 0 && performance.now() - began < FRAME_MS)
  if (waiting.length > 0) requestAnimationFrame(() => void next())
  else running = false
}
function wait(turn: () => void): void {
  waiting.push(turn)
  if (running) return
  running = true
  requestAnimationFrame(() => void next())
}
function forget(turn: () => void): void {
  const at = waiting.indexOf(turn)
  if (at >= 0) waiting.splice(at, 1)
}

/** Goes on once what was asked for before has been drawn. */
export const afterDrawing = (): Promise<void> =>
  new Promise((resolve) => {
    wait(() => setTimeout(resolve))
  })

/**
 * How many of so many things are to be drawn now: one more with every turn, and turns are shared by all that is drawn
 * so.
 */
export function useInTurn(count: Ref<number> | number): Ref<number> {
  const most = ref(count)
  const shown = ref(0)
  let asked = false
  function turn(): void {
    asked = false
    shown.value = Math.min(most.value, shown.value + 1)
    more()
  }
  function more(): void {
    if (asked || shown.value >= most.value) return
    asked = true
    wait(turn)
  }
  watch(most, more, { immediate: true })
  onScopeDispose(() => forget(turn))
  return shown
}
