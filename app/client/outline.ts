import { fieldOf } from '#core/units'

/** What is looked at in an answer of this shape: fields of it, each of its sort; `each` where names are identities. */
export type Fields<T> = unknown extends T
  ? 'anything'
  : [T] extends [string]
    ? 'string'
    : [T] extends [number]
      ? 'number'
      : [T] extends [boolean]
        ? 'boolean'
        : [T] extends [readonly (infer One)[]]
          ? readonly [Fields<One>]
          : string extends keyof T
            ? { readonly each: Fields<T[keyof T & string]> }
            : { readonly [Name in keyof T]?: Fields<T[Name]> }

/** What is looked at before an answer is believed to be of a shape. */
export interface AnswerOutline<Shape> {
  readonly fields: unknown
  /** Never there: it says which shape. */
  readonly shape?: Shape
}

export const outlineOf = <Shape>(fields: Fields<Shape>): AnswerOutline<Shape> => ({ fields })

/** Whether an answer has what is looked at; what else it has is left alone. */
export function fits<Shape>(outline: AnswerOutline<Shape>, value: unknown): value is Shape {
  return has(outline.fields, value)
}

function has(outline: unknown, value: unknown): boolean {
  if (outline === 'anything') return true
  if (typeof outline === 'string') return typeof value === outline
  if (Array.isArray(outline)) return Array.isArray(value) && value.every((one) => has(outline[0], one))
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false
  const each = fieldOf(outline, 'each')
  if (each !== undefined) return Object.values(value).every((one) => has(each, one))
  return Object.entries(Object(outline)).every(([name, inner]) => has(inner, fieldOf(value, name)))
}
