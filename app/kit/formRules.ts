import type { FormItemRule } from 'element-plus'
import { parseLength, parseMass, type LengthLimits, type UnitSystem } from '#core/units'
import { lengthProblemInWords, massProblemInWords } from '#core/words'

/** A field's rule: the schema of the wire decides, and the sentence says what is wrong and what would be right. */
export interface FieldRule {
  readonly schema: { isValidSync: (value: unknown) => boolean }
  readonly sentence: string | ((value: unknown) => string)
  /** Said while it is typed: what is typed acts at once. */
  readonly live?: boolean
}

/** Rules of the kit made of those of the wire; what is typed is looked at as it will be sent, without spaces round it. */
export function formRules(rules: Readonly<Record<string, FieldRule>>): Record<string, FormItemRule[]> {
  return Object.fromEntries(
    Object.entries(rules).map(([field, { schema, sentence, live }]) => [
      field,
      [
        {
          trigger: live ? ['blur', 'change'] : 'blur',
          validator: (_rule: unknown, value: unknown, done: (error?: Error) => void) => {
            const sent = typeof value === 'string' ? value.trim() : value
            if (schema.isValidSync(sent)) done()
            else done(new Error(typeof sentence === 'string' ? sentence : sentence(sent)))
          },
        },
      ],
    ]),
  )
}

/** A number as people type it, also with a comma; nothing typed is no number. */
export const numberOf = (typed: unknown): number =>
  typeof typed === 'string' && typed.trim() !== '' ? Number(typed.trim().replace(',', '.')) : NaN

/** A length in the reader’s units, which may be left empty. */
export function lengthRule(word: string, limits: LengthLimits, units: UnitSystem): FieldRule {
  const parsed = (text: unknown) => parseLength(String(text), units, limits)
  return {
    schema: { isValidSync: (text) => text === '' || text === undefined || parsed(text).ok },
    sentence: (text) => {
      const answer = parsed(text)
      return answer.ok ? '' : lengthProblemInWords(word, answer.problem, limits, units, answer.readings)
    },
  }
}

/** A mass in the reader’s units, with one that would be right, kg. */
export function massRule(
  word: string,
  limits: { readonly leastKg: number; readonly mostKg: number; readonly suchAsKg: number },
  units: UnitSystem,
): FieldRule {
  const parsed = (text: unknown) => parseMass(String(text ?? ''), units, limits)
  return {
    schema: { isValidSync: (text) => parsed(text).ok },
    sentence: (text) => {
      const answer = parsed(text)
      return answer.ok ? '' : massProblemInWords(word, answer.problem, limits.suchAsKg, units)
    },
  }
}
