/** Whether a text needs more room than there is, at so much a letter. */
export const isLong = (text: string, roomPx: number, letterPx: number): boolean => text.length * letterPx > roomPx

/** A text as far as there is room for it; the whole of it is told on pointing at it. */
export function shortened(text: string, roomPx: number, letterPx: number): string {
  const letters = Math.max(3, Math.floor(roomPx / letterPx) - 1)
  return isLong(text, roomPx, letterPx) ? `${text.slice(0, letters).trimEnd()}…` : text
}
