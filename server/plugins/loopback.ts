import { defineNitroPlugin } from 'nitropack/runtime'

// Read by the server's entry after its plugins are loaded: nothing but this machine unless a host is named.
process.env.NITRO_HOST ??= process.env.HOST ?? '127.0.0.1'

export default defineNitroPlugin(() => {})
