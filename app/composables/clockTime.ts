/** The time of day of a moment, where the reader is. */
export const clockTime = (at: string): string =>
  new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
