/** How often a property is tried: so many times, and ten times as many where `npm test -- --long` asks for it. */
export const runs = (times: number): number => (process.env.DUVET_LONG ? 10 * times : times)
