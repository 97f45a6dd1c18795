import { defineEventHandler, setHeader } from 'h3'
import { methodsOf } from '#wire/openapi'
import { refusal } from '../utils/answers'

const PAGE_METHODS = ['GET', 'HEAD']

/** Refuses a method that an address does not have, with those that it has. */
export default defineEventHandler((event) => {
  const path = event.path.split('?')[0]!
  // What answers to GET answers to HEAD too: its body was left out when the request came in.
  if (event.method === 'HEAD' && path.startsWith('/api/') && methodsOf(path)?.includes('GET')) {
    event.node.req.method = 'GET'
    event._method = 'GET'
  }
  const allowed = path.startsWith('/api/') ? methodsOf(path) : PAGE_METHODS
  if (!allowed || allowed.includes(event.method)) return
  setHeader(event, 'allow', allowed.join(', '))
  throw refusal(405, {
    field: 'method',
    sentence: `This address does not take ${event.method}: it takes ${allowed.join(' and ')}.`,
  })
})
