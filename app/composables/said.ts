import { inVocabulary, stageWord } from '#core/words'
import type { Stage } from '#core/yard'

/** A sentence of Duvet's own in the words of the reader; names that a keeper gave, within it, stay as they are. */
export const said = (text: string, names: readonly string[] = []): string =>
  inVocabulary(text, usePreferences().vocabulary, names)

/** What a stage is called by the reader. */
export const stageSaid = (stage: Stage): string => said(stageWord(stage))
