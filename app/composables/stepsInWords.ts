import { catalogueOf } from '#core/catalogue'
import { partsById } from '#core/geometry'
import type { Yard } from '#core/hive'
import { COOL_MARITIME, daysToWinter, type HiveChangeover } from '#core/season'
import { stepOfVisitInWords, type Reader, type StepWords } from '#core/wording'
import { hiveIn } from '#core/hive-in'

/** The steps of a changeover in words, by the names that the parts of the hive have now. */
export function stepsInWords(yard: Yard, changeover: HiveChangeover, reader: Reader): StepWords[] {
  const catalogue = catalogueOf(yard)
  const standing = yard.hives.find(({ id }) => id === changeover.hiveId)
  const parts = partsById(yard)
  const to = {
    toStage: changeover.toStage,
    catalogue,
    parts,
    names: standing ? hiveIn(yard, standing).names(reader.vocabulary) : new Map<string, string>(),
    roleOf: (id: string) => standing?.stack.find(({ partId }) => partId === id)?.role,
    beforeWinterDays: daysToWinter(new Date().toISOString().slice(5, 10), yard.season?.calendar ?? COOL_MARITIME),
  }
  // On paper the how stands with the cautions, to be read before the box is opened.
  return changeover.steps
    .map((step) => stepOfVisitInWords(step, to, reader))
    .map((words) => ({ ...words, cautions: [...(words.how ?? []), ...words.cautions] }))
}
