// Devices that were set up before there was one address for all of them go on sending here.
export { reportOfDevice as default } from '../../../readings/report'
