import { crossedIn, FIGURES, FIGURE_NAMES, figureLimits, isFigure, isFigureName, type FigureName } from '../figures'
import { liftFigures, TIMBERS } from '../loads'
import {
  catalogueOf,
  figuresOf,
  formatName,
  inWords,
  isFormat,
  patternsUsedIn,
  sizeLimitOf,
  type Catalogue,
} from '../parts'
import { inMetric, massFigure, parseLength, showInUnit, showLength, showMass, type Length, type Source } from '../units'
import type { Edit, Yard } from '../yard'
import { countWith, overwrite } from '../yard/deeds'
import { withPlusMinus } from './gap-words'
import { dimensionWord } from './dimension-words'
import { capital, counted, type Reader } from './names'
import { lengthProblemInWords } from './problem-words'
import { inVocabulary } from './vocabulary'

/** A figure as it is listed: what it is, how much, what it is known from, and where it counts. */
export interface ListedFigure {
  readonly key: string
  readonly what: string
  readonly value: string
  readonly mark: Source['mark']
  readonly source: string
  readonly usedIn: string
  /** The yard counts with it, or has a part of it. */
  readonly used: boolean
  /** The yard's own. */
  readonly own: boolean
  /** What can be overwritten: a figure of the trade, or a size of the catalogue; nothing where it is only shown. */
  readonly is?: 'figure' | 'size'
}

/** What makes a figure a yard's own, or the sentence that says why it cannot be. */
export type TypedFigure = { readonly edit: Edit } | { readonly problem: string }

const inUnit = (value: number, unit: string, { units }: Reader) =>
  unit === 'mm' ? showLength(value, units) : showInUnit(value, unit, units)

type Used = ReturnType<typeof patternsUsedIn>

/** Every figure that a yard is counted with: of the trade, of the catalogue, and those that are only shown. */
export function figureList(yard: Yard, reader: Reader): ListedFigure[] {
  const catalogue = catalogueOf(yard)
  const used = patternsUsedIn(yard)
  const said = (text: string) => inVocabulary(text, reader.vocabulary)
  return [
    ...ofTheTrade(yard, reader),
    ...ofTheCatalogue(yard, catalogue, used, reader),
    ...onlyShown(catalogue, used, reader),
  ].map((one) => ({ ...one, what: said(one.what), usedIn: said(one.usedIn) }))
}

function ofTheTrade(yard: Yard, reader: Reader): ListedFigure[] {
  const own = new Map(yard.figures.map(({ name, value }) => [name, value]))
  return FIGURE_NAMES.map((name) => {
    const { value, unit, label, usedIn, source } = FIGURES[name]
    const its = own.get(name)
    const shipped = inUnit(value, unit, reader)
    return {
      key: name,
      what: capital(label),
      value: its === undefined ? shipped : inUnit(its, unit, reader),
      mark: its === undefined ? source.mark : 'own',
      source: its === undefined ? source.text : `your own; shipped: ${shipped}`,
      usedIn,
      used: true,
      own: its !== undefined,
      is: 'figure',
    }
  })
}

function ofTheCatalogue(yard: Yard, catalogue: Catalogue, used: Used, reader: Reader): ListedFigure[] {
  const own = new Set(yard.overrides.map(({ key }) => key))
  return figuresOf(catalogue).map(({ key, patternId, label, format, dimension, length }) => {
    const count = used.get(patternId) ?? 0
    const name = inWords(label, reader.vocabulary)
    // With its format, where the name does not say it.
    const whole = isFormat(format) && !name.includes(formatName(format)) ? `${name} (${formatName(format)})` : name
    return {
      key,
      what: `${capital(whole)}: ${dimensionWord(dimension).toLowerCase()}`,
      value: withPlusMinus(length, reader),
      mark: length.source.mark,
      source: length.source.text,
      usedIn: count === 0 ? 'not in this yard' : `${counted(count, 'part')} of this yard`,
      used: count > 0,
      own: own.has(key),
      is: 'size',
    }
  })
}

