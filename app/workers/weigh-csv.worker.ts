import { expose } from 'comlink'
import { weightFile } from '#wire/readings/weight-file'

expose(weightFile())
