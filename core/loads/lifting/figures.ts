import { massFigure, showLength, showMass, type Source, type UnitSystem } from '../../units'
import { LOAD_CONSTANT_KG, LOAD_CONSTANT_LB } from './equation'
import { ROOF_PILE_MM, STATURE_SHARES } from './profile'
import { CLOSE_CM, GUIDELINE_KG, ZONES } from './zones'

const MANUAL: Source = {
  mark: 'P',
  text:
    'Waters, Putz-Anderson & Garg, Applications Manual for the Revised NIOSH Lifting ' +
    'Equation, DHHS (NIOSH) 94-110, 1994, from memory',
}
const GUIDELINES: Source = {
  mark: 'P',
  text: 'HSE, Manual handling operations, L23, 4th ed., figure of guideline weights, from memory',
}
const BODY: Source = { mark: 'P', text: 'Drillis & Contini, body-segment proportions, from memory' }
const COMMON: Source = { mark: 'C', text: 'common practice of the trade' }
const MEMORY: Source = { mark: 'M', text: 'from memory, to be confirmed by measuring' }

/** One figure that lifts are judged with, in the reader's units. */
export interface LiftFigure {
  readonly key: string
  readonly what: string
  readonly value: string
  readonly source: Source
}

/** What lifts are judged with, each with its source. */
export const liftFigures = (units: UnitSystem): readonly LiftFigure[] => [
  {
    key: 'lift.constant',
    what: 'Lifting equation, load constant',
    value: units === 'mm' ? `${LOAD_CONSTANT_KG} kg` : `${LOAD_CONSTANT_LB} lb`,
    source: MANUAL,
  },
  {
    key: 'lift.multipliers',
    what: 'Lifting equation, multipliers',
    value:
      units === 'mm'
        ? '25/H; 1 − 0.003·|V − 75|; 0.82 + 4.5/D; 1 − 0.0032·A (cm)'
        : '10/H; 1 − 0.0075·|V − 30|; 0.82 + 1.8/D; 1 − 0.0032·A (in)',
    source: MANUAL,
  },
  {
    key: 'lift.reach',
    what: 'Reach where nobody measured it',
    value: `${showLength(200, units)} + W/2; ${showLength(250, units)} + W/2 with the hands lower than that`,
    source: MANUAL,
  },
  ...ZONES.map((zone) => ({
    key: `lift.zone.${zone}`,
    what: `Guideline weight, ${zone.replaceAll('-', ' ')}, close and away`,
    value: (['women', 'men'] as const)
      .map((who) => {
        const { close, away } = GUIDELINE_KG[zone][who]
        return `${who} ${massFigure(close, units, 0)} and ${showMass(away, units, 0)}`
      })
      .join(', '),
    source: GUIDELINES,
  })),
  {
    key: 'lift.close',
    what: 'Close to the body',
    value: `hands up to ${showLength(CLOSE_CM * 10, units)} in front`,
    source: MEMORY,
  },
  {
    key: 'lift.body',
    what: 'Shoulder, elbow, knuckle, lower leg of body height',
    value: `${STATURE_SHARES.shoulder}, ${STATURE_SHARES.elbow}, ${STATURE_SHARES.knuckle}, ${STATURE_SHARES.lowerLeg}`,
    source: BODY,
  },
  {
    key: 'lift.pile',
    what: 'Upturned roof that boxes are put on',
    value: showLength(ROOF_PILE_MM, units),
    source: COMMON,
  },
]
