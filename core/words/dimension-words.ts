import type { DimensionName, HangingDimension } from '../parts'

const WORDS: Record<DimensionName | HangingDimension, string> = {
  topBarLength: 'Top bar length',
  topBarWidth: 'Top bar width',
  topBarThickness: 'Top bar thickness',
  lugThickness: 'Lug thickness',
  lengthOverEndBars: 'Length over end bars',
  endBarThickness: 'End bar thickness',
  bottomBarThickness: 'Bottom bar thickness',
  height: 'Frame height',
  spacing: 'Spacing',
  thickness: 'Thickness of the board',
  outsideLength: 'Outside length',
  outsideWidth: 'Outside width',
  insideLength: 'Inside length',
  insideWidth: 'Inside width',
  depth: 'Depth',
  restToRest: 'Rest to rest',
  restDepth: 'Frame rest below the rim',
  upperRecess: 'Space at the upper side',
  lowerRecess: 'Space at the lower side',
  rimDepth: 'Rim depth',
  rimWidth: 'Rim width',
  boardThickness: 'Board thickness',
  skirtDepth: 'Skirt depth',
  deckThickness: 'Deck thickness',
  gableHeight: 'Gable height',
  holeLength: 'Hole length',
  holeWidth: 'Hole width',
  openingWidth: 'Opening width',
  openingHeight: 'Opening height',
  fillDepth: 'Depth of the fill',
  nesting: 'Depth of the lip',
  divisionThickness: 'Thickness of the division',
  upperLength: 'Length of the box above',
  upperWidth: 'Width of the box above',
  lowerLength: 'Length of the box below',
  lowerWidth: 'Width of the box below',
}

export function dimensionWord(name: DimensionName | HangingDimension): string {
  return WORDS[name]
}
