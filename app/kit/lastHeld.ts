/** What had the focus last and stays: an entry of a menu goes with its menu, the button of the menu does not. */
let last: HTMLElement | null = null

if (import.meta.client)
  document.addEventListener('focusin', ({ target }) => {
    if (target instanceof HTMLElement && !target.closest('.el-popper')) last = target
  })

/** Where the focus goes back to when what is being opened closes again. */
export function lastHeld(): HTMLElement | null {
  return last
}
