import { there } from '../units'
import { STAGES, meaningOf, type Stage } from '../yard'
import { RULES } from './all'
import type { Context, MeasuredHive } from './context'
import { findingOf, type Finding } from './finding'

type Check = (measured: MeasuredHive, context: Context) => Finding[]
type Looked = (typeof RULES)[number]

/** What is asked in each stage; nothing is asked of bees where none live. */
const ASKED = new Map(STAGES.map((stage) => [stage, asked(stage)]))

function asked(stage: Stage) {
  const all = RULES.filter(({ when }) => when?.(meaningOf(stage)) ?? true)
  return { all, withoutBees: all.filter(({ of }) => of !== 'bees'), ofABox: all.filter(({ of }) => of === 'box') }
}

const foundBy = (rules: readonly Looked[], measured: MeasuredHive, context: Context): Finding[] =>
  rules.flatMap((rule): Finding[] => rule.find(measured, context).map((found) => findingOf(rule.id, found) as Finding))

/** Everything that is found of a hive. */
export const foundInHive: Check = (measured, context) => {
  const { all, withoutBees } = there(ASKED.get(context.stage))
  const isEmpty = context.colony !== undefined && context.colony.is !== 'lives'
  return foundBy(isEmpty ? withoutBees : all, measured, context)
}

/** What is found of that which hangs in one box. */
export const foundInBox: Check = (measured, context) =>
  foundBy(there(ASKED.get(context.stage)).ofABox, measured, context)

const WRITTEN: ReadonlySet<string> = new Set(RULES.flatMap(({ of, id }) => (of === 'book' ? [id] : [])))

/** Whether a keeper may let a finding stay: what a colony holds ends by what is written in its book. */
export function mayStay({ rule, facts }: Pick<Finding, 'rule' | 'facts'>): boolean {
  return !WRITTEN.has(rule) || ('held' in facts && !facts.held)
}
