import {
  PLAN_LIMITS,
  type EditProblem,
  type LoanProblem,
  type PlanProblem,
  type SizeNonsense,
  type SizeProblem,
} from '../yard'
import { dimensionWord } from './dimension-words'
import { massFigure, massUnit, showLength } from '../units'
import type { LengthLimits, LengthProblem, MassProblem, UnitSystem } from '../units'

/** Why a typed length was not taken, and what would be right. */
export function lengthProblemInWords(
  field: string,
  problem: LengthProblem,
  limits: LengthLimits,
  units: UnitSystem,
  readings: readonly string[] = [],
): string {
  const range = `between ${showLength(limits.minMm, units)} and ${showLength(limits.maxMm, units)}`
  const example = units === 'mm' ? '244 mm or 24.4 cm' : '9 5/8 or 244 mm'
  switch (problem) {
    case 'empty':
      return `${field} is empty: type a length ${range}, such as ${example}.`
    case 'negative':
      return `${field} is below zero: type a length ${range}.`
    case 'mixed-units':
      return `${field} has two units in it: type it in one, such as ${example}.`
    case 'ambiguous-comma':
      return `${field} can be read two ways: is it ${readings.join(' or ')}?`
    case 'out-of-range':
      return `${field} is no size a hive part has: type a length ${range}.`
    case 'not-a-length':
      return `${field} is not a length: type one such as ${example}.`
  }
}

/** Why a typed mass was not taken, with one that would be right, kg. */
export function massProblemInWords(field: string, problem: MassProblem, exampleKg: number, units: UnitSystem): string {
  const reasons: Record<MassProblem, string> = {
    empty: 'is empty',
    negative: 'is below zero',
    'two-units': 'has two units in it',
    'out-of-range': 'is no mass that a hive has',
    'not-a-mass': 'is not a mass',
  }
  return `${field} ${reasons[problem]}: type one such as ${massFigure(exampleKg, units)} ${massUnit(units)}.`
}

/** Why an edit was not made. */
export function editProblemInWords({ reason, id }: EditProblem): string {
  const words: Record<EditProblem['reason'], string> = {
    'no-such-hive': `There is no hive “${id}” in this yard any more.`,
    'no-such-part': `There is no part “${id}” in this yard any more.`,
    'part-not-there': `Part “${id}” no longer stands where this change expects it.`,
    'part-already-placed': `Part “${id}” already stands somewhere; take it off there first.`,
    'part-lent': `Part “${id}” is lent: it can stand here again when it is back.`,
    'part-not-lent': `Part “${id}” is not lent, or not borrowed, any more: look at the shed again.`,
    'identity-taken': `“${id}” is there already; a new thing needs an identity of its own.`,
    'no-such-acceptance': 'This finding was not accepted, so there is nothing to take back.',
    'visit-moved-on': 'That step was ticked already, here or on another device: look at the list again.',
    'pattern-in-use': `Pattern “${id}” is in use: swap or drop the parts of it first.`,
    'figures-cross': `That figure and “${id}” would cross: a least over its most. Change the other one first.`,
    'not-known':
      'Another version of Duvet made this change, and this one does not know it: make it anew, or use the newer one.',
    'place-out-of-range': `Part “${id}” was to go to a place that the stack does not have.`,
  }
  return words[reason]
}

/** Why a part is not lent, or does not go home. */
export function loanProblemInWords({ reason, part, yardName }: LoanProblem): string {
  const name = part.name ? `“${part.name}”` : `Part “${part.id}”`
  const words: Record<LoanProblem['reason'], string> = {
    'no-such-yard': `${yardName} is no yard here any more: lend ${name} to it by its name only.`,
    'own-yard': `${name} belongs to ${yardName}: it cannot be lent to it.`,
    'stands-there': `${name} stands on a hive of ${yardName}: it is taken off there first.`,
    'changed-there': `${name} was used at ${yardName} since: who keeps that yard gives it back, with what it has held.`,
    'not-there': `${name} does not lie in the shed of ${yardName} any more.`,
    'other-pattern': `${name} is of a pattern of your own, and ${yardName} has another one of that name: rename one.`,
  }
  return words[reason]
}

/** Why a plan file was not taken, naming the field and what would be right. */
export function planProblemInWords({ field, problem, id }: PlanProblem): string {
  const words: Record<PlanProblem['problem'], string> = {
    'duplicate-identity':
      `${field} is “${id}”, which another thing in the file has already: every yard, hive, part ` +
      'and frame needs an identity of its own.',
    'part-in-two-places':
      `${field} names part “${id}”, which already stands in another place: a part can stand in ` + 'one place only.',
    'missing-part': `${field} names part “${id}”, which is not among the yard’s parts: add it there or leave it out.`,
    'pattern-taken':
      `${field} is “${id}”, which the yard has already: every pattern and overwritten figure ` +
      'needs an identity of its own.',
    'no-such-yard': `${field} is “${id}”: a book belongs to one yard of the file, and each yard has one.`,
    'too-many': field.endsWith('.hives')
      ? `A yard may hold ${id} hives at most.`
      : `${field} has more than ${id} entries: take some away first.`,
    'too-many-parts':
      `${field} has ${id} parts: a plan may hold ${PLAN_LIMITS.partsPerPlan} at most, so split ` + 'it by yard.',
    'too-many-hives':
      `${field} has ${id} hives: a plan may hold ${PLAN_LIMITS.hivesPerPlan} at most, so split ` + 'it by yard.',
    'too-many-layers':
      `${field} of “${id}” has more than ${PLAN_LIMITS.layersPerHive} layers: no hive stands ` + 'that high.',
  }
  return words[problem]
}

/** Why sizes cannot be those of a part, naming the field and what would be right. */
export function sizeNonsenseInWords({ dimension, problem }: SizeNonsense): string {
  const field = dimensionWord(dimension)
  const words: Record<SizeProblem, string> = {
    'inside-larger': `${field} is not smaller than the outside: a box has walls.`,
    'walls-too-thick': `${field} would leave walls thicker than half the box: measure the clear inside.`,
    'rest-outside':
      `${field} does not lie between the inside and the outside length: it is measured between ` +
      'the backs of the two frame rests.',
    'plus-minus-larger': `${field} is no larger than its ±: read it with a finer ruler, or leave it as made.`,
    'rest-deeper': `${field} is deeper than the box itself.`,
    'rim-too-wide': `${field} leaves no opening between the rims.`,
  }
  return words[problem]
}
