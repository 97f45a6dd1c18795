import * as yup from './yup'
import { catalogueOf, type Catalogue } from '#core/parts'
import type { Assessment, Finding } from '#core/rules'
import { type Grade, partNames } from '#core/stack'
import type { Plan, Stage } from '#core/yard'
import {
  findingInWords,
  gapTitle,
  nearestLimitInWords,
  termsInWords,
  verdictWord,
  type FindingWords,
  type Reader,
} from '#core/words'
import { hiveIn } from '#core/ask'

const UNITS = ['mm', 'inches'] as const
const VOCABULARIES = ['british', 'northAmerican'] as const

export const readerSchema = yup.object({
  units: yup.string().optional().oneOf(UNITS, 'units is neither mm nor inches'),
  words: yup.string().optional().oneOf(VOCABULARIES, 'words is neither british nor northAmerican'),
})

/** A hive as it is sent to be assessed. */
export interface AssessedHive {
  readonly yard: string
  readonly hive: string
  readonly hiveId: string
  readonly stage: Stage
  readonly worst: Grade
  readonly heightMm: number
  readonly gaps: readonly {
    readonly title: string
    readonly mm: number
    readonly plusMinusMm: number
    readonly madeOf: string
    readonly verdict: string
    readonly grade: Grade
    readonly nearestLimit: string
  }[]
  readonly findings: readonly (Omit<Finding, 'ways'> & { readonly words: FindingWords })[]
}

/** Every hive of a plan assessed, as data and in the reader's words. */
export function assessPlan(plan: Plan, reader: Reader): AssessedHive[] {
  return plan.yards.flatMap((yard) => {
    return yard.hives.map((hive): AssessedHive => {
      const { assessment } = hiveIn(yard, hive)
      return {
        yard: yard.name,
        hive: hive.name,
        hiveId: hive.id,
        stage: hive.stage,
        worst: assessment.worst,
        heightMm: assessment.heightMm,
        ...toldOf(assessment, catalogueOf(yard), reader),
      }
    })
  })
}

function toldOf(assessment: Assessment, catalogue: Catalogue, reader: Reader): Pick<AssessedHive, 'gaps' | 'findings'> {
  const names = partNames(assessment.assembled, reader.vocabulary)
  return {
    gaps: assessment.gaps.map((gap) => ({
      title: gapTitle(gap, names),
      mm: gap.mm,
      plusMinusMm: gap.plusMinusMm,
      madeOf: termsInWords(gap.terms, reader),
      verdict: verdictWord(gap, reader),
      grade: gap.grade,
      nearestLimit: nearestLimitInWords(gap, reader),
    })),
    findings: assessment.findings.map((finding) => {
      const { ways: _tried, ...data } = finding
      return { ...data, words: findingInWords(finding, names, catalogue, reader) }
    }),
  }
}
