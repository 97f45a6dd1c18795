import { expose } from 'comlink'
import { airFile } from '#wire/readings/air-file'

expose(airFile())
