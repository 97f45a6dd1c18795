import fc from 'fast-check'
import { runs } from './runs'

fc.configureGlobal({ numRuns: runs(100) })
