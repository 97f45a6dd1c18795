export { reportOfDevice as default } from '../../../readings/report'
