/** A name in both vocabularies. */
export interface Label {
  readonly british: string
  readonly northAmerican: string
}

/** The words of a reader: those of the British trade, or of the North American one. */
export type Vocabulary = keyof Label

/** What a label says in a vocabulary. */
export function inWords(label: Label, vocabulary: Vocabulary): string {
  return label[vocabulary]
}
