/** What is wrong with something read in: the field, and the sentence a person needs. */
export interface Problem {
  readonly field: string
  readonly sentence: string
}

/** What a text or body was read as, or what is wrong with it. */
export type Read<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem }

const MOST_CHARACTERS = 200

/** One line of at most 200 characters that ends as a sentence, whatever names were put into it. */
export function oneLine(text: string): string {
  const line = text
    // eslint-disable-next-line no-control-regex
    .replace(/[\u0000-\u001f\u007f\u2028\u2029\s]+/gu, ' ')
    .replace(/\p{Surrogate}/gu, '')
    .trim()
  const letters = [...line]
  const short =
    letters.length > MOST_CHARACTERS
      ? `${letters
          .slice(0, MOST_CHARACTERS - 1)
          .join('')
          .trimEnd()}…`
      : line
  return /[.?!…]$/.test(short) ? short : letters.length >= MOST_CHARACTERS ? `${short.slice(0, -1)}…` : `${short}.`
}

export function refused(field: string, sentence: string): { ok: false; problem: Problem } {
  return { ok: false, problem: { field: oneLine(field).replace(/\.$/, ''), sentence: oneLine(sentence) } }
}
