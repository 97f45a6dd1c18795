import { defineEventHandler } from 'h3'
import type { Me } from '#wire/keepers'
import { isLoopbackOnly } from '../../utils/keeper'

/** Who asks, and what part is played in which yard. */
export default defineEventHandler((event): Me => {
  const { keeper } = event.context
  return {
    on: keeper !== null,
    keeper: keeper ? { id: keeper.id, name: keeper.name } : null,
    mayBegin: keeper === null && isLoopbackOnly(),
    plays: keeper?.plays ?? {},
  }
})
