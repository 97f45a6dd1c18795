import {
  boxOfSize,
  type BeeSpace,
  type BoxSize,
  type Catalogue,
  type Format,
  type Pattern,
  type Role,
} from '../../parts'
import type { BroodForm } from '../../yard'

/** A box of a brood form. */
export interface FormBox {
  readonly size: BoxSize
  readonly role: Role
}

const FORMS: Readonly<Record<Exclude<BroodForm, 'as-it-stands'>, readonly FormBox[]>> = {
  single: [{ size: 'deep', role: 'brood' }],
  'single-large': [{ size: 'large', role: 'brood' }],
  'with-food': [
    { size: 'deep', role: 'brood' },
    { size: 'medium', role: 'food' },
  ],
  'brood-and-half': [
    { size: 'deep', role: 'brood' },
    { size: 'shallow', role: 'brood' },
  ],
  double: [
    { size: 'deep', role: 'brood' },
    { size: 'deep', role: 'brood' },
  ],
  mediums: [
    { size: 'medium', role: 'brood' },
    { size: 'medium', role: 'brood' },
    { size: 'medium', role: 'brood' },
  ],
}

/** The boxes of a brood form in a format, bottom first; undefined where the format cannot make it. */
export function formBoxes(
  form: Exclude<BroodForm, 'as-it-stands'>,
  format: Format,
  catalogue: Catalogue,
): readonly FormBox[] | undefined {
  return FORMS[form].every(({ size }) => boxOfSize(catalogue, format, size)) ? FORMS[form] : undefined
}

/** The bee space that most of these boxes have, where they are of a format that is made both ways. */
export function usualSpace(boxes: readonly Pick<Pattern, 'space'>[]): BeeSpace {
  return boxes.filter(({ space }) => space === 'top').length > boxes.filter(({ space }) => space === 'bottom').length
    ? 'top'
    : 'bottom'
}
