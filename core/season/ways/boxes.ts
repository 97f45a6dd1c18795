import { isFormat, type Catalogue, type Format, type Pattern } from '../../catalogue'
import type { BoxSize, BroodForm, Role } from '../../hive'

/** The box of each size in each format; what a format does not have is absent. */
const BOXES: Readonly<Record<Format, Readonly<Partial<Record<BoxSize, string>>>>> = {
  'langstroth-10': { deep: 'box-langstroth-deep', medium: 'box-langstroth-medium', shallow: 'box-langstroth-shallow', large: 'box-langstroth-jumbo' },
  'langstroth-8': { deep: 'box-langstroth-8-deep', medium: 'box-langstroth-8-medium', shallow: 'box-langstroth-8-shallow' },
  'langstroth-8-narrow': { deep: 'box-langstroth-8-narrow-deep', medium: 'box-langstroth-8-narrow-medium', shallow: 'box-langstroth-8-narrow-shallow' },
  'langstroth-5': { deep: 'box-langstroth-5-deep', medium: 'box-langstroth-5-medium' },
  national: { deep: 'box-national-brood', shallow: 'box-national-super', large: 'box-national-14x12' },
  'national-6': { deep: 'box-national-6-brood' },
  '16x10': { deep: 'box-16x10', shallow: 'box-national-super' },
  'poly-langstroth-10': { deep: 'box-poly-langstroth-deep', medium: 'box-poly-langstroth-medium' },
  'poly-national-11': { deep: 'box-poly-national-brood', shallow: 'box-poly-national-super' },
  'poly-national-12': { deep: 'box-poly-national-12-brood', shallow: 'box-poly-national-12-super' },
}

/** A box of a brood form. */
export interface FormBox {
  readonly size: BoxSize
  readonly role: Role
}

const FORMS: Readonly<Record<Exclude<BroodForm, 'as-it-stands'>, readonly FormBox[]>> = {
  single: [{ size: 'deep', role: 'brood' }],
  'single-large': [{ size: 'large', role: 'brood' }],
  'with-food': [{ size: 'deep', role: 'brood' }, { size: 'medium', role: 'food' }],
  'brood-and-half': [{ size: 'deep', role: 'brood' }, { size: 'shallow', role: 'brood' }],
  double: [{ size: 'deep', role: 'brood' }, { size: 'deep', role: 'brood' }],
  mediums: [{ size: 'medium', role: 'brood' }, { size: 'medium', role: 'brood' }, { size: 'medium', role: 'brood' }],
}

/** The pattern of a size in a format, which may be another format’s that shares it; the food box of a format without mediums is its shallow. */
export function boxIdOf(format: Format, size: BoxSize): string | undefined {
  return BOXES[format][size] ?? (size === 'medium' ? BOXES[format].shallow : undefined)
}

/** Sizes that a format has boxes of. */
export function sizesOf(format: Format): BoxSize[] {
  return Object.keys(BOXES[format]) as BoxSize[]
}

/** The size of a box, either bee space alike; undefined for one that is none of the usual ones. */
export function sizeOf({ id, twinId, format }: Pattern): BoxSize | undefined {
  if (!isFormat(format)) return undefined
  return sizesOf(format).find((size) => BOXES[format][size] === id || BOXES[format][size] === twinId)
}

/** The boxes of a brood form in a format, bottom first; undefined where the format cannot make it. */
export function formBoxes(form: Exclude<BroodForm, 'as-it-stands'>, format: Format): readonly FormBox[] | undefined {
  return FORMS[form].every(({ size }) => boxIdOf(format, size)) ? FORMS[form] : undefined
}

/** The same box with its bee space where the others of the hive have theirs. */
export function alike(patternId: string, others: readonly Pattern[], catalogue: Catalogue): string {
  const pattern = catalogue.patterns.get(patternId)
  const topSpace = others.filter(({ id, twinId }) => twinId && id.endsWith('-top-space')).length
  const bottomSpace = others.filter(({ id, twinId }) => twinId && !id.endsWith('-top-space')).length
  return pattern?.twinId && topSpace > bottomSpace ? pattern.twinId : patternId
}
