import type { FormItemRule } from 'element-plus'
import type { Schema } from 'yup'

/** A field's rule: the schema of the wire decides, and the sentence says what is wrong and what would be right. */
export interface FieldRule {
  readonly schema: Pick<Schema, 'isValidSync'>
  readonly sentence: string | ((value: unknown) => string)
}

/** Rules of the kit made of those of the wire; what is typed is looked at as it will be sent, without spaces round it. */
export function formRules(rules: Readonly<Record<string, FieldRule>>): Record<string, FormItemRule[]> {
  return Object.fromEntries(
    Object.entries(rules).map(([field, { schema, sentence }]) => [
      field,
      [
        {
          trigger: 'blur',
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
