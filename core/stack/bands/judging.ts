import type { Figures } from '../../figures'
import { catalogueOf, type Catalogue } from '../../parts'
import type { Stage, Yard } from '../../yard'
import { bandOf, type Band } from './band'

/** What gaps are judged by in a yard: its patterns, its figures, and what it takes for bee space. */
export interface Judging {
  readonly catalogue: Catalogue
  readonly figures: Figures
  readonly band: Band
}

/** The same at a stage of the year: an open space over the frames is put up with for a time. */
export interface JudgingAt extends Judging {
  readonly stage: Stage
}

/** What the gaps of a yard are judged by. */
export function judgingOf(yard: Yard): Judging {
  const catalogue = catalogueOf(yard)
  return { catalogue, figures: catalogue.figures, band: bandOf(yard.band, catalogue.figures) }
}
