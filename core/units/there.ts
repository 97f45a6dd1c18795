/**
 * What is there by what went before: where it is not after all, the error stands here and not further on.
 * @throws a TypeError where there is nothing
 */
export function there<T>(value: T | null | undefined): T {
  if (value === null || value === undefined) throw new TypeError('Something that has to be there is not.')
  return value
}
