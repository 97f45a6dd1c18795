/** Moves the focus to a part on the drawing, once it is drawn. */
export function focusPart(partId: string): void {
  requestAnimationFrame(() => document.querySelector<SVGElement>(`[data-part="${CSS.escape(partId)}"]`)?.focus())
}
