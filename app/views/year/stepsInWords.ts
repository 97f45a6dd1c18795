import { catalogueOf, type Part } from '#core/parts'
import type { Yard } from '#core/yard'
import { partingFor, type HiveChangeover } from '#core/year'
import { stepOfVisitInWords, type Reader, type StepWords } from '#core/words'
import { hiveIn } from '#core/ask'

/** The steps of a changeover in words, by the names that the parts of the hive have now. */
export function stepsInWords(yard: Yard, changeover: HiveChangeover, reader: Reader, today: string): StepWords[] {
  const catalogue = catalogueOf(yard)
  const standing = yard.hives.find(({ id }) => id === changeover.hiveId)
  const known = standing && hiveIn(yard, standing)
  const to = {
    toStage: changeover.toStage,
    catalogue,
    parts: known?.parts ?? new Map<string, Part>(),
    names: known?.names(reader.vocabulary) ?? new Map<string, string>(),
    roleOf: (id: string) => standing?.stack.find(({ partId }) => partId === id)?.role,
    parting: partingFor(changeover.toStage, today, yard),
    food: yard.foods?.[changeover.hiveId],
  }
  // On paper the how stands with the cautions, to be read before the box is opened.
  return changeover.steps
    .map((step) => stepOfVisitInWords(step, to, reader))
    .map(({ text, why, how = [], cautions }) => ({ text, why, cautions: [...how, ...cautions] }))
}