/** Timbers, what lifts are judged with, and masses: shown with their source, not overwritten one by one. */
function onlyShown(catalogue: Catalogue, used: Used, reader: Reader): ListedFigure[] {
  const { units, vocabulary } = reader
  const timbers = Object.entries(TIMBERS).map(([name, { label, kgPerM3, source }]) => ({
    key: `timber.${name}`,
    what: `Timber, ${label}`,
    value: inUnit(Math.round(kgPerM3), 'kg/m³', reader),
    mark: source.mark,
    source: source.text,
    usedIn: 'weight of boxes',
    used: true,
    own: false,
  }))
  const lifts = liftFigures(units).map(({ key, what, value, source }) => ({
    ...{ key, what, value },
    mark: source.mark,
    source: source.text,
    usedIn: 'lifting',
    used: true,
    own: false,
  }))
  const masses = [...catalogue.patterns.values(), ...catalogue.hanging.values()].flatMap(({ id, label, mass }) =>
    mass
      ? [
          {
            key: `${id}.mass`,
            what: `${capital(inWords(label, vocabulary))}: mass`,
            value: `${massFigure(mass.kg, units, 2)} ± ${showMass(mass.plusMinusKg, units, 2)}`,
            mark: mass.source.mark,
            source: mass.source.text,
            usedIn: 'weights and lifts',
            used: used.has(id),
            own: false,
          },
        ]
      : [],
  )
  return [...timbers, ...lifts, ...masses]
}

/** What was typed for a figure of a yard, in the reader's units: the edit that makes it so, or what is wrong. */
export function typedFigure(row: ListedFigure, text: string, yard: Yard, reader: Reader): TypedFigure {
  if (isFigureName(row.key)) return typedOfTrade(row.key, row, text, yard, reader)
  const size = sizeLimitOf(row.key.slice(row.key.lastIndexOf('.') + 1))
  const read = typedLength(row, text, { minMm: size?.leastMm ?? 0, maxMm: size?.mostMm ?? 1000 }, reader)
  if ('problem' in read) return read
  const source = { mark: 'own', text: `the keeper’s own figure for ${yard.name}` } as const
  return { edit: overwrite(row.key, { ...read, plusMinusMm: 0, source }) }
}

function typedOfTrade(name: FigureName, row: ListedFigure, text: string, yard: Yard, reader: Reader): TypedFigure {
  const { unit } = FIGURES[name]
  const { least, most } = figureLimits(name)
  if (unit === 'mm') {
    const read = typedLength(row, text, { minMm: least, maxMm: most }, reader)
    return 'problem' in read ? read : uncrossed(name, read.mm, yard, reader)
  }
  const value = inMetric(Number(text.replace(',', '.').replace(/\s/g, '')), unit, reader.units)
  if (text.trim() !== '' && isFigure(name, value)) return uncrossed(name, value, yard, reader)
  const limits = ` from ${inUnit(least, unit, reader)} to ${inUnit(most, unit, reader)}`
  return { problem: `${row.what} is not a figure that can be: type a number${limits}, such as ${row.value}.` }
}

function typedLength(
  row: ListedFigure,
  text: string,
  limits: { readonly minMm: number; readonly maxMm: number },
  { units }: Reader,
): Pick<Length, 'mm' | 'inches'> | { readonly problem: string } {
  const read = parseLength(text, units, limits)
  if (!read.ok) return { problem: lengthProblemInWords(row.what, read.problem, limits, units, read.readings) }
  return { mm: read.mm, ...(read.inches ? { inches: read.inches } : {}) }
}

/** A least that is over its most makes no sense: which of the two is to be changed first is said. */
function uncrossed(name: FigureName, value: number, yard: Yard, reader: Reader): TypedFigure {
  const { figures } = catalogueOf(yard)
  const crossed = crossedIn({ ...figures, [name]: value }, name)
  if (!crossed) return { edit: countWith(name, value) }
  const isOver = crossed.lower === name
  const other = isOver ? crossed.upper : crossed.lower
  const { label, unit } = FIGURES[other]
  const which = `“${capital(FIGURES[name].label)}” would be ${isOver ? 'over' : 'under'} “${label}”`
  return { problem: `${which}, which is ${inUnit(figures[other], unit, reader)}: change that one first.` }
}

/** What takes a yard's own figure back. */
export const takenBack = ({ key }: ListedFigure): Edit =>
  isFigureName(key) ? countWith(key, null) : overwrite(key, null)
