/** Where this device has the yards itself, the server is waited for so long before they are shown, ms. */
const PATIENCE_MS = 1200

/** Done when the server was waited for long enough. */
export function patience(): Promise<undefined> {
  return new Promise((resolve) => setTimeout(() => resolve(undefined), PATIENCE_MS))
}
