import { useEventListener } from '@vueuse/core'
import { inOrder } from '#core/yard'
import { useFrames } from './store'
import { keysRest } from '~/shell/useShellKeys'

/** The keys of a box from above. */
export function useFrameKeys(actions: { readonly add: () => void; readonly back: () => void }): void {
  const frames = useFrames()

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (keysRest(event) || event.ctrlKey || event.metaKey) return
    if (done(event)) event.preventDefault()
  })

  function done({ key, altKey, shiftKey, target }: KeyboardEvent): boolean {
    const onButton = elementOf({ target })?.closest('button, a') != null
    if ((key === 'Enter' || key === ' ') && onButton) return false
    switch (key.length === 1 ? key.toLowerCase() : key) {
      case 'ArrowDown':
      case 'ArrowUp': {
        const by = key === 'ArrowDown' ? 1 : -1
        if (altKey) frames.step(by)
        else choose(by, shiftKey)
        return true
      }
      case 't':
        frames.turn()
        return true
      case 'a':
        actions.add()
        return true
      case 'Delete':
      case 'Backspace':
        frames.takeOut()
        return true
      case 'Escape': {
        if (frames.selected.size === 0) actions.back()
        frames.select([])
        return true
      }
      default:
        return false
    }
  }

  function choose(by: 1 | -1, add: boolean): void {
    const ids = inOrder(frames.part ?? { contents: [] }).map(({ id }) => id)
    if (ids.length === 0) return
    const at = ids.indexOf([...frames.selected].at(-1) ?? '')
    const next = ids[at < 0 ? (by > 0 ? 0 : ids.length - 1) : Math.min(Math.max(at + by, 0), ids.length - 1)]!
    if (add) frames.select([...frames.selected, next])
    else frames.select([next])
    document.querySelector<SVGElement>(`[data-frame="${CSS.escape(next)}"]`)?.focus()
  }
}
