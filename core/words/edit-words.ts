import { doesOf, type Doing, type Edit } from '../yard'

const WORDS: Readonly<Record<Doing, string>> = {
  'adding-a-part': 'adding a part',
  'taking-a-part-off': 'taking a part off',
  'moving-a-part': 'moving a part',
  'turning-a-part': 'turning or shifting a part',
  'swapping-a-part': 'swapping a part',
  'changing-a-part': 'changing a part',
  'changing-the-hive': 'changing the hive',
  accepting: 'accepting a finding',
  withdrawing: 'taking an acceptance back',
  'adding-a-hive': 'adding hive',
  'removing-a-hive': 'removing a hive',
  'laying-over': 'putting another version of',
  'changing-the-yard': 'changing the yard',
  overwriting: 'overwriting a figure',
  'taking-a-figure-back': 'taking a figure back',
  'keeping-a-pattern': 'keeping a pattern',
  'removing-a-pattern': 'removing a pattern',
  'adding-to-the-shed': 'adding to the shed',
  'dropping-from-the-shed': 'dropping from the shed',
  lending: 'lending to',
  'taking-back': 'taking back what was lent',
  borrowing: 'borrowing from',
  'giving-back': 'giving back what was borrowed',
  'changing-the-year': 'changing the year',
  'changing-a-plan': 'changing the plan of a hive',
  'starting-a-visit': 'starting a visit',
  ticking: 'ticking a step',
  'ending-a-visit': 'ending a visit',
  nothing: 'a change',
}

/** What an edit does, for the undo and redo buttons: `turning a part over`, `adding hive Twill`. */
export function editInWords(edit: Edit): string {
  const { doing, to } = doesOf(edit)
  return to === undefined ? WORDS[doing] : `${WORDS[doing]} ${to}`
}
