import { defineEventHandler } from 'h3'
import { planJsonSchema } from '#wire/plan-json-schema'

/** The published schema of the plan file. */
export default defineEventHandler(planJsonSchema)
