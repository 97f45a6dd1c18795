export { useJournal } from './store'
export { countOf, type SetAside, type Slip } from './machine'
export { device } from './kept/device'
