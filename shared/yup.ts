import { setLocale } from 'yup'

const A: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  boolean: 'true or false',
  object: 'an object with fields',
  array: 'a list',
  date: 'a date',
}
const kindOf = (type: string) => A[type] ?? 'what belongs here'

// Every sentence is ours: none of them quotes what was sent, which may be large, or hold anything.
setLocale({
  mixed: {
    default: '${path} is not what belongs here',
    required: '${path} is missing',
    defined: '${path} is missing',
    notNull: '${path} is empty',
    oneOf: '${path} is none of ${values}',
    notOneOf: '${path} is one of ${values}',
    notType: ({ path, type }: { path: string; type: string }) => `${path} is not ${kindOf(type)}`,
  },
  string: {
    length: '${path} has not ${length} characters',
    min: '${path} has fewer than ${min} characters',
    max: '${path} may have ${max} characters at most',
    matches: '${path} is not written as it should be',
  },
  number: { min: '${path} is below ${min}', max: '${path} is above ${max}', integer: '${path} is not a whole number' },
  boolean: { isValue: '${path} is not ${value}' },
  object: { noUnknown: '${path} has a field that does not belong there: ${unknown}' },
  array: {
    min: '${path} has fewer than ${min} entries',
    max: '${path} has more than ${max} entries',
    length: '${path} has not ${length} entries',
  },
})

/** Yup with our sentences: every schema is built on this, so that none is written before they are set. */
export * from 'yup'
