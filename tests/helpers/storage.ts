/** As much of a browser's storage as the stores and the outbox ask for. */
export function storage(): Storage {
  const held: Record<string, string> = {}
  const own = {
    getItem: (key: string) => held[key] ?? null,
    setItem: (key: string, value: string) => {
      held[key] = value
    },
    removeItem: (key: string) => {
      Reflect.deleteProperty(held, key)
    },
  }
  return new Proxy(own as unknown as Storage, {
    ownKeys: () => Object.keys(held),
    getOwnPropertyDescriptor: (_target, key) =>
      key in held ? { enumerable: true, configurable: true, value: held[String(key)] } : undefined,
    get: (target, key) => Reflect.get(target, key) as unknown,
  })
}
