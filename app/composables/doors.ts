import { wrap, type Remote } from 'comlink'
import type { AssessDoor } from '~/workers/assess.worker'
import type { PlanDoor } from '~/workers/plan.worker'

let assess: Remote<AssessDoor> | undefined
let plan: Remote<PlanDoor> | undefined

/** The worker that looks at whole yards, opened once. */
export function assessDoor(): Remote<AssessDoor> {
  assess ??= wrap<AssessDoor>(new Worker(new URL('../workers/assess.worker.ts', import.meta.url), { type: 'module' }))
  return assess
}

/** The worker that writes years and days of a yard, opened when the first is asked for. */
export function planDoor(): Remote<PlanDoor> {
  plan ??= wrap<PlanDoor>(new Worker(new URL('../workers/plan.worker.ts', import.meta.url), { type: 'module' }))
  return plan
}
