import {
  isFormat,
  isNucleusFormat,
  sizesIn,
  STARTING_FORMAT,
  type Catalogue,
  type Format,
  isBox,
  isWrap,
  formatsOf,
} from '../../parts'
import type { AssembledHive, StackedPart } from '../../stack'
import { type Hive, type Way, type Yard, meaningOf } from '../../yard'

/** The format that more boxes for a hive are of: the first of its own that ships. */
export function formatToAdd(stack: readonly StackedPart[]): Format {
  return formatsOf(stack).find(isFormat) ?? STARTING_FORMAT
}

/** How a hive is kept, by what stands there; what cannot be seen is as most keep it (common practice). */
export function usualWay(
  { hive, stack, attached }: Pick<AssembledHive, 'stack' | 'attached'> & { readonly hive?: Pick<Hive, 'stage'> },
  owns: ReadonlySet<string>,
  catalogue: Catalogue,
): Way {
  const wrapped = attached.some(isWrap)
  const kinds = new Set(stack.map(({ pattern }) => pattern?.kind))
  const supers = stack.filter(({ pattern, placement }) => isBox({ pattern }) && placement.role === 'super')
  const sizes = sizesIn(catalogue, formatToAdd(stack))
  const lowestSuper = supers[0]?.pattern
  return {
    broodForm: 'as-it-stands',
    excluder: 'above-brood',
    // Where not all of them stand on at its stage, some lie in the shed.
    supers:
      hive && meaningOf(hive.stage).supers === 'all' && supers.length > 0
        ? supers.length
        : Math.max(supers.length, catalogue.figures.usualSupers),
    superSize:
      lowestSuper?.size ??
      (sizes.includes('medium') ? 'medium' : sizes.includes('shallow') ? 'shallow' : (sizes[0] ?? 'deep')),
    framesLess: 0,
    superStart: 'foundation',
    floor: 'as-it-stands',
    winterTop: kinds.has('absorber')
      ? 'absorbing'
      : kinds.has('slab')
        ? 'condensing'
        : owns.has('absorber')
          ? 'absorbing'
          : owns.has('slab')
            ? 'condensing'
            : 'bare',
    winterSize: 'all',
    wrap: wrapped || owns.has('wrap') ? 'wrap' : 'none',
    winterDoor: 'guard',
    crops: 'one',
    feeds: kinds.has('feeder') || owns.has('feeder'),
  }
}

/** A colony in boxes of a nucleus only. */
export function isNucleus({ stack }: { readonly stack: readonly StackedPart[] }): boolean {
  const boxes = stack.filter((layer) => isBox(layer) && layer.placement.role !== 'super')
  return boxes.length > 0 && boxes.every(({ pattern }) => isNucleusFormat(pattern?.format))
}

/**
 * A colony in boxes of a nucleus: it gets no excluder and no supers, and is not split over two; once it covers five or
 * six frames it is hived (common practice).
 */
export function asNucleus(way: Way, assembled: Pick<AssembledHive, 'stack'>): Way {
  return isNucleus(assembled)
    ? { ...way, broodForm: 'as-it-stands', excluder: 'none', supers: 0, winterSize: 'all' }
    : way
}

/** The way of one hive: as it is usual, as its yard has it, as it has it itself, the later before the earlier. */
export function wayOf(yard: Pick<Yard, 'season'>, hive: Pick<Hive, 'season'>, usual: Way): Way {
  return { ...usual, ...yard.season?.way, ...hive.season?.way }
}
