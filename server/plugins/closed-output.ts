import { defineNitroPlugin } from 'nitropack/runtime'

/**
 * Whoever read what is printed here may be gone (a window closed, a pipe ended): what cannot be printed is lost, and is
 * no fault that would be printed in turn, over and over.
 */
export default defineNitroPlugin(() => {
  for (const output of [process.stdout, process.stderr])
    output.on('error', (error: NodeJS.ErrnoException) => {
      if (error.code !== 'EPIPE') throw error
    })
})
