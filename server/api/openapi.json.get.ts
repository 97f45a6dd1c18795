import { defineEventHandler } from 'h3'
import { openApiDocument } from '#wire/openapi'

export default defineEventHandler(openApiDocument)
