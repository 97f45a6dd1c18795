let begin: () => void = () => {}
const begun = new Promise<void>((resolve) => (begin = resolve))

/** Nothing is answered before the database is open and what cookies are sealed with is known. */
export const whenBegun = (): Promise<void> => begun

export function hasBegun(): void {
  begin()
}
