export { useJournal } from './store'
export type { NewSlip } from './deeds'
export { countOf, type SetAside, type Slip } from './machine'
export { device } from './kept/device'
