import { keysOf } from '../../units'
import { HIVE_FORMATS, type Format } from './formats'
import {
  BOX_SIZES,
  type BeeSpace,
  type BoxSize,
  type Catalogue,
  type PartKind,
  type Pattern,
  type PatternOf,
  type Use,
} from './pattern'

/** What is looked for in a catalogue; what is not said does not matter. */
export interface Wanted<K extends PartKind = PartKind> {
  readonly kind: K
  readonly format?: Pattern['format'] | undefined
  readonly size?: BoxSize | undefined
  readonly space?: BeeSpace | undefined
  readonly use?: Use | undefined
  readonly surface?: Pattern['surface']
  readonly roofForm?: Pattern['roofForm']
  readonly feederForm?: Pattern['feederForm']
}

/** A pattern of a kind, or of one of several. */
type Found<K extends PartKind> = K extends PartKind ? PatternOf<K> : never

/** Answers about a catalogue, each gone through once: every plan of every hive asks the same. */
function keptOf<Answer>(): (catalogue: Catalogue, key: string, look: () => Answer) => Answer {
  const known = new WeakMap<Catalogue, Map<string, { readonly answer: Answer }>>()
  return (catalogue, key, look) => {
    let answers = known.get(catalogue)
    if (!answers) known.set(catalogue, (answers = new Map()))
    let found = answers.get(key)
    if (!found) answers.set(key, (found = { answer: look() }))
    return found.answer
  }
}

const kinds = keptOf<readonly Pattern[]>()
const boxes = keptOf<Extract<Pattern, PatternOf<'box'>> | undefined>()
const sizes = keptOf<readonly BoxSize[]>()

/** The patterns of a kind, and of a format where one is named, those that ship first. */
function ofKind(catalogue: Catalogue, { kind, format }: Pick<Wanted, 'kind' | 'format'>): readonly Pattern[] {
  return kinds(catalogue, `${kind} ${format}`, () =>
    [...catalogue.patterns.values()].filter((one) => isAsWanted(one, { kind, format })),
  )
}

/** True for a pattern that is as wanted. */
export function isAsWanted<K extends PartKind>(
  pattern: Pattern | undefined,
  wanted: Wanted<K>,
): pattern is Pattern & Found<K> {
  return (
    pattern !== undefined &&
    keysOf(wanted).every((field) => wanted[field] === undefined || pattern[field] === wanted[field])
  )
}

/** Every pattern that is as wanted, those that ship first. */
export function findAll<K extends PartKind>(catalogue: Catalogue, wanted: Wanted<K>): readonly Found<K>[] {
  return ofKind(catalogue, wanted).filter((pattern): pattern is Pattern & Found<K> => isAsWanted(pattern, wanted))
}

/** The first pattern that is as wanted, those that ship before the keeper's own; undefined where there is none. */
export function find<K extends PartKind>(catalogue: Catalogue, wanted: Wanted<K>): Found<K> | undefined {
  return findAll(catalogue, wanted)[0]
}

/** The same, where there has to be one. @throws RangeError where the catalogue has nothing like it */
export function need<K extends PartKind>(catalogue: Catalogue, wanted: Wanted<K>): Found<K> {
  const found = find(catalogue, wanted)
  if (!found) throw new RangeError(`the catalogue has no ${Object.values(wanted).join(' ')}`)
  return found
}

/**
 * A box of a size in a format: its own, one of the format whose supers it takes, or its shallow where it has no medium.
 */
export function boxOfSize(
  catalogue: Catalogue,
  format: Format,
  size: BoxSize,
  space?: BeeSpace,
): Extract<Pattern, PatternOf<'box'>> | undefined {
  return boxes(catalogue, `${format} ${size} ${space}`, () => {
    const { supersOf } = HIVE_FORMATS[format]
    const own = find(catalogue, { kind: 'box', format, size, space }) ?? find(catalogue, { kind: 'box', format, size })
    const shared = () =>
      supersOf && size !== 'deep' && size !== 'large'
        ? find(catalogue, { kind: 'box', format: supersOf, size, space })
        : undefined
    return own ?? shared() ?? (size === 'medium' ? boxOfSize(catalogue, format, 'shallow', space) : undefined)
  })
}

/** Sizes that a format has boxes of. */
export function sizesIn(catalogue: Catalogue, format: Format): readonly BoxSize[] {
  return sizes(catalogue, format, () => BOX_SIZES.filter((size) => boxOfSize(catalogue, format, size)?.size === size))
}

/** Whether boxes of a format are for a small colony that is not a hive yet. */
export function isNucleusFormat(format: string | undefined): boolean {
  return Object.values(HIVE_FORMATS).some(({ nucleus }) => nucleus !== null && nucleus === format)
}

/**
 * Boxes that a small colony of a format is moved into for winter: the deep of its nuclei, and boxes for two colonies
 * side by side.
 */
export function nucleusBoxes(catalogue: Catalogue, format: Format): readonly Extract<Pattern, PatternOf<'box'>>[] {
  const { nucleus } = HIVE_FORMATS[format]
  const small = nucleus && boxOfSize(catalogue, nucleus, 'deep')
  const halved = findAll(catalogue, { kind: 'box' }).filter(
    (box) => box.halves && (box.format === format || box.format === nucleus),
  )
  return [...(small ? [small] : []), ...halved]
}
